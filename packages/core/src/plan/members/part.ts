import { z } from 'zod';
import { between, oneOf, say } from '../../fault/index.ts';
import { placeField, side, station } from './attachment.ts';
import { angleField, extentField, id, sizeField, stamp } from '../quantities.ts';

const on = z.strictObject({ member: id, piece: id.optional(), side: side.optional() });
const onTube = { id, stamp, on, station };

/** What is made or bought beside tubes, plates and gussets, by kind. */
export const part = z.discriminatedUnion(
  'kind',
  [
    /** Two tubes end to end over an inner sleeve, plug welded through rosettes. */
    z.strictObject({
      kind: z.literal('splice'),
      ...onTube,
      sleeve: sizeField('the length of the sleeve'),
      sleeveWall: sizeField('the wall of the sleeve'),
      rosettes: between(0, 24, 'the number of rosettes').int('a whole number of rosettes'),
      gap: extentField('the gap for the root of the weld'),
    }),
    /** A joint that comes apart: flanges and bolts, or a clamp over both tubes. */
    z.strictObject({
      kind: z.literal('bolted-joint'),
      ...onTube,
      style: oneOf(['flange', 'sleeve', 'clamp'], 'how it is bolted'),
      bolts: between(1, 12, 'the number of bolts').int('a whole number of bolts'),
      size: sizeField("the bolt's diameter"),
    }),
    /** Keeps the shoulder straps in place on the harness bar. */
    z.strictObject({
      kind: z.literal('belt-guide'),
      ...onTube,
      style: oneOf(['guide', 'tab'], 'a guide round the bar, or a tab'),
      /** Clear between the two guides of one seat. */
      apart: sizeField('the distance between the guides'),
    }),
    /** Ties a bar to the body. */
    z.strictObject({
      kind: z.literal('tie'),
      ...onTube,
      style: oneOf(['stitch', 'plate'], 'stitch weld or plate'),
      gap: extentField('the gap to bridge'),
      length: sizeField('the length of the tie'),
    }),
    /** A bracket of flat bar to a belt or seat bolt: straights and bends, holes from its end, a spacer. */
    z.strictObject({
      kind: z.literal('bracket'),
      id,
      stamp,
      at: placeField,
      width: sizeField('the width of the flat bar'),
      thickness: sizeField('the thickness of the flat bar'),
      insideRadius: extentField('the inside radius of its bends'),
      straights: z.array(sizeField('a straight, outside to outside'), say('the straights')).min(1).max(8),
      angles: z.array(angleField(1, 179, 'the angle of a bend'), say('the angles')).max(7),
      holes: z
        .array(
          z.strictObject({
            from: sizeField('its distance from the end'),
            diameter: sizeField('its diameter'),
          }),
          say('the holes'),
        )
        .max(8),
      spacer: extentField('the spacer under it'),
      /** Whether the bolt can still be tightened with the trim in place; null until somebody looked. */
      canTighten: z.boolean(say('true or false')).nullable(),
    }),
    /** A strut that is adjusted by its thread ends, eye to eye. */
    z.strictObject({
      kind: z.literal('adjustable-strut'),
      id,
      stamp,
      od: sizeField('the outside diameter'),
      wall: sizeField('the wall'),
      from: placeField,
      to: placeField,
      /** From the eye to where the tube starts. */
      takeOff: z.tuple([
        extentField('what the end takes at the first eye'),
        extentField('at the second eye'),
      ]),
    }),
    /** A sheet between bars: for switches, a dash, the floor of a box. The bars go round it in this order. */
    z.strictObject({
      kind: z.literal('bar-panel'),
      id,
      stamp,
      bars: z
        .array(on, say('the bars round the panel'))
        .min(3, 'a panel lies between 3 bars at least')
        .max(6, 'name 6 bars at most'),
      thickness: sizeField('the thickness of the sheet'),
      /** Between the bars with a gap all round, or on them, its edges on their middles. */
      sits: oneOf(['between', 'on'], 'whether it lies between the bars or on them'),
      gap: extentField('the gap between sheet and bars'),
      tabs: z.strictObject({
        each: between(0, 12, 'the number of tabs on each bar').int('a whole number of tabs'),
        /** From the sheet's edge to the hole. */
        reach: extentField('how far inside the edge the hole is'),
        hole: sizeField('the hole for its screw'),
      }),
    }),
    /** A bolted harness bar in a car without a cage, between two belt or seat bolts (handbook §7). */
    z.strictObject({
      kind: z.literal('stand-alone-bar'),
      id,
      stamp,
      od: sizeField('the outside diameter'),
      wall: sizeField('the wall'),
      between: sizeField('the distance between the plates'),
      toBend: sizeField('from a plate to where its bend starts'),
      clr: sizeField('the centreline radius'),
      angle: angleField(1, 120, 'the angle of its bends'),
      /** From upright, positive to the rear. */
      tilt: angleField(-90, 90, 'the tilt of the bar'),
      at: placeField,
    }),
  ],
  say('a part of a known kind, such as "splice"'),
);
/** A part besides tubes, plates and gussets. */
export type Part = z.infer<typeof part>;
/** A part of a kind. */
export type PartOf<K extends Part['kind']> = Extract<Part, { kind: K }>;
/** The kinds of parts, in the order in which they are offered. */
export const PART_KINDS = [
  'splice',
  'bolted-joint',
  'belt-guide',
  'tie',
  'bracket',
  'adjustable-strut',
  'bar-panel',
  'stand-alone-bar',
] as const satisfies readonly Part['kind'][];
