import { placeOf } from '../cage/index.ts';
import { carried, placesOf, seatPoses } from '../occupant/index.ts';
import { type StrapWindow } from './interval.ts';
import { type HipPlace, lapAngle, type LapInterval, lapInterval } from './lap.ts';
import { type CarSide, type Occupant, type Plan } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { assumedIn } from '../known/index.ts';
import { judgeMeasured, marginIn, resting, type Verdict } from '../findings/index.ts';

/** How an anchor stands in a window at the worst setting of the seat. Degrees */
export interface LapVerdict extends Verdict {
  place: HipPlace;
  angle: number;
  margin: number;
}

/** The one judgement of a lap belt's anchor, wherever it is shown. places: one at least; error: of the protractor. */
export function lapVerdict(
  places: HipPlace[],
  [x, , z]: Vec3,
  window: StrapWindow,
  error: number,
): LapVerdict {
  const judged = places.map((place) => {
    const angle = lapAngle(place.hip, [x, z]);
    return { place, angle, margin: marginIn(window, angle) };
  });
  const worst = judged.reduce((found, one) => (one.margin < found.margin ? one : found));
  return { ...worst, status: judgeMeasured(worst.margin, error), would: null, restsOn: [] };
}

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
  /** In each window, at its worst setting. */
  verdicts: (LapVerdict & { book: string })[];
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

/** What a lap belt's verdict rests on besides its anchor. */
export const OF_LAP = ['body.hip', 'travel'];

/** Every lap anchor that is measured, against the windows of lap belts. windows: one at least */
export function lapAnswers(plan: Plan, windows: StrapWindow[]): LapAnswer[] {
  const assumed = assumedIn(plan);
  const rests = (id: string, side: CarSide) => assumed.ofRecord(id, [`lap.${side}`, ...OF_LAP]);
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
          verdicts: windows.map((window) => ({
            ...resting(lapVerdict(places, anchor, window, plan.measuringError.deg), rests(person.id, side)),
            book: window.book,
          })),
          interval: lapInterval(places, windows, anchor[2]),
        },
      ];
    });
  });
}
