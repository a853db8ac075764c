import { z } from 'zod';
import { between, oneOf, say } from '../../fault/index.ts';
import { placeField, side } from './attachment.ts';
import { LANDINGS } from '../brief.ts';
import { angleField, id, offsetField, sizeField, stamp, title } from '../quantities.ts';

/** The outline of a plate by the measures that a fabricator takes. */
const outline = z.discriminatedUnion(
  'kind',
  [
    z.strictObject({
      kind: z.literal('rectangle'),
      length: sizeField('the length'),
      width: sizeField('the width'),
    }),
    z.strictObject({
      kind: z.literal('parallelogram'),
      length: sizeField('the long side'),
      width: sizeField('the short side'),
      angle: angleField(1, 179, 'the angle between the sides'),
    }),
    z.strictObject({
      kind: z.literal('polygon'),
      corners: z
        .array(z.tuple([offsetField('x'), offsetField('y')]), say('the corners [x, y] in order'))
        .min(3, 'a plate has three corners at least')
        .max(24, 'a plate has 24 corners at most'),
    }),
  ],
  say('the outline: rectangle, parallelogram or polygon'),
);

/** A bolt pattern as it is ordered: bolts of one size with what they clamp on the other side. */
const bolts = z.strictObject({
  count: between(1, 40, 'the number of bolts').int('a whole number of bolts'),
  size: sizeField("the bolt's diameter"),
  grade: title,
  /** Thickness of the plate on the other side of the sheet. */
  backing: sizeField('the backing plate').nullable(),
});

/** A base plate under a foot. It owns its place and the foot follows it, or it follows the foot. */
export const plate = z.strictObject({
  id,
  name: title,
  stamp,
  /** The end that stands on it; null while none does. */
  under: z.strictObject({ member: id, end: oneOf(['a', 'b'], 'an end'), side: side.optional() }).nullable(),
  /** What the plate is on; as the brief says for all feet where it is null. */
  on: oneOf(LANDINGS, 'what the plate is on').nullable(),
  follows: oneOf(['foot', 'own'], 'who owns the place'),
  at: placeField.nullable(),
  /** From level, right-handed about the car's forward axis. */
  tilt: angleField(-90, 90, 'the tilt of the plate'),
  thickness: sizeField('the thickness'),
  outline,
  /** An edge turned up, on the sill for example. */
  turnedUp: z
    .strictObject({ length: sizeField('the length of the edge'), height: sizeField('its height') })
    .nullable(),
  /** The box under it, so that the cage can be dropped to weld its tops. */
  plinth: z
    .strictObject({
      height: sizeField('the height of the plinth'),
      length: sizeField('the length of its foot'),
      width: sizeField('the width of its foot'),
    })
    .nullable(),
  bolts: bolts.nullable(),
});
/** A plate under a foot. mm */
export type Plate = z.infer<typeof plate>;

/** A sheet gusset in the corner of two tubes. */
export const gusset = z.strictObject({
  id,
  stamp,
  kind: oneOf(['flat', 'folded'], 'a flat sheet, or one folded over both tubes'),
  between: z.tuple([
    z.strictObject({ member: id, piece: id.optional(), side: side.optional() }),
    z.strictObject({ member: id, piece: id.optional(), side: side.optional() }),
  ]),
  /** Along each tube from where the axes meet. */
  legs: z.tuple([sizeField('the first leg'), sizeField('the second leg')]),
  thickness: sizeField('the thickness'),
  holes: z
    .array(sizeField('the diameter of a hole'), say('the diameters of the holes'))
    .max(3, 'a gusset has three holes at most'),
  /** One on each side of the car. */
  twin: z.boolean(say('true or false')),
});
/** A sheet gusset between two tubes. mm */
export type Gusset = z.infer<typeof gusset>;
