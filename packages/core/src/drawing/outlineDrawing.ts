import { radians } from '../measure/index.ts';
import { type Drawing, type Point, type Shape } from './drawing.ts';
import { type FlatOutline, type TrueLine } from './outline.ts';

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
    ],
  };
}

function pointsOf(line: TrueLine): (readonly [number, number])[] {
  if (line.kind === 'line') return [line.from, line.to];
  const steps = Math.max(2, Math.ceil((line.to - line.from) / 4));
  return Array.from({ length: steps + 1 }, (_, i): readonly [number, number] => {
    const angle = radians(line.from + ((line.to - line.from) * i) / steps);
    return [line.centre[0] + line.radius * Math.cos(angle), line.centre[1] + line.radius * Math.sin(angle)];
  });
}
