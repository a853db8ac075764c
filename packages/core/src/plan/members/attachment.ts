import { z } from 'zod';
import { oneOf, say } from '../../fault/index.ts';
import { extentField, id, offsetField } from '../quantities.ts';
import { towardsField } from './towards.ts';

/** A side of the car, as its driver has it. */
export const side = oneOf(['left', 'right'], 'a side');
/** A side of the car, as its driver has it. */
export type CarSide = z.infer<typeof side>;

/** Names a piece of a member; `side` tells the twins of a pair apart. */
const reference = z.strictObject({
  member: id,
  piece: id.optional(),
  side: side.optional(),
});

/** A bar that something stands on: which of twins, or which piece, where it makes several. */
export type MemberReference = z.infer<typeof reference>;

/**
 * A place on a member by what it means: the feature, an edge of it, and a signed distance along the centreline,
 * positive toward end B. Never a number that shifts when a bend is added.
 */
const station = z.strictObject({
  feature: z
    .string(say('a feature such as "crown-left"'))
    .regex(/^[a-z]+(-[a-z]+)*$/, 'a feature is written like "crown-left"'),
  edge: oneOf(['tangentA', 'middle', 'pi', 'tangentB'], 'an edge of the feature'),
  along: offsetField('the distance along the centreline'),
});
/** A place along a bar: so far from an edge of one of its bends, or from an end. mm */
export type Station = z.infer<typeof station>;

const point = z.tuple([offsetField('x'), offsetField('y'), offsetField('z')], say('a point [x, y, z]'));

/** An end that passes beside the axis it is coped to, on purpose; null for one that meets it. */
const aside = z
  .strictObject({
    by: extentField('how far the axes pass each other'),
    toward: towardsField('the side to which it passes'),
  })
  .nullable();
/** How far beside the axis of what it stands on an end passes, and to which side. mm */
export type Aside = NonNullable<z.infer<typeof aside>>;

/** What an end of a member stands on. */
export const attachment = z.discriminatedUnion(
  'kind',
  [
    z.strictObject({ kind: z.literal('landing'), side }),
    z.strictObject({ kind: z.literal('plate'), plate: id }),
    z.strictObject({
      kind: z.literal('station'),
      on: reference,
      station,
      /** Which line of the bar that stands there the distance goes to: "7 in from the hoop, at its near edge". */
      to: oneOf(['axis', 'near', 'far'], "the bar's axis, its near edge or its far edge"),
      aside,
    }),
    z.strictObject({ kind: z.literal('joint'), of: z.tuple([reference, reference]) }),
    z.strictObject({
      kind: z.literal('height'),
      on: reference,
      height: offsetField('the height above the floor'),
      aside,
    }),
    z.strictObject({ kind: z.literal('point'), at: point }),
    z.strictObject({ kind: z.literal('panel'), panel: id, at: point }),
  ],
  say('what the end stands on: a landing, plate, station, joint, height, point or panel'),
);
/** What an end stands on. */
export type Attachment = z.infer<typeof attachment>;

/** A tube that this one crosses between its ends: which goes through, and which is split. */
export const crossing = z.strictObject({
  member: id,
  goes: oneOf(['through', 'split'], 'how this member passes the other'),
});

export { point as placeField, station };
