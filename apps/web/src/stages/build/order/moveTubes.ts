import { type BuildAnswer, faultsOf, itemAt, type OrderFault, type Plan, type Ticked } from '@gyrus/core';
import { isCopedByOrder } from '@gyrus/formats';

/** Where tubes would be taken, and what that breaks. */
export interface Move {
  order: number[];
  /** What cannot be built so. */
  hard: OrderFault[];
  /** Who is coped to whom would change: it can be built, by other copes. */
  copes: OrderFault[];
}

/** Takes some neighbouring tubes of the order to stand before another place of it; 0 is the beginning. */
export function moveOf(answer: BuildAnswer, tubes: readonly number[], before: number): Move {
  const rest = answer.order.filter((tube) => !tubes.includes(tube));
  const place = answer.order.slice(0, before).filter((tube) => !tubes.includes(tube)).length;
  const order = [...rest.slice(0, place), ...tubes, ...rest.slice(place)];
  const faults = faultsOf(answer.problem, order);
  return {
    order,
    hard: faults.filter((fault) => !isCopedByOrder(fault, answer)),
    copes: faults.filter((fault) => isCopedByOrder(fault, answer)),
  };
}

/** The fit order of a plan with its made tubes in another order; what came with the car keeps its places. */
export function fitOrderWith(
  { fitOrder }: Pick<Plan, 'fitOrder'>,
  { tubes }: BuildAnswer,
  order: readonly number[],
): string[] {
  const pieces = order.map((tube) => itemAt(tubes, tube).piece);
  const left = [...pieces];
  const kept = fitOrder.map((id) => (pieces.includes(id) ? (left.shift() ?? id) : id));
  return [...kept, ...left];
}

/** The places in the order before which a step's tubes can be put down by one press: earlier, and later. */
export function neighbours(
  groups: readonly (readonly number[])[],
  at: number,
  order: readonly number[],
): { earlier: number | null; later: number | null } {
  const starts = groups.map(([first = -1]) => order.indexOf(first));
  const after = groups[at + 1];
  return {
    earlier: at > 0 ? itemAt(starts, at - 1) : null,
    later: after ? itemAt(starts, at + 1) + after.length : null,
  };
}

/** What a move takes past each other though one of them is tacked already, by its ticks, and the other is not; null where nothing is. */
export function standsAlready(
  { tubes, order: before }: BuildAnswer,
  { order: after }: Pick<Move, 'order'>,
  ticked: ReadonlyMap<string, Ticked>,
): string | null {
  const isTacked = (tube: number) => ticked.has(`tack:${itemAt(tubes, tube).piece}`);
  const [tacked, loose] = [after.filter(isTacked), after.filter((tube) => !isTacked(tube))];
  for (const one of tacked)
    for (const other of loose) {
      const wasFirst = before.indexOf(one) < before.indexOf(other);
      if (wasFirst && after.indexOf(other) < after.indexOf(one))
        return `${itemAt(tubes, one).stamp} is ticked off: it stands already, and ${itemAt(tubes, other).stamp} does not`;
    }
  return null;
}
