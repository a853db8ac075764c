import { placeOf, type Tube } from '../cage/index.ts';
import { placeAcross } from '../centreline/index.ts';
import { degrees } from '../measure/index.ts';
import { type CarSide, type Occupant } from '../plan/index.ts';
import { distance, type Vec3 } from '../space/index.ts';

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
export function strapRuns(person: Occupant, tube: Tube, guides: Vec3[]): StrapRun[] {
  if (!person.shoulder) return [];
  const [x, y, z] = placeOf(person.shoulder);
  const up = person.slots[0]?.mm ?? 0;
  const own = guides.filter((at) => Math.abs(at[1] - y) < OWN_GUIDES).sort((a, b) => b[1] - a[1]);
  return (['left', 'right'] as const).map((side): StrapRun => {
    const slot: Vec3 = [x, y + ((side === 'left' ? 1 : -1) * person.slotsApart.mm) / 2, z + up];
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

/** A belt is this wide. mm, 3 in: common practice */
const BELT = 76;

/** From the outer edge of the outermost strap to the surface of what the bar ends on, to the nearer side. mm */
export const legRoom = (runs: StrapRun[], { points }: Tube, headerOd: number): number => {
  const ends = [points[0], points.at(-1)].map((at) => at?.[1] ?? 0);
  const gaps = runs.flatMap(({ bar }) => ends.map((end) => Math.abs(end - bar[1])));
  return Math.min(...gaps) - headerOd / 2 - BELT / 2;
};
