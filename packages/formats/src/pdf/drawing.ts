import { type Drawing, type Point, type Shape, itemAt } from '@gyrus/core';
import { paperTheme, type Stroke } from '../svg/theme.ts';
import { hatchLines, headPoints, pointerPoints } from '../svg/tree.ts';
import { type Doc, writeText } from './page.ts';

/** Draws at (x, y), scaled so that it is `width` points wide; returns the height it took. */
export function placeDrawing(doc: Doc, drawing: Drawing, x: number, y: number, width: number): number {
  const scale = width / drawing.width;
  doc.save();
  doc.translate(x, y).scale(scale);
  for (const shape of drawing.shapes) drawShape(doc, shape);
  doc.restore();
  return drawing.height * scale;
}

function drawShape(doc: Doc, shape: Shape): void {
  switch (shape.kind) {
    case 'line':
      return stroke(doc, [shape.from, shape.to], paperTheme.pens[shape.pen]);
    case 'polyline':
      return stroke(doc, shape.points, paperTheme.pens[shape.pen]);
    case 'stroke':
      return stroke(doc, shape.points, {
        stroke: paperTheme.pens[shape.pen].fill,
        width: shape.width,
        fill: 'none',
      });
    case 'polygon':
      return polygon(doc, shape);
    case 'arrow': {
      const pen = paperTheme.pens[shape.pen];
      stroke(doc, [shape.from, shape.to], pen);
      fill(doc, headPoints(shape.from, shape.to, pen.width), pen.fill);
      if (shape.both) fill(doc, headPoints(shape.to, shape.from, pen.width), pen.fill);
      return;
    }
    case 'pointer':
      return fill(doc, pointerPoints(shape.tip, shape.size), paperTheme.pens[shape.pen].fill);
    case 'text': {
      const face = paperTheme.voices[shape.voice];
      writeText(doc, shape.text, shape.at[0], shape.at[1], {
        font: `${face.family}-${face.weight}`,
        size: shape.size,
        colour: face.colour,
        anchor: shape.anchor,
      });
    }
  }
}

function polygon(doc: Doc, shape: Extract<Shape, { kind: 'polygon' }>): void {
  const pen = paperTheme.pens[shape.pen];
  if (pen.fill !== 'none') fill(doc, shape.points, pen.fill);
  stroke(doc, [...shape.points, itemAt(shape.points, 0)], pen);
  if (shape.hatched)
    for (const line of hatchLines(shape.points))
      stroke(doc, line, { stroke: pen.hatch ?? pen.stroke, width: 0.6, fill: 'none' });
}

function trace(doc: Doc, points: readonly Point[]): void {
  for (const [i, [x, y]] of points.entries()) {
    if (i === 0) doc.moveTo(x, y);
    else doc.lineTo(x, y);
  }
}

function stroke(doc: Doc, points: readonly Point[], pen: Stroke): void {
  trace(doc, points);
  doc.lineWidth(pen.width).strokeColor(pen.stroke);
  if (pen.dash) doc.dash(pen.dash[0] ?? 4, { space: pen.dash[1] ?? 4 });
  else doc.undash();
  doc.stroke();
}

function fill(doc: Doc, points: readonly Point[], colour: string): void {
  trace(doc, points);
  doc.closePath().fillColor(colour).fill();
}
