import { z } from 'zod';
import { above, between, coordinate, extent, oneOf, say } from '../fault/index.ts';
import { clrInput, pointsInput } from '../centreline/index.ts';
import { DATUMS, MARK_REFERENCES } from './datum.ts';

/** A test bend: what the dial read at full pull, and what the tube kept. Degrees. */
const testBendInput = z.strictObject({
  reading: above(0, 360, 'the reading at full pull, in degrees'),
  released: above(0, 360, 'the released angle, in degrees'),
});
/** One test bend: the reading pulled to, and the angle after release. Degrees. */
export type TestBend = z.infer<typeof testBendInput>;

const testsInput = z
  .array(testBendInput, say('a list of test bends {reading, released}'))
  .min(1, 'without a test bend there is nothing to go by: give one or more');

/** Check of the input of springbackFrom: test bends and the angle wanted. Degrees. */
export const springbackInput = z.strictObject({
  tests: testsInput,
  target: above(0, 360, 'the angle wanted, in degrees'),
  confidence: z
    .number(say('the confidence of the interval, between 0 and 1'))
    .gt(0, 'the confidence lies between 0 and 1: 0.9 is usual')
    .lt(1, 'the confidence lies between 0 and 1: 0.9 is usual')
    .optional(),
});
/** Test bends and the angle wanted. Degrees. */
export type SpringbackInput = z.infer<typeof springbackInput>;

/** How the reading follows from the angle: the schools of the command line. */
const springbackModel = z.discriminatedUnion(
  'model',
  [
    z.strictObject({ model: z.literal('none') }),
    z.strictObject({
      model: z.literal('constant'),
      degrees: between(0, 180, 'the degrees that every bend springs back'),
    }),
    z.strictObject({
      model: z.literal('share'),
      share: between(0, 1, 'the part of the angle that springs back, 0.05 for 5 %'),
    }),
    z.strictObject({ model: z.literal('tests'), tests: testsInput }),
  ],
  {
    error: (issue) =>
      issue.input === undefined
        ? 'missing: give the springback as {model: …}'
        : 'the model of springback is one of "none", "constant", "share", "tests"',
  },
);
/** How springback is told: not at all, as so many degrees, as a share of the angle, or by test bends. */
export type SpringbackModel = z.infer<typeof springbackModel>;

const side = oneOf(['a', 'b'], "the clamp's end");

/** Check of the input of marksFor: points, die, springback and clamp. */
export const markInput = z.strictObject({
  points: pointsInput,
  clr: clrInput.optional(),
  springback: springbackModel,
  growRadius: z.boolean(say('true or false')),
  die: z.strictObject(
    {
      reference: oneOf(MARK_REFERENCES, "the die's mark reference"),
      offset: coordinate('the offset of the mark toward the clamp'),
    },
    say('the die as {reference, offset}'),
  ),
  clampSide: z.union(
    [side, z.array(side)],
    say('the end that the clamp is toward, "a" or "b", or a list with one for each PI'),
  ),
  trim: z.tuple(
    [extent('the trim at end A'), extent('the trim at end B')],
    say('the trim of both ends [a, b]'),
  ),
  datum: oneOf(DATUMS, 'where the tape is hooked'),
});
/** A path with the die and the springback that it is marked with. mm and degrees. */
export type MarkInput = z.infer<typeof markInput>;
