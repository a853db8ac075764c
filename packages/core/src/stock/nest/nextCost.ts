import { type Stick } from './patterns.ts';
import { NO_COST } from './problem.ts';

/** More kinds of cost than this have too many sums. */
const MOST_COSTS = 3;

/** The least cost from `least` on that some number of sticks can have; `least` itself where there are too many kinds to tell. */
export function nextCost(least: number, sticks: readonly Stick[]): number {
  const kinds = new Map<number, number>();
  for (const { cost, count } of sticks) kinds.set(cost, (kinds.get(cost) ?? 0) + count);
  const costs = [...kinds].filter(([cost]) => cost > 0).sort(([a], [b]) => b - a);
  if (costs.length > MOST_COSTS) return least;
  const from = (at: number, rest: number): number => {
    if (rest <= NO_COST) return 0;
    const kind = costs[at];
    if (!kind) return Infinity;
    const [cost, count] = kind;
    const most = Math.min(count, Math.ceil((rest - NO_COST) / cost));
    let best = Infinity;
    for (let n = at + 1 === costs.length ? most : 0; n <= most; n += 1)
      best = Math.min(best, n * cost + from(at + 1, rest - n * cost));
    return best;
  };
  const next = from(0, least);
  return Number.isFinite(next) ? Math.max(next, least) : least;
}
