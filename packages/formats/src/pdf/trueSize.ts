import { arrowLines, type FlatOutline, onArc, type TrueLine } from '@gyrus/core';
import { type Doc, writeText } from './page.ts';

/** Points of a PDF to the millimetre. */
export const MM = 72 / 25.4;

/** Draws an outline at true size with its lower left corner at (x, y), in points from the page's upper left. */
export function placeOutline(doc: Doc, outline: FlatOutline, x: number, y: number): void {
  doc.save();
  // Millimetres from here on, and up is up.
  doc.transform(MM, 0, 0, -MM, x, y);
  stroke(doc, outline.edges, 0.4);
  doc.dash(10, { space: 3 });
  stroke(doc, outline.axis, 0.15);
  doc.undash();
  stroke(doc, outline.tangents, 0.25);
  stroke(doc, outline.arrows.flatMap(arrowLines), 0.4);
  doc.restore();
  for (const { at, text, size, anchor } of outline.labels)
    writeText(doc, text, x + at[0] * MM, y - at[1] * MM, { font: 'label-600', size: size * MM, anchor });
}

function stroke(doc: Doc, lines: TrueLine[], width: number): void {
  if (lines.length === 0) return;
  doc.lineWidth(width).strokeColor('#000');
  doc.path(lines.map(pathOf).join(' ')).stroke();
}

/** A line in the outline's own millimetres, where up is up: an arc runs the way its angle grows. */
function pathOf(line: TrueLine): string {
  if (line.kind === 'line') return `M${line.from.join(' ')}L${line.to.join(' ')}`;
  const on = (angle: number): string => onArc(line, angle).join(' ');
  const large = line.to - line.from > 180 ? 1 : 0;
  return `M${on(line.from)}A${line.radius} ${line.radius} 0 ${large} 1 ${on(line.to)}`;
}

/** A bar to lay a rule to, its right end at (right, y). Its length in mm */
export function checkBar(doc: Doc, length: number, right: number, y: number): void {
  const left = right - length * MM;
  doc
    .lineWidth(0.8)
    .strokeColor('#000')
    .moveTo(left, y)
    .lineTo(right, y)
    .moveTo(left, y - 4)
    .lineTo(left, y + 4)
    .moveTo(right, y - 4)
    .lineTo(right, y + 4)
    .stroke();
  writeText(doc, `${length} mm, lay a rule to it`, left - 8, y + 3, {
    font: 'label-600',
    size: 9,
    anchor: 'end',
  });
}
