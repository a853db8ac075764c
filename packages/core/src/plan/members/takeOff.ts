import { z } from 'zod';
import { oneOf, say } from '../../fault/index.ts';
import { angleField, extentField, sizeField } from '../quantities.ts';

/**
 * How far the plane of a bend is turned from that of the bend before it: in degrees, right-handed about the tube from where the list
 * starts; or as two lines drawn along the tube, so far apart round it.
 */
const turn = z.discriminatedUnion(
  'kind',
  [
    z.strictObject({
      kind: z.literal('degrees'),
      angle: angleField(-180, 180, 'the rotation from the last bend'),
    }),
    z.strictObject({
      kind: z.literal('lines'),
      round: extentField('how far the lines are apart, round the tube'),
      /** Looking along the tube from where the list starts, the last bend turning up. */
      toward: oneOf(['right', 'left'], 'on which side the new line lies'),
    }),
  ],
  say('the turn, in degrees or as two lines so far apart round the tube'),
);
/** How far the plane of a bend is turned from the last one's. mm and degrees */
export type BendTurn = z.infer<typeof turn>;

const row = z.strictObject({
  /** Tangent to tangent; by a sample bend, from the mark before it to its own. */
  straight: extentField('the straight before the bend'),
  turn,
  angle: angleField(0.01, 179.98, 'the angle of the bend'),
  /** Along its axis, as a bend of this angle was measured; from the die's radius where null. */
  takes: sizeField('the tube that the bend takes').nullable(),
});
/** A bend of a list: the straight before it, its turn, its angle, and the tube it takes. mm and degrees */
export type TakeOffRow = z.infer<typeof row>;

/** The sample that is held up in the car: what lies between its marks and its bend. */
const sample = z.strictObject({
  before: extentField('from the mark to where the bend starts'),
  /** Of the mark beyond its bend; nothing where the end of the bend itself is marked. */
  after: extentField('from where the bend ends to the mark beyond it'),
  /** Distances to the next mark are taken from the mark before the bend, along the tube, or from the one beyond it. */
  takenFrom: oneOf(['near-mark', 'far-mark'], 'the mark that distances are taken from'),
});
/** A sample bend with its marks. mm */
export type SampleBend = z.infer<typeof sample>;

/** What every take-off has: its sample, its bends, and what comes after the last of them. */
export const takeOffFields = {
  /** Null where straights are given, tangent to tangent. */
  sample: sample.nullable(),
  rows: z.array(row, say('the straights and bends')).max(30, 'a tube has 30 bends at most'),
  tail: extentField('the last straight'),
};

/** Half of a hoop, from its centre mark to its foot. */
export const takeOffHalf = z.strictObject({ rows: takeOffFields.rows, tail: takeOffFields.tail });
/** Half of a hoop as it was taken off, from its centre mark to its foot. mm and degrees */
export type TakeOffHalf = z.infer<typeof takeOffHalf>;
/** Bends as they were taken off in the car. */
export type TakeOff = TakeOffHalf & { sample: SampleBend | null };

export { sample as sampleField };
