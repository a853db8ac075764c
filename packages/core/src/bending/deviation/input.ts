import { z } from 'zod';
import { bendAngle, clrInput, pointsInput } from '../../centreline/index.ts';
import { between, coordinate, extent, say, size } from '../../fault/index.ts';

/** Check of the input of radiusFromTape: a test piece measured with a tape. mm, degrees */
export const radiusInput = z.strictObject({
  length: size("the piece's length before bending"),
  legs: z.tuple(
    [size('the first leg'), size('the second leg')],
    say('both legs [a, b], each to the corner where the axes cross, in mm'),
  ),
  released: bendAngle('the released angle'),
});

/** Check of the input of whatNow: a path, and how one of its bends came out. mm, degrees */
export const whatNowInput = z.strictObject({
  points: pointsInput,
  clr: clrInput.optional(),
  bend: z
    .int(say('the number of the bend, counted from 1'))
    .gte(1, 'bends are counted from 1, one for each PI given'),
  made: z.strictObject(
    {
      angle: bendAngle('the released angle').optional(),
      rotation: between(-360, 360, 'the rotation it was made with, in degrees').optional(),
      mark: coordinate('how far toward end B it lies off its place').optional(),
    },
    say('what came out, as {angle?, rotation?, mark?}'),
  ),
});
/** A path, and how one of its bends came out. mm, degrees */
export type WhatNowInput = z.infer<typeof whatNowInput>;

/** More parts than this say nothing new. */
const MOST_PARTS = 1_000_000;

/** Check of the input of scatterOf: a path, the standard deviations of its errors, how many parts, and the seed. mm, degrees */
export const scatterInput = z.strictObject({
  points: pointsInput,
  clr: clrInput.optional(),
  sigma: z.strictObject(
    {
      mark: extent('the standard deviation of a mark'),
      angle: between(0, 180, 'the standard deviation of an angle, in degrees'),
      rotation: between(0, 180, 'the standard deviation of a rotation, in degrees'),
    },
    say('the standard deviations as {mark, angle, rotation}'),
  ),
  n: z
    .int(say('how many parts are made up, a whole number'))
    .gte(100, 'fewer than 100 parts say nothing of their spread')
    .lte(MOST_PARTS, `${MOST_PARTS} parts are enough`),
  seed: z
    .int(say('a whole number that the chance starts from'))
    .gte(0, 'the seed is a whole number from 0')
    .lte(Number.MAX_SAFE_INTEGER, 'the seed is a smaller whole number'),
});
/** A path, the standard deviations of its errors, how many parts, and the seed. mm, degrees */
export type ScatterInput = z.infer<typeof scatterInput>;
