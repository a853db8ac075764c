import { DECISION } from './tolerances.ts';

/** Spacing of the places looked at first, mm: finer than any bend or gap between tubes of a car. */
const SPACING = 10;

interface LeastOptions {
  /** What lies above this needs no exact answer; what is given then is somewhere beyond it. */
  within?: number;
  /** How closely the place is found. mm */
  closeness?: number;
}

/**
 * Where along a way from 0 to `total` a distance is least, and how much it is there. mm
 * gap: changes by no more than the way does, as a distance from a point of an axis does; where it is far above the least, nothing
 * less is close by. Looked at every few millimetres, then closed in on.
 */
export function leastOver(
  total: number,
  gap: (along: number) => number,
  { within = Infinity, closeness = DECISION }: LeastOptions = {},
): { along: number; least: number } {
  let best = 0;
  let least = gap(0);
  const take = (along: number, here = gap(along)): boolean => {
    if (here >= least) return false;
    best = along;
    least = here;
    return true;
  };
  for (let along = 0; along < total;) {
    const here = gap(along);
    take(along, here);
    along += Math.max(SPACING, here - Math.min(least, within));
  }
  take(total);
  if (least - SPACING > within) return { along: best, least };
  for (let step = SPACING; step > closeness; step /= 2)
    while (take(Math.max(0, best - step)) || take(Math.min(total, best + step)));
  return { along: best, least };
}
