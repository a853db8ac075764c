import { type FlatOutline, onArc, radians, type TrueLine, pairOf } from '@gyrus/core';
import { type Doc, newDocument, type Paper, paperSize, writeText } from './page.ts';
import { type ShopMoment } from '../words/moment.ts';
import { originWords } from './sheet.ts';
import { checkBar, MM, placeOutline } from './trueSize.ts';

/** Left free round a page, where printers print nothing, and shared with the next page. mm */
export const MARGIN = 12;
const OVERLAP = 10;
/** The bar that a rule is laid to, to see that nothing was scaled. mm */
export const CHECK_BAR = 100;

/** What is printed at true size, and on what paper. */
export interface OutlineRequest {
  outline: FlatOutline;
  paper: Paper;
  job: string;
  revision: number;
  printed: ShopMoment;
  /** Of the job. */
  car: string;
}

/** How the pages lie beside each other, and what of the outline each shows. mm */
interface Tiling {
  columns: number;
  rows: number;
  /** Of the outline that each page adds to the ones before. */
  step: [number, number];
}

/** A flat tube at true size over as many pages as it takes, with marks to lay them over each other and a check bar. */
export function outlinePdf(request: OutlineRequest): Doc {
  const { outline, paper, printed } = request;
  const doc = newDocument(paper, `Outline of ${outline.stamp}`, printed);
  tilePages(doc, request);
  doc.end();
  return doc;
}

/** The outline over as many pages as it takes, from the page that the document is at. */
export function tilePages(doc: Doc, request: Omit<OutlineRequest, 'printed'>): void {
  const { outline, paper } = request;
  const tiling = tilingOf(outline, paper);
  const tiles = tilesWithLines(outline, tiling);
  for (const [i, [column, row]] of tiles.entries()) {
    if (i > 0) doc.addPage();
    drawTile(doc, request, tiling, column, row, `page ${i + 1} of ${tiles.length}`);
  }
}

/** As few pages as hold the outline with a shared strip between neighbours. */
export function tilingOf({ width, height }: Pick<FlatOutline, 'width' | 'height'>, paper: Paper): Tiling {
  const [pageWidth, pageHeight] = pairOf(paperSize[paper], (points) => points / MM);
  const step: [number, number] = [pageWidth - 2 * MARGIN - OVERLAP, pageHeight - 2 * MARGIN - OVERLAP];
  const count = (size: number, one: number) => Math.max(1, Math.ceil((size - OVERLAP) / one));
  return { columns: count(width, step[0]), rows: count(height, step[1]), step };
}

/** Column and row of every page that shows some of the outline: the empty middle of a hoop is not printed. */
export function tilesWithLines(
  { edges }: Pick<FlatOutline, 'edges'>,
  { columns, rows, step }: Tiling,
): [number, number][] {
  const seen = new Set<string>();
  const see = (x: number, y: number) => {
    for (const column of [Math.floor(x / step[0]), Math.floor((x - OVERLAP) / step[0])])
      for (const row of [Math.floor(y / step[1]), Math.floor((y - OVERLAP) / step[1])])
        seen.add(`${column}/${row}`);
  };
  for (const line of edges) for (const [x, y] of placesOn(line)) see(x, y);
  return Array.from({ length: rows * columns }, (_, i): [number, number] => [
    i % columns,
    Math.floor(i / columns),
  ]).filter(([column, row]) => seen.has(`${column}/${row}`));
}

/** Places along a line, a few millimetres apart. */
function placesOn(line: TrueLine): (readonly [number, number])[] {
  const SPACING = 4;
  if (line.kind === 'line') {
    const [dx, dy] = [line.to[0] - line.from[0], line.to[1] - line.from[1]];
    const steps = Math.max(1, Math.ceil(Math.hypot(dx, dy) / SPACING));
    return Array.from({ length: steps + 1 }, (_, i) => [
      line.from[0] + (dx * i) / steps,
      line.from[1] + (dy * i) / steps,
    ]);
  }
  const turn = line.to - line.from;
  const steps = Math.max(1, Math.ceil((line.radius * radians(turn)) / SPACING));
  return Array.from({ length: steps + 1 }, (_, i) => onArc(line, line.from + (turn * i) / steps));
}

function drawTile(
  doc: Doc,
  request: Omit<OutlineRequest, 'printed'>,
  tiling: Tiling,
  column: number,
  row: number,
  page: string,
): void {
  const { outline, paper } = request;
  const [width, height] = paperSize[paper];
  const [left, bottom] = [column * tiling.step[0], row * tiling.step[1]];
  const shown = [tiling.step[0] + OVERLAP, tiling.step[1] + OVERLAP] as const;
  doc.save();
  doc.rect(MARGIN * MM, MARGIN * MM, shown[0] * MM, shown[1] * MM).clip();
  // The page's part of the outline lies at its corner.
  placeOutline(doc, outline, (MARGIN - left) * MM, height - (MARGIN - bottom) * MM);
  doc.restore();
  overlapMarks(doc, tiling, column, row, height, shown);
  checkBar(doc, CHECK_BAR, width - MARGIN * MM, height - 14);
  const place = `${page}, column ${column + 1}, row ${row + 1} from below`;
  writeText(
    doc,
    `${outline.stamp}, outline at true size. ${originWords(request)}. ${place}. Print at 100 %.`,
    MARGIN * MM,
    MARGIN * MM - 8,
    { font: 'label-600', size: 9 },
  );
}

/** Crosses in the shared strip: those of one page lie over those of the next. */
function overlapMarks(
  doc: Doc,
  tiling: Tiling,
  column: number,
  row: number,
  height: number,
  shown: readonly [number, number],
): void {
  const cross = (x: number, y: number) => {
    const [px, py] = [(MARGIN + x) * MM, height - (MARGIN + y) * MM];
    doc
      .moveTo(px - 6, py)
      .lineTo(px + 6, py)
      .moveTo(px, py - 6)
      .lineTo(px, py + 6);
  };
  doc.lineWidth(0.5).strokeColor('#000');
  const middle = OVERLAP / 2;
  for (const share of [0.2, 0.8]) {
    if (column > 0) cross(middle, shown[1] * share);
    if (column < tiling.columns - 1) cross(tiling.step[0] + middle, shown[1] * share);
    if (row > 0) cross(shown[0] * share, middle);
    if (row < tiling.rows - 1) cross(shown[0] * share, tiling.step[1] + middle);
  }
  doc.stroke();
}
