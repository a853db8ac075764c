import { itemAt } from '../../items/index.ts';
import { type Pattern, patternsWorth } from './patterns.ts';
import { columnOf, modelOf, NO_COST, type Problem } from './problem.ts';
import { type GrowingModel, type Solved } from './solver.ts';

/** The answer in parts of sticks: what each cut is worth, and what one more of each stick would change. */
export interface InParts {
  cost: number;
  worth: number[];
  shadow: number[];
  /** How much of each way is in it. */
  shares: number[];
  /** No way to cut a stick is worth more than it costs: none costs less in parts. */
  exact: boolean;
}

/** Ways that are looked for at once: more of them come to the end sooner. */
const AT_ONCE = 6;

/** A problem in parts of sticks that is asked again and again, with pieces taken out of it. ways: all that were found, kept here. */
export interface PartsWork {
  ways: Pattern[];
  /** Fewer of each cut wanted, and fewer of each stick there. */
  want(wanted: readonly number[], there: readonly number[]): void;
  /** No fewer of a stick than this. */
  atLeast(stick: number, count: number): void;
  solve(): InParts | null;
}

/** Works with a problem in parts of sticks, from the ways given on. */
export const inParts = <T>(problem: Problem, start: readonly Pattern[], work: (parts: PartsWork) => T): T =>
  problem.solver.growing(modelOf(problem, start), (model) => {
    const ways = [...start];
    let wanted = problem.cuts.map((cut) => cut.wanted);
    let there = problem.sticks.map(({ count }) => count);
    return work({
      ways,
      want: (nextWanted, nextThere) => {
        [wanted, there] = [[...nextWanted], [...nextThere]];
        for (const [i, least] of wanted.entries()) model.bound(i, { least, most: Infinity });
        for (const [i, most] of there.entries()) model.bound(wanted.length + i, { least: 0, most });
      },
      atLeast: (stick, least) => {
        model.bound(wanted.length + stick, { least, most: there[stick] ?? 0 });
      },
      solve: () => toTheEnd(problem, model, ways, wanted, there),
    });
  });

/** Adds ways until none is worth more than its stick. */
function toTheEnd(
  problem: Problem,
  model: GrowingModel,
  ways: Pattern[],
  wanted: readonly number[],
  there: readonly number[],
): InParts | null {
  const count = problem.cuts.length;
  while (problem.left() > 0) {
    const answer = model.solve();
    if (!answer) return null;
    const worth = answer.prices.slice(0, count).map((price) => Math.max(0, price));
    const shadow = answer.prices.slice(count);
    const { fresh, all } = worthMore(problem, worth, shadow, wanted, there);
    if (fresh.length === 0)
      return { cost: answer.cost, worth, shadow, shares: sharesOf(answer, count), exact: all };
    ways.push(...fresh);
    model.add(fresh.map((way) => columnOf(problem, way)));
  }
  return null;
}

const sharesOf = ({ values }: Solved, count: number): number[] => values.slice(count);

/** Ways that are worth more than their stick: of each stick the best, and others without the cuts of those before. */
function worthMore(
  { sticks, cuts, kerf }: Problem,
  worth: readonly number[],
  shadow: readonly number[],
  wanted: readonly number[],
  there: readonly number[],
): { fresh: Pattern[]; all: boolean } {
  const fresh: Pattern[] = [];
  let all = true;
  const left = cuts.map((cut, i) => ({ ...cut, wanted: wanted[i] ?? 0 }));
  for (const [stick, { length, cost, count }] of sticks.entries()) {
    if (count === 0 || there[stick] === 0) continue;
    const least = cost - itemAt(shadow, stick) + NO_COST;
    const still = [...worth];
    for (let n = 0; n < AT_ONCE; n += 1) {
      const found = patternsWorth(length, left, still, kerf, { least, best: true, most: 1 });
      if (n === 0) all &&= found.all;
      const takes = found.patterns[0];
      if (!takes) break;
      fresh.push({ stick, takes });
      for (const [i, taken] of takes.entries()) if (taken > 0) still[i] = 0;
    }
  }
  return { fresh, all };
}
