import { type BarRole, type Plan } from '../../plan/index.ts';
import { USUAL_ORDER } from './proposeBar.ts';

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

/** A bar between two places of the body, held where its span is long. */
const BAR_ALONE: readonly BarRole[] = ['harness-bar', 'strut'];

const WANTED: Record<Plan['brief']['built'], readonly BarRole[]> = {
  'four-point-bar': FOUR_POINT,
  'six-point-cage': SIX_POINT,
  'full-cage': FULL,
  'harness-bar': BAR_ALONE,
};

/** The next role of what is being built that is not there yet, in the usual order of work: common practice. */
export function recommendedRole({ brief, members }: Plan): BarRole {
  const wanted = WANTED[brief.built];
  const there = new Set(members.map((member) => member.role));
  // A front hoop, halo, roof bars and front legs are other ways to the same bay as side hoops.
  if (there.has('halo') || there.has('front-leg') || there.has('roof-bar')) there.add('side-hoop');
  if (there.has('front-hoop')) there.add('side-hoop');
  if (there.has('halo') || there.has('front-hoop')) there.add('windscreen-bar');
  return (
    wanted.find((role) => !there.has(role)) ?? USUAL_ORDER.find((role) => !there.has(role)) ?? 'gusset-tube'
  );
}
