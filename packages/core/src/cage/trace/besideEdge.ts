import { cornersOf, layOut } from '../../centreline/index.ts';
import { andThen, fail, type Outcome, succeed } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { type TracedPoint, type TraceFit } from './fitTrace.ts';

/** The tube whose edge was traced: its axis so far to the left of the edge, to the right where below nothing. mm */
export function besideEdge(fit: TraceFit, by: number): Outcome<TraceFit> {
  if (by === 0) return succeed(fit);
  const normals = fit.points.slice(1).map((to, i) => leftOf(itemAt(fit.points, i), to));
  const points = fit.points.map((at, i): TracedPoint => {
    const [before, after] = [normals[i - 1] ?? itemAt(normals, i), normals[i] ?? itemAt(normals, i - 1)];
    const share = by / (1 + before[0] * after[0] + before[1] * after[1]);
    return [at[0] + (before[0] + after[0]) * share, at[1] + (before[1] + after[1]) * share];
  });
  const radii = fit.radii.map((radius, i) => {
    const [before, after] = [itemAt(normals, i), itemAt(normals, i + 1)];
    const toLeft = before[0] * after[1] - before[1] * after[0] > 0;
    return toLeft ? radius - by : radius + by;
  });
  if (radii.some((radius) => radius <= 0))
    return fail('trace', '', 'a bend is tighter than half the tube: the other edge was traced');
  const flat = points.map(([x, y]): [number, number, number] => [x, y, 0]);
  return andThen(cornersOf({ points: flat, clr: radii }), (corners) =>
    andThen(layOut(corners), (lra) => succeed({ ...fit, points, radii, lra })),
  );
}

function leftOf(from: TracedPoint, to: TracedPoint): TracedPoint {
  const span = Math.hypot(to[0] - from[0], to[1] - from[1]);
  return [-(to[1] - from[1]) / span, (to[0] - from[0]) / span];
}
