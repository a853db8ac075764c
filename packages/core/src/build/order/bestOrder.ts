import { itemAt } from '../../items/index.ts';
import { canBeNext, faultsOf, movedTo } from './allowed.ts';
import { neededBy } from './needed.ts';
import { type BuildProblem, CLOSED, PLACES, type SeamPart, type WorkPlace } from './problem.ts';
import { type BuildCost, compareCost, INTO_THE_CAR, timelineOf } from './timeline.ts';

/** An order of building, what it costs, and whether no other loses fewer seams or takes fewer moves. */
export interface BestOrder {
  order: number[];
  cost: BuildCost;
  proven: boolean;
}

/** So many beginnings of orders are looked at before the search says that it cannot tell. */
const MOST = 4_000;

/**
 * The order with the fewest seams out of the torch's reach, then the fewest moves; `start` where none is better. It is looked for by moving
 * tubes one at a time, and where that does not reach the least that can be, by trying every order, given up after so many. null where no
 * order obeys.
 */
export function bestOrder(problem: BuildProblem, start: readonly number[]): BestOrder | null {
  const begun = faultsOf(problem, start).length === 0 ? [...start] : anyOrder(problem, start);
  if (!begun) return null;
  const least = leastCost(problem);
  const climbed = climb(problem, begun, least);
  const { lost, moves } = climbed.cost;
  if (lost === least.lost && moves === least.moves) return { ...climbed, proven: true };
  return tried(problem, climbed);
}

/** An order that obeys, as near to a wanted one as taking the first that can be next makes it. */
export function anyOrder(problem: BuildProblem, wanted: readonly number[]): number[] | null {
  const stands: boolean[] = Array.from({ length: problem.count }, () => false);
  const order: number[] = [];
  let left = MOST;
  const extend = (): boolean => {
    if (order.length === problem.count) return true;
    if (left-- <= 0) return false;
    for (const tube of wanted) {
      if (stands[tube] || !canBeNext(problem, tube, stands)) continue;
      order.push(tube);
      stands[tube] = true;
      if (extend()) return true;
      order.pop();
      stands[tube] = false;
    }
    return false;
  };
  return extend() ? order : null;
}

/** Down by taking one tube at a time to a better place, until none is. */
function climb(problem: BuildProblem, start: number[], least: BuildCost): Omit<BestOrder, 'proven'> {
  let best = { order: start, cost: timelineOf(problem, start).cost };
  for (;;) {
    if (compareCost(best.cost, least) === 0) return best;
    const better = oneMoveFrom(problem, best);
    if (!better) return best;
    best = better;
  }
}

function oneMoveFrom(
  problem: BuildProblem,
  { order, cost }: Omit<BestOrder, 'proven'>,
): Omit<BestOrder, 'proven'> | null {
  for (const from of order.keys())
    for (const to of order.keys()) {
      if (from === to) continue;
      const moved = { order: movedTo(order, from, to), cost };
      moved.cost = timelineOf(problem, moved.order).cost;
      if (compareCost(moved.cost, cost) < 0 && faultsOf(problem, moved.order).length === 0) return moved;
    }
  return null;
}

/** Every order, but for beginnings that lose more already than the best does. */
function tried(problem: BuildProblem, start: Omit<BestOrder, 'proven'>): BestOrder {
  const { count, parts } = problem;
  const needed = neededBy(problem.after);
  const stands: boolean[] = Array.from({ length: count }, () => false);
  const order: number[] = [];
  let best = start;
  let left = MOST;
  /** Seams that no order with this beginning reaches. */
  const lostFor = (): number => {
    const lost = new Set<number>();
    for (const part of parts) {
      // What stood when it was welded is not kept: of a beginning only the seams that are still to come are looked at.
      if (stands[part.tube]) continue;
      if (!placesFor(problem, part).some((where) => isReachedAt(problem, part, where, stands, needed)))
        lost.add(part.seam);
    }
    return lost.size;
  };
  const extend = (): void => {
    if (left-- <= 0) return;
    if (order.length === count) {
      const cost = timelineOf(problem, order).cost;
      if (compareCost(cost, best.cost) < 0) best = { order: [...order], cost };
      return;
    }
    if (lostFor() > best.cost.lost) return;
    for (const tube of start.order) {
      if (stands[tube] || !canBeNext(problem, tube, stands)) continue;
      order.push(tube);
      stands[tube] = true;
      extend();
      order.pop();
      stands[tube] = false;
    }
  };
  extend();
  return { ...best, proven: left > 0 };
}

/** The least that any order costs: each seam for itself, with nothing standing but what has to. */
function leastCost(problem: BuildProblem): BuildCost {
  const needed = neededBy(problem.after);
  const nothing: boolean[] = [];
  const ways = problem.parts.map((part) =>
    placesFor(problem, part).filter((where) => isReachedAt(problem, part, where, nothing, needed)),
  );
  const lost = new Set(problem.parts.filter((_, i) => itemAt(ways, i).length === 0).map(({ seam }) => seam));
  // What is left of a seam that is lost all the same need not be reached.
  const dropped = problem.parts.some(
    ({ seam }, i) => !lost.has(seam) && itemAt(ways, i).every((where) => where === 'dropped'),
  );
  const offBench = ways.filter(([first]) => first !== 'bench').length;
  return { lost: lost.size, moves: INTO_THE_CAR + (dropped ? 2 : 0), offBench };
}

const placesFor = (problem: BuildProblem, { tube }: SeamPart): WorkPlace[] =>
  PLACES.filter((where) =>
    where === 'bench'
      ? [tube, ...waitsFor(problem, tube)].every((one) => problem.bench[one])
      : where === 'car' || problem.drops,
  );

/** What has to be in before a tube's ends are welded in any order: tubes that have no way but when it gives. */
const waitsFor = ({ loose, ways, sprung }: BuildProblem, tube: number): number[] =>
  [...loose.keys()].filter(
    (one) => loose[one] === tube && itemAt(ways, one).length === 0 && itemAt(sprung, one).length > 0,
  );

/** Whether all of a part is reached as soon as it can be, with those standing that do and those that it needs. */
function isReachedAt(
  problem: BuildProblem,
  { tube, places }: SeamPart,
  where: WorkPlace,
  stands: readonly boolean[],
  needed: readonly Set<number>[],
): boolean {
  const also = [tube, ...waitsFor(problem, tube)].map((one) => itemAt(needed, one));
  const isThere = (one: number) => stands[one] === true || also.some((set) => set.has(one));
  return places.every(
    ({ roof, tubes }) =>
      tubes.reduce((bits, { tube: one, closed }) => (isThere(one) ? bits | closed : bits), roof[where]) !==
      CLOSED,
  );
}
