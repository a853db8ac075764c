import { itemAt } from '../items/index.ts';
import { type Joint, type Tube } from '../cage/index.ts';
import { lengthOf, pointOn } from '../centreline/index.ts';
import { nearestAlong } from '../cope/index.ts';
import { type Vec3 } from '../space/index.ts';

/** The longest stretch of a bar that nothing holds. mm along the axis of its tube from end A */
export interface Span {
  from: number;
  to: number;
  length: number;
  /** Where a strut would halve it. Car's frame, mm */
  middle: Vec3;
}

/** Between a bar's ends and every tube that stands on it; what splits a bar holds both its parts. own: one tube at least. */
export const longestSpan = (own: Tube[], joints: Joint[]): Span =>
  own
    .map((tube) => spanOf(tube, joints))
    .reduce((longest, one) => (one.length > longest.length ? one : longest));

function spanOf(tube: Tube, joints: Joint[]): Span {
  const total = lengthOf(tube.axis);
  const held = joints
    .filter(({ header }) => header === tube.piece)
    .map(({ at }) => nearestAlong(tube.axis, at))
    .sort((a, b) => a - b);
  const places = [0, ...held, total];
  let [from, to] = [0, total];
  let longest = -1;
  for (let i = 1; i < places.length; i++) {
    const [start, end] = [itemAt(places, i - 1), itemAt(places, i)];
    if (end - start <= longest) continue;
    longest = end - start;
    [from, to] = [start, end];
  }
  return { from, to, length: to - from, middle: pointOn(tube.axis, (from + to) / 2) };
}
