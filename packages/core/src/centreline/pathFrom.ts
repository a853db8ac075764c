import { radians } from '../measure/index.ts';
import { add, rotateAbout, scale, type Vec3 } from '../space/index.ts';
import { setbackOf } from './setback.ts';

/** Where a path begins, and how the plane of its first bend lies. Any right-handed frame, mm. */
export interface PathStart {
  at: Vec3;
  /** Along the first straight, length 1. */
  along: Vec3;
  /** t_in × t_out of a first bend of rotation 0; square to `along`, length 1. */
  normal: Vec3;
}

/** At the origin along +x, the first bend toward +y. */
export const AT_ORIGIN: PathStart = { at: [0, 0, 0], along: [1, 0, 0], normal: [0, 0, 1] };

/** A bend as it is pulled: the straight before it, its turn about the tube from the last bend, angle and radius. mm, degrees */
export interface PulledBend {
  length: number;
  rotation: number;
  angle: number;
  clr: number;
}

/** The ends and PIs of what is bent so, from its start: (bends + 2) × [x, y, z]. mm */
export function pathFrom({ at, along, normal }: PathStart, bends: PulledBend[], tail: number): Vec3[] {
  const points = [at];
  let [place, direction, plane] = [at, along, normal];
  let setbackBefore = 0;
  for (const { length, rotation, angle, clr } of bends) {
    const setback = setbackOf(clr, angle);
    place = add(place, scale(direction, setbackBefore + length + setback));
    points.push(place);
    plane = rotateAbout(direction, radians(rotation), plane);
    direction = rotateAbout(plane, radians(angle), direction);
    setbackBefore = setback;
  }
  return [...points, add(place, scale(direction, setbackBefore + tail))];
}
