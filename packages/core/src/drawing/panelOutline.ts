import { type BarPanel } from '../cage/index.ts';
import { itemAt } from '../items/index.ts';
import { type FlatOutline, movedToCorner, type TrueLine } from './outline.ts';

/** The outline of a panel between bars at true size, its holes in it; seen from the side that its bars go round to the left. mm */
export function panelOutline(stamp: string, { corners, holes }: BarPanel): FlatOutline {
  const sides = corners.map((from, i): TrueLine => ({
    kind: 'line',
    from,
    to: itemAt(corners, (i + 1) % corners.length),
  }));
  const round = holes.map(({ at, diameter }): TrueLine => ({
    kind: 'arc',
    centre: at,
    radius: diameter / 2,
    from: 0,
    to: 360,
  }));
  const none = { width: 0, height: 0, axis: [], tangents: [], arrows: [], labels: [] };
  return movedToCorner({ stamp, ...none, edges: [...sides, ...round] });
}
