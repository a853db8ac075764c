import { type Rule, type RuleCheck } from '@gyrus/core';
import { inch } from '../write.ts';

type Role = Rule['roles'][number];

/** A rule of a book that holds for all classes. */
export const rule = (id: string, clause: string, roles: Role[], text: string, check: RuleCheck): Rule => ({
  id,
  clause,
  text,
  roles,
  classes: [],
  check,
});

/** A size of the schedule in inches. */
export const size = (od: string, wall: string, kinds: string[]) => ({
  od: inch(od),
  wall: inch(wall),
  kinds,
});

/** What no program can compute: the text is the question. */
export const ask = (id: string, clause: string, roles: Role[], question: string): Rule =>
  rule(id, clause, roles, question, { kind: 'ask', question });

/** What stands at the front of a cage. */
export const FRONT: Role[] = ['front-leg', 'side-hoop', 'halo'];
const ROOF: Role[] = ['roof-bar', 'roof-diagonal', 'windscreen-bar'];
/** Everything that holds a load besides the main hoop. */
export const OTHERS: Role[] = [
  'backstay',
  'diagonal',
  'harness-bar',
  ...FRONT,
  ...ROOF,
  'door-bar',
  'sill-bar',
  'dash-bar',
  'rear-cross',
  'rear-diagonal',
  'gusset-tube',
  'pillar-brace',
];
/** Every role. */
export const ALL: Role[] = ['main-hoop', ...OTHERS];

/** Limits that a check leaves open. */
export const NO_ANGLE = { least: null, most: null };
/** A check of plates that asks for nothing, to be filled in. */
export const NO_PLATE = {
  kind: 'plate' as const,
  area: null,
  thickness: null,
  narrowest: null,
  bolts: null,
  boltSize: null,
};
/** A check of helmets that asks for nothing, to be filled in. */
export const NO_HELMET = { kind: 'helmet' as const, belowLine: null, belowTop: null, within: null };
