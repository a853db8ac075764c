import { type Said } from '../fault/index.ts';
import { placeOf, type Tube } from '../cage/index.ts';
import { placeAcross } from '../centreline/index.ts';
import { degrees, NOISE } from '../measure/index.ts';
import { type CarSide, type Occupant } from '../plan/index.ts';
import { distance, type Vec3 } from '../space/index.ts';
import { AS_MEASURED, carriedByBack, type SeatPose, seatPoses } from '../occupant/index.ts';

/** A shoulder strap from its slot to the bar, as measured. Car's frame, mm, degrees */
export interface StrapRun {
  side: CarSide;
  slot: Vec3;
  bar: Vec3;
  /** In plan, from straight back. */
  spread: number;
  length: number;
}

/** Guides farther than this from straight behind somebody hold somebody else's straps. mm */
const OWN_GUIDES = 250;

/** Both straps of somebody seated: to the guides behind, or straight back where there are none. guides: on the bar's axis. */
export const strapRuns = (person: Occupant, tube: Tube, guides: Vec3[]): StrapRun[] =>
  runsAt(person, tube, guides, AS_MEASURED, person.slots[0]?.mm ?? 0);

function runsAt(person: Occupant, tube: Tube, guides: Vec3[], pose: SeatPose, above: number): StrapRun[] {
  if (!person.shoulder) return [];
  const [sx, sy, sz] = placeOf(person.shoulder);
  const [x, y, z] = carriedByBack(pose, person, [sx, sy, sz + above]);
  const own = guides.filter((at) => Math.abs(at[1] - y) < OWN_GUIDES).sort((a, b) => b[1] - a[1]);
  return (['left', 'right'] as const).map((side): StrapRun => {
    const slot: Vec3 = [x, y + ((side === 'left' ? 1 : -1) * person.slotsApart.mm) / 2, z];
    const bar = (side === 'left' ? own[0] : own.at(-1)) ?? placeAcross(tube.axis, slot[1]);
    return {
      side,
      slot,
      bar,
      spread: Math.abs(degrees(Math.atan2(bar[1] - slot[1], slot[0] - bar[0]))),
      length: distance(slot, bar),
    };
  });
}

/** The strap that runs farthest off straight back, and where the seat stands then. Degrees */
export interface WorstSpread {
  side: CarSide;
  spread: number;
  notch: Said;
}

/** Over both straps, every slot and every setting of the seat. person: with a shoulder. */
export function worstSpread(person: Occupant, tube: Tube, guides: Vec3[]): WorstSpread {
  const found = seatPoses(person.travel, 'all').flatMap((pose) =>
    person.slots.flatMap((slot) =>
      runsAt(person, tube, guides, pose, slot.mm).map(({ side, spread }) => ({
        side,
        spread,
        notch: pose.notch,
      })),
    ),
  );
  return found.reduce((worst, one) => (one.spread > worst.spread + NOISE ? one : worst));
}

/** A belt is this wide. mm, 3 in: common practice */
const BELT = 76;

/** From the outer edge of the outermost strap to the surface of what the bar ends on, to the nearer side. mm */
export const legRoom = (runs: StrapRun[], own: Tube[], headerOd: number): number => {
  const ends = [own[0]?.points[0], own.at(-1)?.points.at(-1)].map((at) => at?.[1] ?? 0);
  const gaps = runs.flatMap(({ bar }) => ends.map((end) => Math.abs(end - bar[1])));
  return Math.min(...gaps) - headerOd / 2 - BELT / 2;
};
