import { z } from 'zod';
import { say } from '../../fault/index.ts';
import { angleField, extentField, offsetField, sizeField } from '../quantities.ts';
import { sampleField, takeOffHalf } from './takeOff.ts';

const leg = z.strictObject({
  /** Along its axis, from corner to corner or to the foot. */
  length: sizeField('the length of the leg'),
  /** From upright in the plane of the hoop, positive inward going up. */
  lean: angleField(-60, 60, 'how the leg leans in'),
});
/** A stretch of a hoop's leg between two of its corners. mm and degrees */
export type HoopLeg = z.infer<typeof leg>;

/** From the crown's corner down to the foot. */
const legs = z
  .array(leg, say('the legs from the crown down'))
  .min(1, 'a side has one leg at least')
  .max(6, 'a side has 6 bends at most');

const station = z.strictObject({
  height: extentField('the height above what the feet stand on'),
  width: sizeField('the width, outside to outside'),
  /** From the car's centre line to the outside of the left leg; half the width where null. */
  left: offsetField('the half width on the left').nullable(),
});
/** A width of a hoop at a height. mm */
export type HoopStation = z.infer<typeof station>;

/** Which way a main hoop comes about. */
export const hoopWay = z.discriminatedUnion(
  'kind',
  [
    /** From the half widths and the headliner of the stripped car. */
    z.strictObject({ kind: z.literal('survey') }),
    /** By its own figures, on the axis. */
    z.strictObject({
      kind: z.literal('figures'),
      crown: sizeField('the width of the crown between its corners'),
      /** Where the middle of the crown stands from the car's centre line, positive to the left. */
      aside: offsetField('how far the hoop stands to the left'),
      left: legs,
      /** As the left where null. */
      right: legs.nullable(),
    }),
    /** Straights and angles about the centre mark, or sample bends held up in the car. */
    z.strictObject({
      kind: z.literal('take-off'),
      sample: sampleField.nullable(),
      left: takeOffHalf,
      /** As the left where null. */
      right: takeOffHalf.nullable(),
    }),
    /**
     * A hoop that stands, by tape: its height, and its widths from the feet up. It bends at every height between the first and the last;
     * the last lies somewhere on the straight below the crown.
     */
    z.strictObject({
      kind: z.literal('taped'),
      top: sizeField('the height over the crown'),
      stations: z
        .array(station, say('the widths from the feet up'))
        .min(2, 'give the width at the feet, and one below the crown')
        .max(7, 'give 7 widths at most'),
    }),
  ],
  say('the way of the hoop: survey, figures, take-off or taped'),
);
/** Which way a main hoop comes about. */
export type HoopWay = z.infer<typeof hoopWay>;
/** A way of a kind. */
export type HoopWayOf<K extends HoopWay['kind']> = Extract<HoopWay, { kind: K }>;
