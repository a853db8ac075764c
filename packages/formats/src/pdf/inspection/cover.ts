import {
  chosenBook,
  type Finding,
  formatWithUnit,
  type LengthStyle,
  type Plan,
  type Status,
} from '@gyrus/core';
import { thingWords } from '../../words/findings/assumed.ts';
import { briefChoiceWords as words } from '../../words/books/briefChoice.ts';
import { grouped } from '../../words/findings/grouped.ts';
import { findingFigure, provenanceWords } from '../../words/findings/finding.ts';
import { findingKind } from '../../words/findings/findingKinds.ts';
import { type FindingLine, linesOf } from '../../words/findings/findingLines.ts';
import { massWords, runWords } from '../../words/printUnits.ts';
import { type TextStyle, writeParagraph, writeText } from '../page.ts';
import { MARGIN } from '../sheet.ts';
import { heading, innerWidth, type Pages, turnPage } from './pages.ts';
import { dayOf, type InspectionRequest } from './request.ts';
import { type Cell, type Column, rowsThatFit, type Strip, table, tablePart, wholeWidth } from './table.ts';

const BODY = { font: 'label-500', size: 9 } as const;
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
    `${revision.number}, saved by ${revision.author || 'somebody without a name'} on ${dayOf(revision.on)}`,
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
/** A book in the list below: A, B, C. */
const letterOf = (place: number): string => String.fromCharCode(65 + place);

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

const WIDE: Column[] = [
  { name: '', share: 0.05 },
  { name: 'what', share: 0.27 },
  { name: 'tubes and parts', share: 0.34 },
  { name: 'found', share: 0.1 },
  { name: 'limit', share: 0.1 },
  { name: 'book and clause', share: 0.14 },
];
const NARROW: Column[] = [
  { name: '', share: 0.07 },
  { name: 'what', share: 0.3 },
  { name: 'tubes and parts', share: 0.26 },
  { name: 'found', share: 0.11 },
  { name: 'limit', share: 0.11 },
  { name: 'book', share: 0.15 },
];
/** Letters are made smaller, then the list goes into two columns, until all that is out stands on the first page. Points */
const WIDE_SIZES = [9, 8.5, 8];
const SMALLEST = 6;
const NARROW_SIZES = [8, 7.5, 7, 6.5, SMALLEST];
const BETWEEN = 20;

/** Everything out and to look at, from the books and besides them: a line for each kind. */
function findingList(pages: Pages, { plan, findings, style }: InspectionRequest): void {
  const of = (status: Status) => findings.filter((one) => one.status === status);
  const [out, look] = [of('out'), of('look')];
  heading(
    pages,
    'Out, and to look at',
    `${out.length} out, ${look.length} to look at, from the books and besides them`,
  );
  const rows = (given: Finding[]) => linesOf(given, plan).map((line) => rowOf(line, plan, style));
  const outRows = rows(out);
  const all = [...outRows, ...rows(look)];
  if (all.length === 0) {
    pages.y = writeParagraph(
      pages.doc,
      'Nothing is out, and nothing is to be looked at.',
      MARGIN,
      pages.y,
      innerWidth(pages),
      BODY,
    );
    return;
  }
  const size = WIDE_SIZES.find((one) => rowsThatFit(pages, WIDE, all, one, wholeWidth(pages)) === all.length);
  if (size === undefined) return inTwoColumns(pages, all, outRows);
  table(pages, WIDE, all, size);
}

/** The list in two columns, as small as what is out needs to stand on this page; the rest goes on over the page. */
function inTwoColumns(pages: Pages, all: Cell[][], out: Cell[][]): void {
  const strips = stripsOf(pages);
  const fits = (rows: Cell[][]) =>
    NARROW_SIZES.find((size) => {
      const left = rowsThatFit(pages, NARROW, rows, size, strips[0]);
      return left + rowsThatFit(pages, NARROW, rows.slice(left), size, strips[1]) === rows.length;
    });
  const size = fits(all) ?? fits(out) ?? SMALLEST;
  let rest = all;
  const top = pages.y;
  for (const strip of strips) {
    pages.y = top;
    const own = rest.slice(0, rowsThatFit(pages, NARROW, rest, size, strip));
    if (own.length > 0) tablePart(pages, NARROW, own, size, strip);
    rest = rest.slice(own.length);
  }
  if (rest.length === 0) return;
  turnPage(pages);
  heading(pages, 'Out, and to look at', 'continued');
  table(pages, WIDE, rest);
}

function stripsOf(pages: Pages): [Strip, Strip] {
  const width = (innerWidth(pages) - BETWEEN) / 2;
  return [
    { x: MARGIN, width },
    { x: MARGIN + width + BETWEEN, width },
  ];
}

function rowOf({ worst, stamps, rules, all }: FindingLine, plan: Plan, style: LengthStyle): Cell[] {
  const times = all.length > 1 && stamps.length < all.length ? ` (${all.length} times)` : '';
  return [
    { strong: worst.status },
    { strong: findingKind(worst.code) + times },
    stamps.join(', '),
    findingFigure(worst, 'measured', style),
    findingFigure(worst, 'limit', style),
    rules.length === 0 ? 'besides' : clausesOf(rules, plan),
  ];
}

/** `A 4.1, 4.2; B S 1`: books by their letters. */
const clausesOf = (rules: FindingLine['rules'], { brief }: Plan): string =>
  [...grouped(rules, ({ book }) => book)]
    .map(([book, own]) => {
      const letter = letterOf(brief.books.findIndex((one) => one.book === book));
      return `${letter} ${[...new Set(own.map(({ clause }) => clause))].join(', ')}`;
    })
    .join('; ');
