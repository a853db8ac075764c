import { type Joint, type Tube } from '../cage/index.ts';
import { placeAcross } from '../centreline/index.ts';
import { directionNearest, sweptTube } from '../cope/index.ts';
import { type Occupant, type Plan } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { judgeMeasured, marginIn, type Verdict } from '../findings/index.ts';
import { AS_MEASURED, type SlotPlace, slotPlaces } from '../occupant/index.ts';
import { angleAt, type BarLine, type StrapWindow } from './interval.ts';

/** What a strap's verdict rests on of its driver. */
export const OF_STRAPS = ['shoulder', 'slots', 'travel'];

/** One seat's straps to a bar, at every slot and setting of the seat. mm, x forward, z up */
export interface SeatStraps {
  person: Occupant;
  /** The part of the bar behind the shoulder, and the place of its axis there. */
  tube: Tube;
  at: Vec3;
  /** As seen from the bar's line: an offset bar lies further back behind one seat than behind another. */
  places: SlotPlace[];
  /** The first slot, as it was measured. */
  measured: SlotPlace;
}

/** A harness bar with everybody who is belted to it. */
export interface BarStraps {
  bar: BarLine;
  seats: SeatStraps[];
}

/** The straps of everybody whose shoulder is known to a bar. own: its tubes, one or the parts of a split one. */
export function strapsTo(plan: Plan, own: [Tube, ...Tube[]], joints: Joint[], tubes: Tube[]): BarStraps {
  const behind = plan.occupants.flatMap((person) => {
    if (!person.shoulder) return [];
    const y = person.shoulder[1].mm;
    const spots = own.map((tube) => ({ person, tube, at: placeAcross(tube.axis, y) }));
    return [spots.reduce((best, one) => (Math.abs(one.at[1] - y) < Math.abs(best.at[1] - y) ? one : best))];
  });
  const tube = behind[0]?.tube ?? own[0];
  const [x, , z] = behind[0]?.at ?? placeAcross(tube.axis, 0);
  return {
    bar: { x, z, lean: leanOf(tube, joints, tubes), od: tube.od },
    seats: behind.map((seat) => {
      const toLine = (place: SlotPlace): SlotPlace => ({
        ...place,
        slot: [place.slot[0] - (seat.at[0] - x), place.slot[1] - (seat.at[2] - z)],
        moved: [x - seat.at[0], z - seat.at[2]],
      });
      return {
        ...seat,
        places: slotPlaces(seat.person).map(toLine),
        measured: toLine(measuredOf(seat.person)),
      };
    }),
  };
}

const measuredOf = ({ id, name, shoulder, slots }: Occupant): SlotPlace => ({
  driver: name,
  occupant: id,
  pose: AS_MEASURED,
  moved: [0, 0],
  notch: [],
  slot: [shoulder?.[0].mm ?? 0, (shoulder?.[2].mm ?? 0) + (slots[0]?.mm ?? 0)],
});

/** How much what the bar hangs on moves forward for each mm up: the hoop's tilt. */
function leanOf(tube: Tube, joints: Joint[], tubes: Tube[]): number {
  const joint = joints.find(({ piece }) => piece === tube.piece);
  const header = tubes.find(({ piece }) => piece === joint?.header);
  if (!joint || !header) return 0;
  const along = directionNearest(sweptTube(header.axis, header.od), joint.at);
  return Math.abs(along[2]) < 0.2 ? 0 : along[0] / along[2];
}

/** How one seat's straps stand in a window where the bar is now: at the slot and setting that is the worst. Degrees */
export interface StrapVerdict extends Verdict {
  place: SlotPlace;
  /** null where the bar does not lie behind the slot. */
  angle: number | null;
  /** How far inside the window; negative outside. */
  margin: number;
}

/** The one judgement of shoulder straps, wherever it is shown. error: of the protractor. */
export function strapVerdict(
  { places }: SeatStraps,
  window: StrapWindow,
  bar: BarLine,
  attach: Plan['harness']['attach'],
  error: number,
): StrapVerdict {
  const judged = places.map((place) => {
    const angle = angleAt(place.slot, bar, bar.z, attach);
    return { place, angle, margin: angle === null ? -Infinity : marginIn(window, angle) };
  });
  const worst = judged.reduce((least, one) => (one.margin < least.margin ? one : least));
  const status = worst.angle === null ? 'out' : judgeMeasured(worst.margin, error);
  return { ...worst, status, would: null, restsOn: [] };
}

/** Windows that are kept with the protractor's error to spare, as everything is that the program proposes. */
export const keptWindows = (windows: StrapWindow[], error: number): StrapWindow[] =>
  windows.map(({ book, least, most }) => ({ book, least: least + error, most: most - error }));
