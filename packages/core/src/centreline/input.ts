import { z } from 'zod';
import { between, coordinate, extent, say, size } from '../fault/index.ts';

const point = z.tuple(
  [coordinate('x'), coordinate('y'), coordinate('z')],
  say('a point [x, y, z] of three co-ordinates in mm'),
);

/** The two ends and the PIs between them, in mm. */
export const pointsInput = z
  .array(point, say('a list of points [x, y, z]: the two ends and the PIs between them'))
  .min(2, 'a tube has two ends at least: give two points or more');

/** One radius for all bends, or one for each PI given. */
export const clrInput = z.union(
  [size('the centreline radius'), z.array(size('the centreline radius'))],
  say('a centreline radius in mm, or a list with one for each PI'),
);

/** Check of the input of lraFromPoints: ends and PIs, and a radius or one each. mm */
export const lraInput = z.strictObject({ points: pointsInput, clr: clrInput.optional() });
/** Ends and PIs of a path, and its radius, one or one a bend. mm */
export type LraInput = z.infer<typeof lraInput>;

/** The angle of a bend: more than nothing, and less than a fold. Degrees */
export const bendAngle = (what: string) =>
  z
    .number(say(`${what} in degrees, more than 0 and less than 180`))
    .gt(0, 'a bend turns by more than 0°')
    .lt(180, 'a bend turns by less than 180°');

const bendInput = z.strictObject({
  length: extent('the straight before the bend'),
  rotation: between(-360, 360, 'the rotation from the bend before, in degrees'),
  angle: bendAngle('the bend angle'),
  clr: size('the centreline radius'),
  setback: z.number(say('the number that lra prints here, which is passed over')).optional(),
});

/** Takes what `lra` prints: `setback` and `developed` are passed over. */
export const xyzInput = z.strictObject({
  bends: z.array(bendInput, say('a list of bends, which may be empty')),
  tail: extent('the straight after the last bend'),
  developed: z.number(say('the number that lra prints here, which is passed over')).optional(),
});
/** Lengths, rotations and angles of a path, and where it begins. mm and degrees */
export type XyzInput = z.infer<typeof xyzInput>;
