import { type BarRole, type Plan, type RuleBook, USUAL_ORDER } from '@gyrus/core';

/** Roles that a four-point bar and a six-point cage are made of; a full cage goes on through the usual order. */
const FOUR_POINT: readonly BarRole[] = ['diagonal', 'harness-bar', 'backstay'];
const SIX_POINT: readonly BarRole[] = [...FOUR_POINT, 'side-hoop', 'windscreen-bar', 'door-bar'];
const FULL: readonly BarRole[] = [
  ...FOUR_POINT,
  'rear-cross',
  'side-hoop',
  'windscreen-bar',
  'roof-diagonal',
  'door-bar',
  'sill-bar',
  'dash-bar',
  'pillar-brace',
  'rear-diagonal',
  'gusset-tube',
];

/** The next role of what is being built that is not there yet. */
export function recommendedRole({ brief, members }: Plan): BarRole {
  const wanted = { 'four-point-bar': FOUR_POINT, 'six-point-cage': SIX_POINT, 'full-cage': FULL }[
    brief.built
  ];
  const there = new Set(members.map((member) => member.role));
  // Halo, roof bars and front legs are other ways to the same bay as side hoops.
  if (there.has('halo') || there.has('front-leg') || there.has('roof-bar')) there.add('side-hoop');
  if (there.has('halo')) there.add('windscreen-bar');
  return (
    wanted.find((role) => !there.has(role)) ?? USUAL_ORDER.find((role) => !there.has(role)) ?? 'gusset-tube'
  );
}

/** Roles that a chosen rule book speaks of and the plan has not yet. */
export function demandedRoles({ brief, members }: Plan, books: RuleBook[]): Set<BarRole> {
  const there = new Set<string>(members.map((member) => member.role));
  const chosen = books.filter((book) => brief.books.some((one) => one.book === book.id));
  const spoken = chosen.flatMap((book) => book.rules.flatMap((rule) => rule.roles));
  return new Set(USUAL_ORDER.filter((role) => spoken.includes(role) && !there.has(role)));
}

/** Why a bar is there, in one line. */
export const WHY: Record<BarRole, string> = {
  diagonal: "From above and behind the driver's head to the opposite foot: keeps the hoop from leaning over.",
  'harness-bar': "Holds the shoulder straps; it also ties the hoop's legs. Split where the diagonal crosses.",
  backstay: 'Hold the hoop up fore and aft; straight, and well off the vertical.',
  'rear-cross': 'Ties the backstays, and carries what stands between them.',
  'rear-diagonal': 'Keeps the backstays from leaning over.',
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
  spreader: 'A V from the rear cross to the feet of the backstays.',
  'seat-mount': 'Carries the seat across sill and tunnel.',
  'tunnel-tube': 'Over the tunnel, for the seat and the struts.',
  'hand-hold': 'To get in and out by.',
  'take-off': 'A tube as it was taken off the car: straights and angles.',
  'frame-tube': 'A tube of a frame, between two points.',
};
