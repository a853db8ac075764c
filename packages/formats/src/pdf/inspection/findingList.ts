import { type Finding, type LengthStyle, type Plan, type Status } from '@gyrus/core';
import { grouped } from '../../words/findings/grouped.ts';
import { findingFigure } from '../../words/findings/finding.ts';
import { findingKind } from '../../words/findings/findingKinds.ts';
import { type FindingLine, linesOf } from '../../words/findings/findingLines.ts';
import { writeParagraph } from '../page.ts';
import { MARGIN } from '../sheet.ts';
import { heading, innerWidth, type Pages, turnPage } from '../pages/pages.ts';
import { type InspectionRequest } from './request.ts';
import {
  type Cell,
  type Column,
  rowsThatFit,
  type Strip,
  table,
  tablePart,
  wholeWidth,
} from '../pages/table.ts';
import { letterOf, BODY } from './coverStyle.ts';

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
export function findingList(pages: Pages, { plan, findings, style }: InspectionRequest): void {
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
