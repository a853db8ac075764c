import { paragraphHeight, type TextStyle, writeParagraph } from '../page.ts';
import { MARGIN } from '../sheet.ts';
import { FRESH, innerWidth, lowest, type Pages, turnPage } from './pages.ts';

/** A column of a table: its head, its width in points, how it is set. */
export interface Column {
  name: string;
  /** Part of the width that it takes; together they make one. */
  share: number;
}

/** Text, in bold or not, or an empty line to write on. */
export type Cell = string | { strong: string } | { line: true };

/** The part of a page's width that a table takes. Points */
export interface Strip {
  x: number;
  width: number;
}

/** The whole width between the margins. */
export const wholeWidth = (pages: Pages): Strip => ({ x: MARGIN, width: innerWidth(pages) });

const GAP = 7;
const PAD = 2.5;

const HEAD = 1.9;

/** A table over as many pages as it takes; each has the heads of its columns. A row is never parted. size: of the letters, points. */
export function table(pages: Pages, columns: Column[], rows: Cell[][], size = 9): void {
  const strip = wholeWidth(pages);
  let left = rows;
  while (left.length > 0) {
    const fitting = rowsThatFit(pages, columns, left, size, strip);
    if (fitting === 0 && pages.y > FRESH) turnPage(pages);
    else {
      // What is taller than a page goes on one of its own all the same.
      tablePart(pages, columns, left.slice(0, Math.max(fitting, 1)), size, strip);
      left = left.slice(Math.max(fitting, 1));
      if (left.length > 0) turnPage(pages);
    }
  }
}

/** Heads and rows from where the page is at, in a strip of it. */
export function tablePart(pages: Pages, columns: Column[], rows: Cell[][], size: number, strip: Strip): void {
  const places = placesOf(columns, strip);
  head(pages, columns, places, size, strip);
  for (const row of rows) {
    drawRow(pages, row, places, size);
    pages.y += rowHeight(pages, row, places, size);
  }
}

/** How many of the rows, with the heads over them, go on what is left of the page. */
export function rowsThatFit(
  pages: Pages,
  columns: Column[],
  rows: Cell[][],
  size: number,
  strip: Strip,
): number {
  const places = placesOf(columns, strip);
  let y = pages.y + size * HEAD;
  const first = rows.findIndex((row) => {
    y += rowHeight(pages, row, places, size);
    return y > lowest(pages) + PAD;
  });
  return first < 0 ? rows.length : first;
}

interface Place {
  x: number;
  width: number;
}

function placesOf(columns: Column[], strip: Strip): Place[] {
  let { x } = strip;
  return columns.map(({ share }) => {
    const place = { x, width: share * strip.width - GAP };
    x += share * strip.width;
    return place;
  });
}

const styleOf = (cell: Cell, size: number): TextStyle => ({
  font: typeof cell === 'object' && 'strong' in cell ? 'label-600' : 'label-500',
  size,
});

const textOf = (cell: Cell): string =>
  typeof cell === 'string' ? cell : 'strong' in cell ? cell.strong : '';

function rowHeight({ doc }: Pages, row: Cell[], places: Place[], size: number): number {
  const heights = row.map((cell, i) =>
    paragraphHeight(doc, textOf(cell), places[i]?.width ?? 0, styleOf(cell, size)),
  );
  const least = row.some((cell) => typeof cell === 'object' && 'line' in cell) ? size * 2 : 0;
  return Math.max(...heights, least) + PAD;
}

function drawRow({ doc, y }: Pages, row: Cell[], places: Place[], size: number): void {
  for (const [i, cell] of row.entries()) {
    const place = places[i];
    if (!place) continue;
    if (typeof cell === 'object' && 'line' in cell)
      doc
        .moveTo(place.x, y + size * 0.9)
        .lineTo(place.x + place.width, y + size * 0.9)
        .lineWidth(0.5)
        .strokeColor('#000')
        .undash()
        .stroke();
    else writeParagraph(doc, textOf(cell), place.x, y, place.width, styleOf(cell, size));
  }
}

function head(pages: Pages, columns: Column[], places: Place[], size: number, { x, width }: Strip): void {
  const { doc } = pages;
  drawRow(
    pages,
    columns.map(({ name }) => ({ strong: name })),
    places,
    size,
  );
  pages.y += size * 0.45;
  doc
    .moveTo(x, pages.y)
    .lineTo(x + width, pages.y)
    .lineWidth(0.6)
    .strokeColor('#000')
    .undash()
    .stroke();
  pages.y += size * (HEAD - 0.45);
}
