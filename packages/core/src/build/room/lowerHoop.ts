import { itemAt } from '../../items/index.ts';
import { type Plan } from '../../plan/index.ts';
import { dropToClear, roofOf, torchPlaces } from '../../cage/index.ts';
import { timelineOf } from '../order/index.ts';
import { type BuildRoom } from './buildRoom.ts';
import { partsOf, type SeamRoom } from './seamParts.ts';

/** A cage that stands lower from the start, in the place of one that is let down. mm */
export interface LowerHoop {
  /** So much lower the roof leaves the torch its room over every seam. */
  by: number;
  /** Seams that are out of reach all the same, behind other tubes. */
  lost: number;
}

/** The least is looked for to this. mm */
const FINE = 1;

/**
 * How much lower the tops would have to stand for the torch to reach what the roof keeps it from, the cage left in its place; null where the
 * roof keeps it from nothing, or is not known.
 */
export function lowerHoop(plan: Plan, room: BuildRoom, order: number[]): LowerHoop | null {
  const roof = roofOf(plan);
  if (roof.kind === 'open') return null;
  const { problem, seams, parts, order: planned, tubes } = room;
  const numbers = new Map(tubes.map(({ piece }, i) => [piece, i] as const));
  const kept = new Set(
    timelineOf({ ...problem, drops: false }, order).welds.flatMap(({ part, lost }) =>
      lost > 0 ? [itemAt(parts, part).seam] : [],
    ),
  );
  const under = seams.filter(({ places }, i) => kept.has(i) && places.some(({ roof: [inPlace] }) => inPlace));
  if (under.length === 0) return null;
  /** Seams out of reach where those that were are so much lower. */
  const lostAt = (by: number): number => {
    const lowered = seams.map((seam) => (under.includes(seam) ? loweredSeam(plan, seam, by) : seam));
    const own = partsOf(lowered, { numbers, order: planned }).parts;
    return timelineOf({ ...problem, parts: own, drops: false }, order).cost.lost;
  };
  const { bodyRoom, torchRoom } = plan.coping;
  const places = under.flatMap((seam) => seam.places);
  let high = Math.max(...places.map(({ at }) => dropToClear(roof.gap, at, bodyRoom.mm + torchRoom.mm / 2)));
  const lost = lostAt(high);
  for (let low = 0; high - low > FINE;) {
    const middle = (low + high) / 2;
    // A cage that stands lower closes no lean.
    if (lostAt(middle) > lost) low = middle;
    else high = middle;
  }
  return { by: high, lost };
}

/** A seam with the leans that the roof closes when it stands so much lower. */
function loweredSeam(plan: Plan, seam: SeamRoom, drop: number): SeamRoom {
  const { end } = seam;
  if (end.seam === null) return seam;
  const lower = torchPlaces(plan, { ...end, seam: end.seam }, [], [{ forward: 0, drop }]);
  return {
    ...seam,
    places: seam.places.map((place, i) => ({ ...place, roof: [itemAt(lower, i).roof[0] ?? 0] })),
  };
}
