import { distance, type Vec3 } from '../space/index.ts';
import { nearestOnPath } from './distance.ts';
import { type Piece } from './path.ts';
import { lengthOf, pointOn } from './place.ts';

/** Where two axes come nearest to each other. `along` from end A of the first, mm. */
export interface Nearest {
  distance: number;
  along: number;
  first: Vec3;
  second: Vec3;
}

/** Spacing of the places looked at first, mm: finer than any bend or gap between tubes of a car. */
const SPACING = 10;

/**
 * The least distance between two axes, and where. Any frame, mm.
 * within: axes farther apart than this need no exact answer; what is given then is somewhere beyond it.
 */
export function nearestBetween(first: Piece[], second: Piece[], within = Infinity): Nearest {
  const total = lengthOf(first);
  const at = (along: number) => pointOn(first, along);
  const gap = (along: number) => {
    const here = at(along);
    return distance(here, nearestOnPath(here, second));
  };
  let best = 0;
  let least = gap(0);
  const take = (along: number): boolean => {
    const here = gap(along);
    if (here >= least) return false;
    best = along;
    least = here;
    return true;
  };
  // The gap changes by no more than the way along the axis: where it is far above the least, nothing nearer is close by.
  for (let along = 0; along < total;) {
    const here = gap(along);
    if (here < least) {
      best = along;
      least = here;
    }
    along += Math.max(SPACING, here - Math.min(least, within));
  }
  take(total);
  if (least - SPACING > within)
    return { distance: least, along: best, first: at(best), second: nearestOnPath(at(best), second) };
  for (let step = SPACING; step > 1e-8; step /= 2)
    while (take(Math.max(0, best - step)) || take(Math.min(total, best + step)));
  return { distance: least, along: best, first: at(best), second: nearestOnPath(at(best), second) };
}
