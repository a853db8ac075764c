import { type Finding, passedOver, type RuleSource, type Status } from '@gyrus/core';
import { holdsWords } from '../../words/books/conditions.ts';
import { grouped } from '../../words/findings/grouped.ts';
import { findingFigure, provenanceWords } from '../../words/findings/finding.ts';
import { linesOf, lineWords } from '../../words/findings/findingLines.ts';
import { passedOverWords } from '../../words/books/passedOver.ts';
import { heading, type Pages, turnPage } from '../pages/pages.ts';
import { type InspectionRequest } from './request.ts';
import { type Cell, type Column, table } from '../pages/table.ts';

const COLUMNS: Column[] = [
  { name: 'clause', share: 0.07 },
  { name: 'the rule, as it was entered', share: 0.22 },
  { name: 'found', share: 0.05 },
  { name: 'tubes and parts', share: 0.12 },
  { name: 'what', share: 0.3 },
  { name: 'measured', share: 0.08 },
  { name: 'limit', share: 0.08 },
  { name: 'margin', share: 0.08 },
];
const ORDER: Record<Status, number> = { out: 0, look: 1, ask: 2, clear: 3 };

/** Book by book, rule by rule beside its own text: a line for each kind of finding, what is out first. Questions have a list of their own. */
export function bookTables(pages: Pages, request: InspectionRequest): void {
  const { plan, findings } = request;
  const ruled = findings.filter(({ rule, status }) => rule && status !== 'ask');
  for (const chosen of plan.brief.books) {
    const own = ruled.filter(({ rule }) => rule?.book === chosen.book);
    const source = own[0]?.rule;
    if (!source) continue;
    turnPage(pages, `${source.bookTitle}, edition ${source.edition}`);
    heading(pages, source.bookTitle, `edition ${source.edition}; ${provenanceWords[source.provenance]}`);
    table(pages, COLUMNS, ruleRows(own, request));
    notAbout(pages, request, chosen.book);
  }
}

function ruleRows(findings: Finding[], { plan, style }: InspectionRequest): Cell[][] {
  const rules = [...grouped(findings, ({ rule }) => ruleKey(rule as RuleSource)).values()];
  const worst = (own: Finding[]) => Math.min(...own.map(({ status }) => ORDER[status]));
  return rules
    .sort((a, b) => worst(a) - worst(b))
    .flatMap((own) => {
      const { clause, text, holds } = own[0]?.rule as RuleSource;
      const when = holdsWords(holds, style);
      const lines = linesOf(own, plan).sort((a, b) => ORDER[a.worst.status] - ORDER[b.worst.status]);
      return lines.map((line, i): Cell[] => [
        i === 0 ? { strong: clause } : '',
        i === 0 ? `${text}${when ? ` (${when})` : ''}` : '',
        { strong: line.worst.status },
        line.stamps.join(', '),
        lineWords(line, plan, style),
        ...(['measured', 'limit', 'margin'] as const).map((which) => findingFigure(line.worst, which, style)),
      ]);
    });
}

const ruleKey = ({ clause, text }: RuleSource): string => `${clause}/${text}`;

/** Rules that say nothing of this cage, so that their silence is seen. */
function notAbout(pages: Pages, { plan, books, style }: InspectionRequest, book: string): void {
  const rules = passedOver(plan, books).filter(({ source }) => source.book === book);
  if (rules.length === 0) return;
  heading(pages, 'Not about this cage');
  table(
    pages,
    [
      { name: 'clause', share: 0.1 },
      { name: 'the rule, as it was entered', share: 0.5 },
      { name: 'why', share: 0.4 },
    ],
    rules.map((one) => [{ strong: one.source.clause }, one.source.text, passedOverWords(one, style)]),
  );
}

/** What is found besides the books. */
export function besidesTable(pages: Pages, { plan, findings, style }: InspectionRequest): void {
  const besides = findings.filter(({ rule, status }) => !rule && (status === 'out' || status === 'look'));
  if (besides.length === 0) return;
  turnPage(pages, 'Besides the books');
  heading(pages, 'Besides the books', 'what no rule says, and the fabricator wants to know');
  const lines = linesOf(besides, plan).sort((a, b) => ORDER[a.worst.status] - ORDER[b.worst.status]);
  table(
    pages,
    [
      { name: 'found', share: 0.06 },
      { name: 'tubes and parts', share: 0.2 },
      { name: 'what', share: 0.74 },
    ],
    lines.map((line) => [
      { strong: line.worst.status },
      line.stamps.join(', '),
      lineWords(line, plan, style),
    ]),
  );
}
