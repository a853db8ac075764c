import { z } from 'zod';
import { say, size } from '../../fault/index.ts';
import { placeField } from './attachment.ts';
import { hoopWay } from './hoopWay.ts';
import { angleField, extentField, offsetField } from '../quantities.ts';
import { takeOffFields } from './takeOff.ts';
import { towardsField } from './towards.ts';

const towards = towardsField('the side that the shape turns to');

const via = z.strictObject({
  /** The name of the bend. */
  feature: z
    .string(say('a name such as "pillar-top"'))
    .regex(/^[a-z]+(-[a-z]+)*$/, 'a name like "pillar-top"'),
  at: placeField,
});
/** A corner that a bar runs through, with its name. Car's frame, mm */
export type Via = z.infer<typeof via>;

/** How a bar runs between its ends. The chord is the straight from end A to end B. */
export const shape = z.discriminatedUnion(
  'kind',
  [
    /** Straight when `via` is empty, else through measured points with a bend at each. */
    z.strictObject({
      kind: z.literal('through'),
      via: z.array(via, say('the points that the bar bends at, from end A to end B')),
    }),
    /** Leaves the chord at once, runs parallel to it at the rise, and comes back. A rise or an angle, not both. */
    z.strictObject({
      kind: z.literal('bow'),
      towards,
      rise: extentField('the rise of the bow').nullable(),
      angle: angleField(0.1, 85, 'the slope of its ends').nullable(),
      /** Straight left between the bends; one bend at the middle when it is nothing. */
      flat: extentField('the straight in the middle'),
    }),
    /** Runs along the chord, steps over to a line beside it, and steps back. */
    z.strictObject({
      kind: z.literal('offset'),
      towards,
      offset: extentField('the offset'),
      /** Straight left between the tangents of the inner bends. */
      flat: extentField('the width of the offset'),
      /** Middle of the offset from the middle of the chord, positive toward end B. */
      centre: offsetField('the middle of the offset'),
      /** Solved when null: the least whole degree that leaves room for the clamp. */
      angle: angleField(1, 90, 'the angle of its bends').nullable(),
    }),
    /** Stands off the tubes that it ends on by its own legs: two bends of 90°. */
    z.strictObject({ kind: z.literal('stand-off'), towards, offset: extentField('the stand-off') }),
    /** One arc of the roller, from chord and rise. */
    z.strictObject({
      kind: z.literal('arc'),
      towards,
      rise: extentField('the rise of the arc'),
      lead: extentField('the straight left at each end'),
    }),
    /** Arcs of the roller through offsets from the chord, measured with a straight edge. */
    z.strictObject({
      kind: z.literal('stations'),
      towards,
      stations: z
        .array(
          z.strictObject({
            along: extentField('the distance along the straight edge'),
            offset: offsetField('the offset'),
          }),
          say('the offsets from the straight edge'),
        )
        .min(1, 'give one offset at least')
        .max(40, 'give 40 offsets at most'),
      /** Arcs are added until no station is farther off than this. */
      tolerance: z.strictObject({ mm: size('the tolerance'), typed: z.string().max(60) }),
    }),
    /** A list of measured straights and angles, taken in the car with a sample bend or a protractor. */
    z.strictObject({
      kind: z.literal('take-off'),
      /** What the first straight points at. */
      aim: placeField,
      /** Which way the first bend turns: 0 is up, then right-handed about the tube. */
      roll: angleField(-180, 180, 'the way the first bend turns'),
      ...takeOffFields,
    }),
    /** A hoop of its own in front, from the left foot to the right: its feet stand where its figures put them. */
    z.strictObject({
      kind: z.literal('hoop'),
      /** By the survey: by the section of the body where it stands. */
      way: hoopWay,
      /** From the body to the tube; of a hoop by the survey. */
      gap: extentField('the gap to the body'),
      /** Where its feet stand otherwise: ahead of the datum, and over the floor. */
      forward: offsetField('how far ahead its feet stand'),
      up: offsetField('the height of its feet'),
      /** Back, going up. */
      tilt: angleField(-30, 75, 'the tilt of the hoop'),
    }),
  ],
  say('the shape: through, bow, offset, stand-off, arc, stations, take-off or hoop'),
);
/** How a bar runs between its ends. */
export type BarShape = z.infer<typeof shape>;
/** A shape of a kind. */
export type ShapeOf<K extends BarShape['kind']> = Extract<BarShape, { kind: K }>;

/** A bar without a bend. */
export const STRAIGHT: ShapeOf<'through'> = { kind: 'through', via: [] };
