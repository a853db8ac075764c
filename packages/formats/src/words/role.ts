import { BAR_ROLES, type BarRole, type Rule } from '@gyrus/core';

/** The name of a role: `door bar`. */
export const roleWords = (role: string): string => role.replaceAll('-', ' ');

type Role = Rule['roles'][number];

/** Every role that a rule may be about. */
export const RULED_ROLES: readonly Role[] = ['main-hoop', ...BAR_ROLES];

/** Members that books mostly speak of together. */
export const ROLE_GROUPS: Readonly<Record<string, readonly Role[]>> = {
  'every member': RULED_ROLES,
  'the hoops': ['main-hoop', 'front-hoop', 'front-leg', 'side-hoop', 'halo'],
  'the front': ['front-hoop', 'front-leg', 'side-hoop', 'halo', 'windscreen-bar', 'pillar-brace', 'dash-bar'],
  'the roof': ['halo', 'roof-bar', 'roof-diagonal', 'windscreen-bar'],
  'the sides': ['door-bar', 'door-upright', 'sill-bar'],
  'the rear': ['backstay', 'diagonal', 'rear-cross', 'rear-diagonal'],
  'every member but the main hoop': BAR_ROLES,
};

/** Why a bar is there, in one line. */
export const ROLE_REASONS: Record<BarRole, string> = {
  diagonal: "From above and behind the driver's head to the opposite foot: keeps the hoop from leaning over.",
  'harness-bar': "Holds the shoulder straps; it also ties the hoop's legs. Split where the diagonal crosses.",
  backstay: 'Hold the hoop up fore and aft; straight, and well off the vertical.',
  'rear-cross': 'Ties the backstays, and carries what stands between them.',
  'rear-diagonal': 'Keeps the backstays from leaning over.',
  'front-hoop': 'Both front legs and the windscreen bar in one tube, from foot to foot along the pillars.',
  'side-hoop': 'Roof bar and front leg in one, from the hoop along roof rail and pillar to the sill.',
  'front-leg': 'From the sill up the pillar to a halo or a roof bar.',
  halo: 'Both roof bars and the windscreen bar in one tube.',
  'roof-bar': 'From the hoop forward along the roof rail.',
  'windscreen-bar': "Tucked up out of the driver's view; a small crank where a straight one hangs low.",
  'roof-diagonal': 'Keeps the roof from leaning over; split one of two for an X.',
  'door-bar': 'An X leaves one tube at mid-door, stacked bars two; bowed ones give elbow room.',
  'door-upright': 'Ties sill bar and door bar at mid-door.',
  'sill-bar': 'Along the sill, from the hoop to the front leg.',
  'dash-bar': 'Knee bar: ties the front legs and carries the column; its height follows from the bracket.',
  'pillar-brace': 'Stiffens the bent front leg along the pillar.',
  'gusset-tube': 'A short tube across a corner.',
  strut: 'Holds the harness bar to the floor where its span is long.',
  spreader:
    'Between the front legs, or a V: from the rear cross to the feet of the backstays, or on any two bars.',
  'seat-mount': 'Carries the seat across sill and tunnel.',
  'tunnel-tube': 'Over the tunnel, for the seat and the struts.',
  'hand-hold': 'To get in and out by.',
  'take-off': 'A tube as it was taken off the car: straights and angles.',
  'frame-tube': 'A tube of a frame, between two points.',
};
