import { type Plan } from '../plan/index.ts';
import { recordedThings } from './recorded.ts';
import { withAt } from './withAt.ts';

/**
 * A plan as the start of the next car of the same model. The cage stays as it was chosen; what was read off the car and its drivers is
 * assumed until somebody measures it there; what was answered, ticked off, accepted as built or sawn of a batch belongs to the last car.
 * from: in words, for the brief's notes.
 */
export function nextCarPlan(plan: Plan, from: string): Plan {
  const assumed = assumedOfCar(plan);
  const { brief, survey, members } = assumed;
  return {
    ...assumed,
    brief: {
      ...brief,
      ...{ customer: '', dueBy: null, paintOn: null, drivers: [] },
      notes: [from, brief.notes].filter(Boolean).join('\n').slice(0, 4000),
    },
    survey: { ...survey, stance: null, again: {} },
    members: members.map((member) => ({
      ...member,
      tube: { ...member.tube, batch: '' },
      ...(member.role === 'main-hoop' && { asBuilt: null }),
    })),
    copeTicks: [],
    answers: {},
  };
}

/** Of a member these were read off the car; where it stands on another tube somebody chose. */
const READ_OFF = new Set<string | number>(['at', 'aim', 'shape', 'way']);

/** The same with everything that was measured on car and drivers assumed. */
function assumedOfCar(plan: Plan): Plan {
  const figures = recordedThings(plan, () => true)
    .filter(({ name }) => name.standsFor !== 'cage')
    .flatMap((thing) => thing.figures)
    .filter(({ path }) => path[0] !== 'members' || path.some((key) => READ_OFF.has(key)));
  return figures.reduce(
    (next, { path, value }) => withAt(next, path, { ...value, known: { how: 'assumed' } }) as Plan,
    plan,
  );
}
