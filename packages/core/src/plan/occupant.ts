import { z } from 'zod';
import { between, oneOf, say } from '../fault/index.ts';
import { assumed } from '../measure/index.ts';
import { placeField } from './members/attachment.ts';
import { angleField, extentField, id, offsetField, sizeField, title } from './quantities.ts';

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

/** Measures of the body in its seat, by which volumes are placed; what is not measured follows from the height. */
const body = z.strictObject(
  {
    eye: placeField.nullable(),
    /** Where the lap belt lies over the hip. */
    hip: placeField.nullable(),
    /** The middle between both knees' tops. */
    knee: placeField.nullable(),
    /** The middle between both elbows, hands at the wheel. */
    elbow: placeField.nullable(),
    shoulderWidth: sizeField('the width over the shoulders').nullable(),
    seatWidth: sizeField("the seat's outer width").nullable(),
  },
  say('the body {eye, hip, knee, elbow, shoulderWidth, seatWidth}'),
);

/** Where the lap belt is bolted, left and right of the seat. */
const lap = z.strictObject(
  { left: placeField.nullable(), right: placeField.nullable() },
  say('the anchors of the lap belt {left, right}'),
);

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
  /** Between the middles of the left and the right slot. */
  slotsApart: extentField('the distance between the slots'),
  body,
  lap,
});
/** Somebody in the car: measures, seat, belts. Car's frame, mm and degrees */
export type Occupant = z.infer<typeof occupant>;

/** Somebody in a fixed seat, nothing measured; straps 150 mm apart are common practice, and at the shoulder until it is measured. */
export const newOccupant = (id: string): Occupant => ({
  id,
  name: '',
  seat: 'left',
  shoulder: null,
  helmetTop: null,
  height: null,
  travel: null,
  slots: [assumed({ mm: 0, typed: '0 mm' })],
  slotsApart: assumed({ mm: 150, typed: '150 mm' }),
  body: { eye: null, hip: null, knee: null, elbow: null, shoulderWidth: null, seatWidth: null },
  lap: { left: null, right: null },
});

/** How shoulder straps are fastened here, and what the shop aims for within the heights that satisfy all. */
export const harness = z.strictObject({
  attach: oneOf(['tab', 'over', 'under'], 'how the straps are fastened'),
  /** One angle for the driver as measured; the middle of the interval where it is null. */
  aim: angleField(-45, 90, 'the angle that is aimed for').nullable(),
  /** Whether belts that are worn are fastened to the bar: on a bar for show that is the dangerous middle. */
  worn: z.boolean(say('true or false')),
  /** A bar that is longer than this between what holds it gets a strut. */
  longestSpan: sizeField('the longest span of a harness bar'),
});

/** Common practice: tabs, a strap of 10°, a strut where a bar is longer than a metre between its supports. */
export const USUAL_HARNESS: z.infer<typeof harness> = {
  attach: 'tab',
  aim: { deg: 10, typed: '10' },
  worn: true,
  longestSpan: { mm: 1000, typed: '1000 mm' },
};
