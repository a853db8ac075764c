import { z } from 'zod';
import { oneOf, say } from '../../fault/index.ts';
import { barAgain } from './again.ts';
import { attachment, placeField } from './attachment.ts';
import { memberFields } from './memberFields.ts';
import { extentField } from '../quantities.ts';
import { shape } from './shape.ts';

/** Roles of tubes that run from one attachment to another, straight or bent. */
export const BAR_ROLES = [
  'backstay',
  'diagonal',
  'harness-bar',
  'strut',
  'front-hoop',
  'front-leg',
  'side-hoop',
  'halo',
  'roof-bar',
  'roof-diagonal',
  'windscreen-bar',
  'pillar-brace',
  'door-bar',
  'door-upright',
  'sill-bar',
  'dash-bar',
  'rear-cross',
  'rear-diagonal',
  'tunnel-tube',
  'seat-mount',
  'spreader',
  'gusset-tube',
  'hand-hold',
  'take-off',
  'frame-tube',
] as const;
/** What a bar is in the cage. */
export type BarRole = (typeof BAR_ROLES)[number];

/** How a bar goes with the other side of the car: alone, with a mirrored twin, or across to its own mirror image. */
export const PAIRING = ['single', 'mirrored', 'across'] as const;

/**
 * A bar between two attachments. A mirrored pair is described by its left tube; where the car differs, the right one has
 * ends and a shape of its own. A bar `across` is one tube whose right half mirrors the left: its points are those of the left.
 */
export const bar = z.strictObject({
  role: oneOf(BAR_ROLES, 'the role of a bar'),
  ...memberFields,
  shape,
  pair: oneOf(PAIRING, 'whether the bar has a twin, or goes across the car'),
  right: z
    .strictObject({
      a: attachment.nullable(),
      b: attachment.nullable(),
      shape: shape.nullable(),
    })
    .nullable(),
  /** Moves the whole bar off what it stands on: forward, left, up. */
  offset: placeField,
  /** Came with the car: stands as a header like others, is not ordered or bent. */
  existing: z.boolean(say('true or false')),
  /** Of a tube that came with the car: bends pulled further. */
  bentAgain: barAgain,
  /** Taken off at each end, along the axis: an existing tube shortened. */
  cut: z.strictObject({ a: extentField('what is cut off end A'), b: extentField('what is cut off end B') }),
});
/** A member besides the main hoop: what its ends stand on, the shape between them, how many tubes it makes. */
export type Bar = z.infer<typeof bar>;

/** How many tubes a bar makes: each split makes one more, and a mirrored pair twice as many. */
export const piecesOfBar = ({ pair, crossings }: Pick<Bar, 'pair' | 'crossings'>): number =>
  (1 + crossings.filter(({ goes }) => goes === 'split').length) * (pair === 'mirrored' ? 2 : 1);
