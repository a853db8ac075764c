import { type Tube } from '../cage/index.ts';
import { crossingsOf, directionAt, pointAt } from '../centreline/index.ts';
import { type CarSide, type Cockpit, type Plan } from '../plan/index.ts';

/** What is left of a door opening to get in and out by. mm, car's frame */
export interface Entry {
  side: CarSide;
  /** The greatest free height above the door bars, and how far ahead of the hoop it is. */
  height: number;
  at: number;
  /** How much of the opening's length has the least height that the shop asks for. */
  length: number;
  /** The tube that closes it from below, and what from above: a tube or the door's own frame. */
  below: string;
  above: string;
}

/** Places along the car are looked at this often. mm */
const SPACING = 20;

/** The free height above the door bars on each side that has any, up to the tubes and the door opening above. */
export function entriesOf(plan: Plan, tubes: Tube[]): Entry[] {
  return (['left', 'right'] as const).flatMap((side) => {
    const own = tubes.filter((tube) => sideOf(tube) === side);
    const bars = own.filter(({ role }) => role === 'door-bar');
    if (bars.length === 0) return [];
    const others = own.filter(({ role }) => role !== 'door-bar' && role !== 'sill-bar');
    const entry = widest(bars, others, plan);
    return entry ? [{ side, ...entry }] : [];
  });
}

/** Which side a tube is on altogether; null for one that crosses the middle. */
function sideOf({ points }: Tube): CarSide | null {
  if (points.every(([, y]) => y > 0)) return 'left';
  return points.every(([, y]) => y < 0) ? 'right' : null;
}

function widest(bars: Tube[], others: Tube[], { survey, cockpit }: Plan): Omit<Entry, 'side'> | null {
  const doorTop = survey.measures.doorTop?.mm;
  const xs = bars.flatMap(({ points }) => points.map(([x]) => x));
  const [rear, front] = [Math.min(...xs), Math.max(...xs)];
  let best: Omit<Entry, 'side' | 'length'> | null = null;
  let free = 0;
  for (let x = rear + SPACING; x < front; x += SPACING) {
    const low = highestSurface(bars, x, 1);
    if (!low) continue;
    const tubesAbove = others.flatMap((tube) =>
      surfacesAt(tube, x, -1)
        .filter((z) => z > low.z)
        .map((z) => ({ z, stamp: tube.stamp })),
    );
    const above = [...tubesAbove, ...(doorTop === undefined ? [] : [{ z: doorTop, stamp: '' }])].sort(
      (a, b) => a.z - b.z,
    )[0];
    if (!above) continue;
    const height = above.z - low.z;
    if (height >= cockpit.entry.mm) free += SPACING;
    if (height > (best?.height ?? 0)) best = { height, at: x, below: low.stamp, above: above.stamp };
  }
  return best && { ...best, length: free };
}

/** The highest upper surface of the bars at a place along the car. */
function highestSurface(bars: Tube[], x: number, sign: 1 | -1): { z: number; stamp: string } | null {
  return bars
    .flatMap((tube) => surfacesAt(tube, x, sign).map((z) => ({ z, stamp: tube.stamp })))
    .reduce<{ z: number; stamp: string } | null>((best, one) => (best && best.z >= one.z ? best : one), null);
}

/** Heights of a tube's upper (1) or lower (−1) surface at a place along the car: thicker upright where it slopes. */
function surfacesAt({ axis, od }: Tube, x: number, sign: 1 | -1): number[] {
  return crossingsOf(axis, (at) => at[0] - x).flatMap((along) => {
    const at = pointAt(axis, along);
    const [dx, , dz] = directionAt(axis, along);
    const slope = Math.hypot(dx, dz);
    // A post has no upper surface but its end.
    return at && Math.abs(dx) > 0.05 * slope ? [at[2] + (sign * (od / 2) * slope) / Math.abs(dx)] : [];
  });
}

/** Whether an opening is lower than the least that the plan asks for to get in. */
export const isTooLow = ({ height }: Entry, { entry }: Cockpit): boolean => height < entry.mm;
