import { placeOf } from '../cage/index.ts';
import {
  carried,
  type HipPlace,
  lapAngle,
  type LapInterval,
  lapInterval,
  seatPoses,
} from '../harness/index.ts';
import { placesOf } from '../occupant/index.ts';
import { type CarSide, type Occupant, type Plan } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { type RuleBook } from './ruleBook.ts';
import { strapWindows } from './strapWindows.ts';

/** One anchor of a lap belt against its window at every setting of the seat. Car's frame, mm, degrees */
export interface LapAnswer {
  occupant: string;
  driver: string;
  side: CarSide;
  anchor: Vec3;
  /** As measured, and the flattest and steepest over the seat's settings. */
  now: number;
  least: number;
  most: number;
  /** Where along the car it may be, at its height. */
  interval: LapInterval | null;
}

/** Where the lap belt lies at every setting of somebody's seat: measured, or from the height. Empty without a hip. */
export function hipPlaces(person: Occupant): HipPlace[] {
  const { hip } = placesOf(person);
  if (!hip) return [];
  return seatPoses(person.travel, 'all').map((pose) => {
    const [x, , z] = carried(pose, hip);
    return { driver: person.name, notch: pose.notch, hip: [x, z] };
  });
}

/** Every lap anchor that is measured. */
export function lapAnswers(plan: Plan, books: RuleBook[]): LapAnswer[] {
  const windows = strapWindows(plan, books, 'lap-window');
  return plan.occupants.flatMap((person) => {
    const places = hipPlaces(person);
    const { hip } = placesOf(person);
    if (!hip) return [];
    return (['left', 'right'] as const).flatMap((side): LapAnswer[] => {
      const given = person.lap[side];
      if (!given) return [];
      const anchor = placeOf(given);
      const angles = places.map((place) => lapAngle(place.hip, [anchor[0], anchor[2]]));
      return [
        {
          occupant: person.id,
          driver: person.name,
          side,
          anchor,
          now: lapAngle([hip[0], hip[2]], [anchor[0], anchor[2]]),
          least: Math.min(...angles),
          most: Math.max(...angles),
          interval: lapInterval(places, windows, anchor[2]),
        },
      ];
    });
  });
}
