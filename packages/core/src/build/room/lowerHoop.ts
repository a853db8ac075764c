import { type Plan } from '../../plan/index.ts';
import { dropToClear, roofOf } from '../../cage/index.ts';
import { timelineOf } from '../order/index.ts';
import { type BuildRoom } from './buildRoom.ts';
import { partsOf } from './seamParts.ts';

/** A cage that stands lower from the start, in the place of one that is let down. mm */
export interface LowerHoop {
  /** So much lower the roof leaves the torch its room over every seam. */
  by: number;
  /** Seams that are out of reach all the same, behind other tubes. */
  lost: number;
}

/** How much lower the tops would have to stand for the torch, the cage left in its place; null where the roof is in nobody's way, or not known. */
export function lowerHoop(
  plan: Plan,
  { problem, seams, order: planned, tubes }: BuildRoom,
  order: number[],
): LowerHoop | null {
  const roof = roofOf(plan);
  if (roof.kind === 'open') return null;
  const room = plan.coping.bodyRoom.mm + plan.coping.torchRoom.mm / 2;
  const closed = seams.flatMap(({ places }) =>
    places.flatMap(({ at, roof: [inPlace] }) => (inPlace ? [at] : [])),
  );
  if (closed.length === 0) return null;
  const numbers = new Map(tubes.map(({ piece }, i) => [piece, i] as const));
  const free = seams.map((seam) => ({
    ...seam,
    places: seam.places.map((place) => ({ ...place, roof: place.roof.map(() => 0) })),
  }));
  const { parts } = partsOf(free, { numbers, order: planned });
  return {
    by: Math.max(...closed.map((at) => dropToClear(roof.gap, at, room))),
    lost: timelineOf({ ...problem, parts, drops: false }, order).cost.lost,
  };
}
