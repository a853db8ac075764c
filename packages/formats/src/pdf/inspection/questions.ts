import { findingWords } from '../../words/findings/finding.ts';
import { linesOf } from '../../words/findings/findingLines.ts';
import { assumedValue, thingWords } from '../../words/findings/assumed.ts';
import { heading, type Pages, turnPage } from '../pages/pages.ts';
import { type InspectionRequest } from './request.ts';
import { table } from '../pages/table.ts';

/** Questions that are open, each once, with the tubes and clauses that ask it, and room for the answer. */
export function openQuestions(pages: Pages, { plan, findings, style }: InspectionRequest): void {
  const open = findings.filter(({ status }) => status === 'ask');
  if (open.length === 0) return;
  turnPage(pages, 'Still to be answered');
  heading(pages, 'Still to be answered', 'the answer, and who gave it');
  // A plate is asked about like the others under the same clause; what else is asked is the same where its words are.
  const lines = linesOf(open, plan, (finding) =>
    finding.code === 'plate-welded'
      ? `${finding.code}/${finding.rule?.book}/${finding.rule?.clause}`
      : findingWords(finding, style),
  );
  table(
    pages,
    [
      { name: 'book and clause', share: 0.2 },
      { name: 'tubes and parts', share: 0.15 },
      { name: 'question', share: 0.4 },
      { name: 'answer', share: 0.16 },
      { name: 'initials', share: 0.09 },
    ],
    lines.map(({ worst, stamps, rules }) => [
      rules.map(({ bookTitle, clause }) => `${bookTitle}, ${clause}`).join('; ') || 'besides the books',
      stamps.join(', '),
      findingWords(worst, style),
      { line: true },
      { line: true },
    ]),
  );
}

/** What the program put in and nobody measured or chose, figure by figure. */
export function assumedTable(pages: Pages, { evaluation, style }: InspectionRequest): void {
  if (evaluation.assumed.length === 0) return;
  turnPage(pages, 'Assumed, not measured');
  heading(pages, 'Assumed, not measured', 'what rests on it is asked, and is neither clear nor out');
  table(
    pages,
    [
      { name: 'of what', share: 0.5 },
      { name: 'as assumed', share: 0.25 },
      { name: 'measured', share: 0.16 },
      { name: 'initials', share: 0.09 },
    ],
    evaluation.assumed.map(({ name, figures }) => [
      thingWords(name),
      figures.map(({ value, axis }) => `${axis ? `${axis} ` : ''}${assumedValue(value, style)}`).join(', ') ||
        'nothing known',
      { line: true },
      { line: true },
    ]),
  );
}
