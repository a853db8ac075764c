import { type Drawing, type Point, type Shape } from './drawing.ts';
import { type FlatOutline, onArc, type TrueLine } from './outline.ts';

const EDGE = 16;

/** An outline fitted into a drawing of a width: to look at, not to print from. */
export function outlineDrawing(outline: FlatOutline, width: number): Drawing {
  const scale = (width - 2 * EDGE) / outline.width;
  const height = outline.height * scale + 2 * EDGE;
  const at = ([x, y]: readonly [number, number]): Point => [EDGE + x * scale, height - EDGE - y * scale];
  const shapes = (lines: TrueLine[], pen: 'mark' | 'leader' | 'dimension'): Shape[] =>
    lines.map((line) => ({ kind: 'polyline', points: pointsOf(line).map(at), pen }));
  return {
    width,
    height,
    title: outline.stamp,
    shapes: [
      ...shapes(outline.tangents, 'dimension'),
      ...shapes(outline.axis, 'leader'),
      ...shapes(outline.edges, 'mark'),
      ...outline.arrows.map(({ from, to }): Shape => ({
        kind: 'arrow',
        from: at(from),
        to: at(to),
        pen: 'dimension',
      })),
      ...outline.labels.map((label): Shape => ({
        kind: 'text',
        at: at(label.at),
        text: label.text,
        size: Math.max(label.size * scale, 10),
        anchor: label.anchor,
        voice: label.size > 5 ? 'bend' : 'label',
      })),
    ],
  };
}

function pointsOf(line: TrueLine): (readonly [number, number])[] {
  if (line.kind === 'line') return [line.from, line.to];
  const steps = Math.max(2, Math.ceil((line.to - line.from) / 4));
  return Array.from({ length: steps + 1 }, (_, i) =>
    onArc(line, line.from + ((line.to - line.from) * i) / steps),
  );
}
