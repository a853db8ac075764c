import { fail, LARGEST, type Outcome, succeed } from '../fault/index.ts';
import { decided } from '../measure/index.ts';
import { type Vec3 } from '../space/index.ts';
import { type XyzInput } from './input.ts';
import { AT_ORIGIN, pathFrom } from './pathFrom.ts';

/**
 * The ends and PIs of a path given by lengths, rotations and angles. It starts at the origin along +x, and the first bend
 * turns toward +y. Result: n × [x, y, z], mm.
 */
export function pointsOf({ bends, tail }: XyzInput): Outcome<Vec3[]> {
  if (bends.length === 0 && tail === 0)
    return fail('no-length', '/tail', 'a tube without bends needs a length: give a tail of more than 0 mm');
  if (bends.length > 0 && decided(bends[0]?.rotation ?? 0) !== 0)
    return fail(
      'first-rotation',
      '/bends/0/rotation',
      'the first bend has rotation 0: later ones turn from it',
    );
  const points = pathFrom(AT_ORIGIN, bends, tail);
  const far = points.slice(1, -1).findIndex((at) => at.some((value) => Math.abs(value) > LARGEST));
  return far < 0
    ? succeed(points)
    : fail(
        'too-big',
        `/bends/${far}`,
        `bend ${far + 1} lies more than ${LARGEST} mm from the start: check its angle and radius`,
      );
}
