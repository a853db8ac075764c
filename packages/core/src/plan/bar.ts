import { z } from 'zod';
import { oneOf, say } from '../fault/index.ts';
import { attachment, placeField } from './attachment.ts';
import { memberFields } from './memberFields.ts';

/** Roles of tubes that run from one attachment to another, straight or through measured points. */
export const BAR_ROLES = [
  'backstay',
  'diagonal',
  'harness-bar',
  'front-leg',
  'roof-bar',
  'roof-diagonal',
  'windscreen-bar',
  'door-bar',
  'sill-bar',
  'dash-bar',
  'rear-cross',
  'rear-diagonal',
  'tunnel-tube',
  'seat-mount',
  'gusset-tube',
  'hand-hold',
] as const;
export type BarRole = (typeof BAR_ROLES)[number];

const via = z.strictObject({
  /** The name of the bend. */
  feature: z
    .string(say('a name such as "pillar-top"'))
    .regex(/^[a-z]+(-[a-z]+)*$/, 'a name like "pillar-top"'),
  at: placeField,
});

/**
 * A bar between two attachments, with a bend at each point it runs through. A mirrored pair is described by its left tube;
 * where the car differs, the right one has ends and points of its own.
 */
export const bar = z.strictObject({
  role: oneOf(BAR_ROLES, 'the role of a bar'),
  ...memberFields,
  via: z.array(via, say('the points that the bar bends at, from end A to end B')),
  pair: oneOf(['single', 'mirrored'], 'whether the bar has a twin'),
  right: z
    .strictObject({
      a: attachment.nullable(),
      b: attachment.nullable(),
      via: z.array(via).nullable(),
    })
    .nullable(),
});
export type Bar = z.infer<typeof bar>;
