import { type Joint, type Tube } from '../cage/index.ts';
import { lengthOf, pointAt } from '../centreline/index.ts';
import { nearestAlong } from '../cope/index.ts';
import { type Vec3 } from '../space/index.ts';

/** The longest stretch of a bar that nothing holds. mm along its axis from end A */
export interface Span {
  from: number;
  to: number;
  length: number;
  /** Where a strut would halve it. Car's frame, mm */
  middle: Vec3;
}

/** Between the bar's ends and every tube that stands on it. */
export function longestSpan(tube: Tube, joints: Joint[]): Span {
  const total = lengthOf(tube.axis);
  const held = joints
    .filter(({ header }) => header === tube.piece)
    .map(({ at }) => nearestAlong(tube.axis, at))
    .sort((a, b) => a - b);
  const places = [0, ...held, total];
  let [from, to] = [0, total];
  let longest = -1;
  for (let i = 1; i < places.length; i++) {
    const [start, end] = [places[i - 1] as number, places[i] as number];
    if (end - start <= longest) continue;
    longest = end - start;
    [from, to] = [start, end];
  }
  return { from, to, length: to - from, middle: pointAt(tube.axis, (from + to) / 2) as Vec3 };
}
