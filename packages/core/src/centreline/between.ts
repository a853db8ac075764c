import { leastOver } from '../measure/index.ts';
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

/**
 * The least distance between two axes, and where. Any frame, mm.
 * within: axes farther apart than this need no exact answer; what is given then is somewhere beyond it.
 */
export function nearestBetween(first: Piece[], second: Piece[], within = Infinity): Nearest {
  const at = (along: number) => pointOn(first, along);
  const gap = (along: number) => {
    const here = at(along);
    return distance(here, nearestOnPath(here, second));
  };
  const { along, least } = leastOver(lengthOf(first), gap, { within, closeness: 1e-8 });
  return { distance: least, along, first: at(along), second: nearestOnPath(at(along), second) };
}
