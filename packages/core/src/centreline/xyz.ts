import { fail, LARGEST, type Outcome, succeed } from '../fault/index.ts';
import { decided, radians } from '../measure/index.ts';
import { add, rotateAbout, scale, type Vec3 } from '../space/index.ts';
import { type XyzInput } from './input.ts';
import { setbackOf } from './setback.ts';

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
  let at: Vec3 = [0, 0, 0];
  let along: Vec3 = [1, 0, 0];
  let normal: Vec3 = [0, 0, 1];
  let setbackBefore = 0;
  const points: Vec3[] = [at];
  for (const [i, bend] of bends.entries()) {
    const setback = setbackOf(bend.clr, bend.angle);
    at = add(at, scale(along, setbackBefore + bend.length + setback));
    if (at.some((value) => Math.abs(value) > LARGEST))
      return fail(
        'too-big',
        `/bends/${i}`,
        `bend ${i + 1} lies more than ${LARGEST} mm from the start: check its angle and radius`,
      );
    points.push(at);
    normal = rotateAbout(along, radians(bend.rotation), normal);
    along = rotateAbout(normal, radians(bend.angle), along);
    setbackBefore = setback;
  }
  points.push(add(at, scale(along, setbackBefore + tail)));
  return succeed(points);
}
