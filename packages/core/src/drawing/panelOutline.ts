import { type BarPanel } from '../cage/index.ts';
import { itemAt, pairOf } from '../items/index.ts';
import { type FlatOutline, type TrueLine } from './outline.ts';

type Flat = readonly [number, number];

/** How large the stamp of a bar is written beside its edge, and how far inside of it. mm */
const STAMP = { size: 9, inside: 28 };

/** The outline of a panel between bars at true size, its holes in it; seen from the side that its bars go round to the left. mm */
export function panelOutline(stamp: string, { corners, holes, offPlane }: BarPanel): FlatOutline {
  const low = pairOf([0, 1] as const, (axis) => Math.min(...corners.map((at) => at[axis])));
  const high = pairOf([0, 1] as const, (axis) => Math.max(...corners.map((at) => at[axis])));
  const moved = ([x, y]: Flat): Flat => [x - low[0], y - low[1]];
  const sides = corners.map((from, i): Extract<TrueLine, { kind: 'line' }> => ({
    kind: 'line',
    from: moved(from),
    to: moved(itemAt(corners, (i + 1) % corners.length)),
  }));
  const round = holes.map(({ at, diameter }): TrueLine => ({
    kind: 'arc',
    centre: moved(at),
    radius: diameter / 2,
    from: 0,
    to: 360,
  }));
  return {
    ...{ stamp, axis: [], tangents: [], arrows: [] },
    width: high[0] - low[0],
    height: high[1] - low[1],
    edges: [...sides, ...round],
    labels: sides.map((side, i) => ({
      at: insideOf(side),
      text: offPlane[i]?.stamp ?? '',
      size: STAMP.size,
      anchor: 'start' as const,
    })),
  };
}

/** Inside of the middle of an edge; corners go round to the left. */
function insideOf({ from, to }: Extract<TrueLine, { kind: 'line' }>): Flat {
  const span = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const inward: Flat = [-(to[1] - from[1]) / span, (to[0] - from[0]) / span];
  return [
    (from[0] + to[0]) / 2 + inward[0] * STAMP.inside - STAMP.size,
    (from[1] + to[1]) / 2 + inward[1] * STAMP.inside - STAMP.size / 2,
  ];
}
