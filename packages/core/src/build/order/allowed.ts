import { itemAt } from '../../items/index.ts';
import { type BuildProblem } from './problem.ts';

/** What an order does that cannot be done. Tubes by their numbers. */
export type OrderFault =
  /** A tube goes on before one that it is coped to. */
  | { kind: 'coped-to'; tube: number; header: number }
  /** A tube has no way in any more: these stand in them. */
  | { kind: 'no-way'; tube: number; by: number[] };

/** The place of each tube in an order. */
export function placesIn(order: readonly number[]): number[] {
  const at: number[] = [];
  for (const [i, tube] of order.entries()) at[tube] = i;
  return at;
}

/** Everything that an order does and cannot be done, tube by tube; empty where it can be built so. */
export function faultsOf(problem: BuildProblem, order: readonly number[]): OrderFault[] {
  const at = placesIn(order);
  const stands = (one: number, tube: number) => itemAt(at, one) < itemAt(at, tube);
  return Array.from({ length: problem.count }, (_, tube) => tube).flatMap((tube): OrderFault[] => {
    const early = itemAt(problem.after, tube).filter((header) => !stands(header, tube));
    const by = waysOf(problem, tube).flatMap((way) => way.filter((one) => stands(one, tube)));
    const blocked = howIn(problem, tube, (one) => stands(one, tube)) === 'blocked';
    return [
      ...early.map((header): OrderFault => ({ kind: 'coped-to', tube, header })),
      ...(blocked ? [{ kind: 'no-way' as const, tube, by: [...new Set(by)] }] : []),
    ];
  });
}

const waysOf = ({ ways, sprung }: BuildProblem, tube: number): number[][] => [
  ...itemAt(ways, tube),
  ...itemAt(sprung, tube),
];

/** How a tube gets to its place past what stands: by itself, with a header that gives, not at all, or nobody knows. */
export function howIn(
  problem: BuildProblem,
  tube: number,
  stands: (other: number) => boolean,
): 'free' | 'sprung' | 'blocked' | 'unknown' {
  const isOpen = (way: number[]) => !way.some(stands);
  if (itemAt(problem.ways, tube).some(isOpen)) return 'free';
  if (itemAt(problem.sprung, tube).some(isOpen)) return 'sprung';
  return waysOf(problem, tube).length > 0 ? 'blocked' : 'unknown';
}

/** Whether a tube can be fitted next, with others standing. */
export const canBeNext = (problem: BuildProblem, tube: number, stands: readonly boolean[]): boolean =>
  itemAt(problem.after, tube).every((header) => stands[header]) &&
  howIn(problem, tube, (one) => stands[one] === true) !== 'blocked';

/** By tube: what has to be in before its own ends are welded, as it gives for them. */
export function keptLooseFor(problem: BuildProblem, at: readonly number[]): number[][] {
  const keeping: number[][] = Array.from({ length: problem.count }, () => []);
  for (const [tube, loose] of problem.loose.entries())
    if (loose !== null && howIn(problem, tube, (one) => itemAt(at, one) < itemAt(at, tube)) === 'sprung')
      itemAt(keeping, loose).push(tube);
  return keeping;
}

/** An order with one of its tubes taken to another place. */
export function movedTo(order: readonly number[], from: number, to: number): number[] {
  const moved = order.toSpliced(from, 1);
  moved.splice(to, 0, itemAt(order, from));
  return moved;
}
