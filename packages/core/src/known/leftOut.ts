import { keysOf } from '../items/index.ts';
import { millimetres } from '../measure/index.ts';
import { mainHoopOf, type MeasureKey, type Occupant, type Plan } from '../plan/index.ts';
import { placesOf } from '../occupant/index.ts';
import { measureName, named } from './recorded.ts';
import { type AssumedThing, AXES } from './thing.ts';

/** Measures that the hoop goes on without: they are taken for nothing. */
const TAKEN_FOR_NOTHING = {
  pillarTilt: { deg: 0, typed: '0' },
  floorSlopeLeft: { deg: 0, typed: '0' },
  floorSlopeRight: { deg: 0, typed: '0' },
  landingLeft: { mm: 0, typed: '0 mm' },
  landingRight: { mm: 0, typed: '0 mm' },
} as const satisfies Partial<Record<MeasureKey, object>>;

/**
 * What nobody wrote down and the program takes a figure for all the same: slopes and landings of the floor, the pillar's tilt, hips
 * from the height. Nothing in plans from before that was kept.
 */
export function leftOutThings(plan: Plan): AssumedThing[] {
  if (!plan.proposalsMarked) return [];
  return [...measuresLeftOut(plan), ...plan.occupants.flatMap((person, i) => hipLeftOut(person, i))];
}

function measuresLeftOut(plan: Plan): AssumedThing[] {
  const hoop = mainHoopOf(plan);
  if (!hoop) return [];
  const keys = keysOf(TAKEN_FOR_NOTHING);
  return keys
    .filter((key) => plan.survey.measures[key] === undefined)
    .filter((key) => key !== 'pillarTilt' || hoop.tilt === null)
    .map((key) => ({
      name: measureName(key),
      id: '',
      figures: [{ path: ['survey', 'measures', key], value: TAKEN_FOR_NOTHING[key], axis: null }],
      leftOut: true,
    }));
}

/** A lap belt is judged from the hip: where it was not measured it follows from shoulder and height. */
function hipLeftOut(person: Occupant, i: number): AssumedThing[] {
  const { hip } = placesOf(person);
  if (person.body.hip !== null || !hip || (!person.lap.left && !person.lap.right)) return [];
  return [
    {
      name: named('occupant', person.name, () => 'driver')(['body', 'hip']),
      id: person.id,
      figures: AXES.map((axis, at) => {
        const mm = Math.round(hip[at] ?? 0);
        return { path: ['occupants', i, 'body', 'hip', at], value: millimetres(mm), axis };
      }),
      leftOut: true,
    },
  ];
}
