import { type Plan } from '../../plan/index.ts';
import { type Point, type Shape } from '../drawing.ts';
import { bodyOutline, outlinePoints } from './bodyOutline.ts';
import { type Flat, PROJECTIONS, type SquareView } from './projections.ts';

/** The body by its sections: each one from behind, what they reach to from the side and from above. mm on the drawing */
export function outlinesOf({ ribs, measures }: Plan['survey'], view: SquareView): Flat[][] {
  if (view === 'front') {
    const measured = Object.keys(measures).length > 0 ? [outlinePoints(bodyOutline(measures))] : [];
    return [
      ...ribs.map(bothSides),
      ...measured.map((outline) => outline.map(([right, up]): Flat => ({ right, up }))),
    ];
  }
  if (ribs.length < 2) return [];
  const along = [...ribs].sort((a, b) => a.forward.mm - b.forward.mm);
  const reach = (rib: Rib, far: boolean): Flat => {
    const ups = rib.points.map(({ up }) => up.mm);
    const out = Math.max(...rib.points.map((one) => one.out.mm));
    const up = far ? Math.max(...ups) : Math.min(...ups);
    return PROJECTIONS[view]([rib.forward.mm, far ? -out : out, up]);
  };
  return [[...along.map((rib) => reach(rib, true)), ...along.reverse().map((rib) => reach(rib, false))]];
}

type Rib = Plan['survey']['ribs'][number];

/** A section from behind, out and back by the other side. */
function bothSides({ points }: Rib): Flat[] {
  const half = points.map(({ out, up }): Flat => ({ right: out.mm, up: up.mm }));
  return [...half, ...half.map(({ right, up }): Flat => ({ right: -right, up })).reverse()];
}

/** Keep-outs as the rectangles that they are seen as, with their names. */
export const boxesOf = (
  { keepOuts }: Plan['survey'],
  view: SquareView,
): { name: string; corners: Flat[] }[] =>
  keepOuts.map(({ name, from, to }) => {
    const [a, b] = [seenAt(from, view), seenAt(to, view)];
    return {
      name,
      corners: [a, { right: b.right, up: a.up }, b, { right: a.right, up: b.up }],
    };
  });

/** A place of the plan as it is seen. */
export const seenAt = ([x, y, z]: Plan['survey']['keepOuts'][number]['from'], view: SquareView): Flat =>
  PROJECTIONS[view]([x.mm, y.mm, z.mm]);

/** A keep-out on a drawing, with its name; without one where it is named in the margin. corners: on the drawing */
export function boxShapes(corners: Point[], name: string | null): Shape[] {
  const [x, y] = [Math.min(...corners.map(([at]) => at)), Math.min(...corners.map(([, at]) => at))];
  const box: Shape = { kind: 'polygon', points: corners, pen: 'keep-out', hatched: true };
  if (name === null) return [box];
  return [box, { kind: 'text', at: [x, y - 5], text: name, size: 13, anchor: 'start', voice: 'quiet' }];
}
