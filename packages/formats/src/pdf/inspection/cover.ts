import { chosenBook, type Finding, formatWithUnit, type Status } from '@gyrus/core';
import { thingWords } from '../../words/findings/assumed.ts';
import { briefChoiceWords as words } from '../../words/books/briefChoice.ts';
import { provenanceWords } from '../../words/findings/finding.ts';
import { dayWords } from '../../words/moment.ts';
import { massWords, runWords } from '../../words/printUnits.ts';
import { type TextStyle, writeParagraph, writeText } from '../page.ts';
import { MARGIN } from '../sheet.ts';
import { innerWidth, type Pages } from '../pages/pages.ts';
import { type InspectionRequest } from './request.ts';
import { findingList } from './findingList.ts';
import { BODY, letterOf } from './coverStyle.ts';

const STRONG = { font: 'label-600', size: 9 } as const;

const LOUD = { font: 'label-600', size: 10 } as const;

/** What the car is, by which books, what is out and what is to be looked at: within a minute's reading. */
export function coverPage(pages: Pages, request: InspectionRequest): void {
  const { doc } = pages;
  const { plan, job } = request;
  writeText(doc, plan.brief.car || job, MARGIN, pages.y + 12, { font: 'label-600', size: 20 });
  pages.y += 30;
  const half = innerWidth(pages) / 2 - 12;
  const top = pages.y;
  const left = carFacts(pages, request, half);
  pages.y = top;
  const right = bookFacts(pages, request, MARGIN + half + 24, half);
  pages.y = Math.max(left, right) + 2;
  notMeasured(pages, request);
  findingList(pages, request);
}

/** A line of a label and what it says; returns the line after it. */
function fact(pages: Pages, label: string, text: string, x: number, width: number): void {
  const indent = 92;
  writeText(pages.doc, label, x, pages.y, BODY);
  pages.y = writeParagraph(pages.doc, text, x + indent, pages.y, width - indent, STRONG);
}

function carFacts(
  pages: Pages,
  { plan, evaluation, revision, style }: InspectionRequest,
  width: number,
): number {
  const { brief, occupants } = plan;
  const tell = (label: string, text: string) => fact(pages, label, text || 'not entered', MARGIN, width);
  tell('series', brief.series);
  tell('weight', brief.carWeight ? `${massWords(brief.carWeight.kg, style)}, ready to race` : '');
  tell('year, roof', `${brief.buildYear ?? 'year not entered'}, ${brief.roof}`);
  tell('built', `${words(brief.built)}, ${words(brief.joining)}; ${words(brief.use)}`);
  tell('feet on', words(brief.feetOn));
  tell('drivers', brief.drivers.join(', '));
  tell('seats', occupants.map(({ name }) => name || 'somebody').join(', ') || 'nobody seated yet');
  const { tubes, metres, mass } = evaluation.totals;
  tell(
    'tube',
    `${tubes} tubes, ${runWords(metres * 1000, style)}, ${massWords(mass, style, 1)} with plates and gussets`,
  );
  tell(
    'revision',
    `${revision.number}, saved by ${revision.author || 'somebody without a name'} on ${dayWords(revision.on)}`,
  );
  return pages.y;
}

function bookFacts(
  pages: Pages,
  { plan, books, findings }: InspectionRequest,
  x: number,
  width: number,
): number {
  const { doc } = pages;
  const write = (text: string, style: TextStyle, at = x) => {
    pages.y = writeParagraph(doc, text, at, pages.y, width - (at - x), style);
  };
  if (plan.brief.books.length === 0) write('No rule book is chosen: nothing was checked against one.', LOUD);
  for (const [i, chosen] of plan.brief.books.entries()) {
    const book = chosenBook(books, chosen);
    writeText(doc, letterOf(i), x, pages.y, STRONG);
    if (!book) {
      write(`${chosen.book}: not on this machine, nothing was checked against it`, STRONG, x + INDENT);
      continue;
    }
    const named = book.classes.find(({ id }) => id === chosen.class)?.title;
    const about = [
      `edition ${book.edition}`,
      book.classes.length > 0 ? `class ${named ?? 'not chosen'}` : '',
      `${provenanceWords[book.provenance]}${book.provenance === 'invented' ? '' : ` (${book.source})`}`,
    ];
    write(`${book.title}; ${about.filter(Boolean).join('; ')}`, STRONG, x + INDENT);
    write(countWords(findings.filter(({ rule }) => rule?.book === chosen.book)), BODY, x + INDENT);
  }
  write(`besides the books: ${countWords(findings.filter(({ rule }) => rule === null))}`, BODY);
  return pages.y;
}

const INDENT = 14;

/** `2 out, 3 to look at, 4 asked (1 would be out), 80 clear`. */
function countWords(findings: Finding[]): string {
  const count = (status: Status) => findings.filter((one) => one.status === status).length;
  const would = findings.filter((one) => one.would === 'out').length;
  return `${count('out')} out, ${count('look')} to look at, ${count('ask')} asked${would > 0 ? ` (${would} would be out)` : ''}, ${count('clear')} clear`;
}

const MOST_NAMED = 6;

/** What nobody measured, and how far tape and protractor are trusted. */
function notMeasured(pages: Pages, { plan, evaluation, style }: InspectionRequest): void {
  const { doc } = pages;
  const names = evaluation.assumed.map(({ name }) => thingWords(name));
  const more = names.length - MOST_NAMED;
  const text =
    names.length === 0
      ? 'Every figure that the cage rests on was measured or chosen by somebody.'
      : `ASSUMED, NOT MEASURED: ${names.slice(0, MOST_NAMED).join('; ')}${more > 0 ? `; and ${more} more` : ''}. What rests on it is asked.`;
  pages.y = writeParagraph(doc, text, MARGIN, pages.y, innerWidth(pages), names.length > 0 ? LOUD : BODY);
  const { mm, deg } = plan.measuringError;
  pages.y = writeParagraph(
    doc,
    `Within ${formatWithUnit(mm, style)} or ${deg}° of a limit, which tape and protractor cannot tell, it is to be looked at. The figures follow from the plan; what was built is to be measured. This sheet says what was measured against what, and judges nothing.`,
    MARGIN,
    pages.y,
    innerWidth(pages),
    { ...BODY, size: 8.5 },
  );
}
