import { type FlatOutline, type TrueLine } from '@gyrus/core';
import { type Doc, newDocument, type Paper, paperSize, writeText } from './page.ts';

/** Points of a PDF to the millimetre. */
const MM = 72 / 25.4;
/** Left free round a page, where printers print nothing, and shared with the next page. mm */
const MARGIN = 12;
const OVERLAP = 10;
/** The bar that a rule is laid to, to see that nothing was scaled. mm */
const CHECK_BAR = 100;

export interface OutlineRequest {
  outline: FlatOutline;
  paper: Paper;
  job: string;
  revision: number;
  printed: Date;
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
  const tiling = tilingOf(outline, paper);
  const tiles = tilesWithLines(outline, tiling);
  for (const [i, [column, row]] of tiles.entries()) {
    if (i > 0) doc.addPage();
    drawTile(doc, request, tiling, column, row, `page ${i + 1} of ${tiles.length}`);
  }
  doc.end();
  return doc;
}

/** As few pages as hold the outline with a shared strip between neighbours. */
export function tilingOf({ width, height }: Pick<FlatOutline, 'width' | 'height'>, paper: Paper): Tiling {
  const [pageWidth, pageHeight] = paperSize[paper].map((points) => points / MM) as [number, number];
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
function placesOn(line: TrueLine): [number, number][] {
  const SPACING = 4;
  if (line.kind === 'line') {
    const [dx, dy] = [line.to[0] - line.from[0], line.to[1] - line.from[1]];
    const steps = Math.max(1, Math.ceil(Math.hypot(dx, dy) / SPACING));
    return Array.from({ length: steps + 1 }, (_, i) => [
      line.from[0] + (dx * i) / steps,
      line.from[1] + (dy * i) / steps,
    ]);
  }
  const turn = ((line.to - line.from) * Math.PI) / 180;
  const steps = Math.max(1, Math.ceil((line.radius * turn) / SPACING));
  return Array.from({ length: steps + 1 }, (_, i) => {
    const angle = (line.from * Math.PI) / 180 + (turn * i) / steps;
    return [line.centre[0] + line.radius * Math.cos(angle), line.centre[1] + line.radius * Math.sin(angle)];
  });
}

function drawTile(
  doc: Doc,
  request: OutlineRequest,
  tiling: Tiling,
  column: number,
  row: number,
  page: string,
): void {
  const { outline, job, revision, paper } = request;
  const [width, height] = paperSize[paper];
  const [left, bottom] = [column * tiling.step[0], row * tiling.step[1]];
  const shown = [tiling.step[0] + OVERLAP, tiling.step[1] + OVERLAP] as const;
  doc.save();
  doc.rect(MARGIN * MM, MARGIN * MM, shown[0] * MM, shown[1] * MM).clip();
  // Millimetres from here on, up is up, and the page's part of the outline at its corner.
  doc.transform(MM, 0, 0, -MM, MARGIN * MM, height - MARGIN * MM);
  doc.translate(-left, -bottom);
  stroke(doc, outline.edges, 0.4);
  doc.dash(10, { space: 3 });
  stroke(doc, outline.axis, 0.15);
  doc.undash();
  stroke(doc, outline.tangents, 0.25);
  doc.restore();
  overlapMarks(doc, tiling, column, row, height, shown);
  checkBar(doc, width, height);
  const place = `${page}, column ${column + 1}, row ${row + 1} from below`;
  writeText(
    doc,
    `${outline.stamp}, outline at true size. ${job}, revision ${revision}. ${place}. Print at 100 %.`,
    MARGIN * MM,
    MARGIN * MM - 8,
    { font: 'label-600', size: 9 },
  );
}

function stroke(doc: Doc, lines: TrueLine[], width: number): void {
  doc.lineWidth(width).strokeColor('#000');
  doc.path(lines.map(pathOf).join(' ')).stroke();
}

/** A line in the outline's own millimetres, where up is up: an arc runs the way its angle grows. */
function pathOf(line: TrueLine): string {
  if (line.kind === 'line') return `M${line.from.join(' ')}L${line.to.join(' ')}`;
  const on = (angle: number): string => {
    const turn = (angle * Math.PI) / 180;
    const [x, y] = line.centre;
    return `${x + line.radius * Math.cos(turn)} ${y + line.radius * Math.sin(turn)}`;
  };
  const large = line.to - line.from > 180 ? 1 : 0;
  return `M${on(line.from)}A${line.radius} ${line.radius} 0 ${large} 1 ${on(line.to)}`;
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

function checkBar(doc: Doc, width: number, height: number): void {
  const [right, y] = [width - MARGIN * MM, height - 14];
  const left = right - CHECK_BAR * MM;
  doc
    .lineWidth(0.8)
    .moveTo(left, y)
    .lineTo(right, y)
    .moveTo(left, y - 4)
    .lineTo(left, y + 4)
    .moveTo(right, y - 4)
    .lineTo(right, y + 4)
    .stroke();
  writeText(doc, `${CHECK_BAR} mm, lay a rule to it`, left - 8, y + 3, {
    font: 'label-600',
    size: 9,
    anchor: 'end',
  });
}
