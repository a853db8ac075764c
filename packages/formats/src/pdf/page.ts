import { fractionRuns } from '@gyrus/core';
import PDFDocument from 'pdfkit';
import { type ShopMoment } from '../words/moment.ts';
import { type FontName, fontFiles } from './fonts.ts';

/** A size of paper. */
export type Paper = 'a4' | 'letter';

/** Landscape, in points of 1/72 in. */
export const paperSize: Record<Paper, [number, number]> = { a4: [841.89, 595.28], letter: [792, 612] };

type Doc = InstanceType<typeof PDFDocument>;

/** A page to draw on, with the faces of the look. Co-ordinates in points, y down. */
export function newDocument(paper: Paper, title: string, { at }: ShopMoment): Doc {
  const doc = new PDFDocument({
    size: paperSize[paper],
    margin: 0,
    autoFirstPage: true,
    // A page can be gone back to until the document ends: how many there are is known last.
    bufferPages: true,
    info: { Title: title, Creator: 'Gyrus', CreationDate: at },
  });
  for (const [name, file] of Object.entries(fontFiles)) doc.registerFont(name, file);
  return doc;
}

/** How many pages a document has that has ended. */
export function pagesOf(doc: Doc): number {
  // What was written is counted as begun.
  const { start, count } = doc.bufferedPageRange();
  return start + count;
}

/** How a text is set. Size in points */
export interface TextStyle {
  font: FontName;
  size: number;
  colour?: string;
  anchor?: 'start' | 'middle' | 'end';
}

const FRACTION = { features: ['frac', 'tnum'] } satisfies PDFKit.Mixins.TextOptions;

/** Writes one line with its baseline at y, fractions typeset; returns the width it took. Points. */
export function writeText(doc: Doc, text: string, x: number, y: number, style: TextStyle): number {
  doc
    .font(style.font)
    .fontSize(style.size)
    .fillColor(style.colour ?? '#000');
  const runs = fractionRuns(text);
  const widths = runs.map((run) => doc.widthOfString(run.text, run.fraction ? FRACTION : {}));
  const width = widths.reduce((sum, one) => sum + one, 0);
  let at = x - { start: 0, middle: width / 2, end: width }[style.anchor ?? 'start'];
  for (const [i, run] of runs.entries()) {
    doc.text(run.text, at, y, {
      lineBreak: false,
      baseline: 'alphabetic',
      ...(run.fraction ? FRACTION : {}),
    });
    at += widths[i] ?? 0;
  }
  return width;
}

/** Writes a paragraph broken at `width`; returns the baseline after it. Points. */
export function writeParagraph(
  doc: Doc,
  text: string,
  x: number,
  y: number,
  width: number,
  style: TextStyle,
): number {
  const lines = linesOf(doc, text, width, style);
  lines.forEach((line, i) => writeText(doc, line, x, y + i * leadingOf(style), style));
  return y + lines.length * leadingOf(style);
}

/** How far down a paragraph reaches that is not written yet. Points */
export const paragraphHeight = (doc: Doc, text: string, width: number, style: TextStyle): number =>
  linesOf(doc, text, width, style).length * leadingOf(style);

const leadingOf = ({ size }: TextStyle): number => size * 1.35;

function linesOf(doc: Doc, text: string, width: number, style: TextStyle): string[] {
  doc.font(style.font).fontSize(style.size);
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    const longer = line ? `${line} ${word}` : word;
    if (line && doc.widthOfString(longer) > width) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return [...lines, line];
}

export type { Doc };
