import { BAR_ROLES, type Rule } from '@gyrus/core';

/** The name of a role: `door bar`. */
export const roleWords = (role: string): string => role.replaceAll('-', ' ');

type Role = Rule['roles'][number];

/** Every role that a rule may be about. */
export const RULED_ROLES: readonly Role[] = ['main-hoop', ...BAR_ROLES];

/** Members that books mostly speak of together. */
export const ROLE_GROUPS: Readonly<Record<string, readonly Role[]>> = {
  'every member': RULED_ROLES,
  'the hoops': ['main-hoop', 'front-leg', 'side-hoop', 'halo'],
  'the front': ['front-leg', 'side-hoop', 'halo', 'windscreen-bar', 'pillar-brace', 'dash-bar'],
  'the roof': ['halo', 'roof-bar', 'roof-diagonal', 'windscreen-bar'],
  'the sides': ['door-bar', 'door-upright', 'sill-bar'],
  'the rear': ['backstay', 'diagonal', 'rear-cross', 'rear-diagonal'],
  'every member but the main hoop': BAR_ROLES,
};
