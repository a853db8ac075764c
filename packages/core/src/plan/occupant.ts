import { z } from 'zod';
import { between, oneOf, say } from '../fault/index.ts';
import { placeField } from './attachment.ts';
import { angleField, extentField, id, offsetField, title } from './quantities.ts';

const notches = between(1, 100, 'the number of notches').int('a whole number of notches');

/** How far the seat goes from where the shoulder was measured, and in how many notches. */
const travel = z.strictObject({
  forward: extentField('how far it slides forward'),
  back: extentField('how far it slides back'),
  slideNotches: notches,
  up: extentField('how far it rises'),
  down: extentField('how far it is lowered'),
  heightNotches: notches,
  upright: angleField(0, 45, 'how far its back comes up'),
  reclined: angleField(0, 45, 'how far its back lies down'),
  reclineNotches: notches,
  /** From the foot of the seat's back to the shoulder: the recline turns about there. */
  backLength: extentField("the length of the seat's back"),
});

/** Who sits in it: where shoulder and helmet are, how far the seat goes, and where the straps leave it. */
export const occupant = z.strictObject({
  id,
  name: title,
  seat: oneOf(['left', 'centre', 'right'], 'the seat'),
  shoulder: placeField.nullable(),
  helmetTop: placeField.nullable(),
  height: extentField('the height').nullable(),
  /** A fixed seat where it is null. */
  travel: travel.nullable(),
  /** Where the straps leave seat or head-restraint device, above the shoulder as measured: each slot that may be used. */
  slots: z.array(offsetField('the height of a slot above the shoulder'), say('the slots')).min(1).max(6),
});

/** How shoulder straps are fastened here, and what the shop aims for within the heights that satisfy all. */
export const harness = z.strictObject({
  attach: oneOf(['tab', 'over', 'under'], 'how the straps are fastened'),
  /** One angle for the driver as measured; the middle of the interval where it is null. */
  aim: angleField(-45, 90, 'the angle that is aimed for').nullable(),
});

/** Common practice: tabs, and a strap of 10°. */
export const USUAL_HARNESS: z.infer<typeof harness> = { attach: 'tab', aim: { deg: 10, typed: '10' } };
