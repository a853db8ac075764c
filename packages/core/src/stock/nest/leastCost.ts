import { itemAt } from '../../items/index.ts';
import { laidByHand } from './byHand.ts';
import { type InParts, inParts, type PartsWork } from './columns.ts';
import { dive } from './dive.ts';
import { nextCost } from './nextCost.ts';
import { type Cut, type Pattern, patternsWorth, type Stick } from './patterns.ts';
import { cheaper, costOf, modelOf, NO_COST, type Problem } from './problem.ts';
import { type Solver } from './solver.ts';

/** The cheapest way that was found. */
export interface Cheapest {
  patterns: Pattern[];
  lowerBound: number;
  proven: boolean;
}

/**
 * So little of the dearest stick is charged for each stick that is used at all: of two ways that cost the same, fewer sticks win, and no number
 * of them outweighs a cost that differs.
 */
const PER_STICK = 1e-6;
/** More ways than this are not weighed against each other in whole numbers. */
const MOST_WAYS = 8_000;
/** Of the time, what rounding answers in parts may take. */
const ROUNDING = 0.4;
/** So many roundings that find nothing better say that there is little to be found. */
const ENOUGH_DIVES = 60;
/** Of the time, what may be spent on fewer sticks once none can cost less. */
const FEWER = 0.2;
/** Of a whole number that a solver gives. */
const HALF = 0.5;

/**
 * The cheapest way to cut all pieces. Ways to cut a stick are found by what each cut is worth at the moment, until none is worth more than its
 * stick: the answer in parts of sticks, below which there is none. It is rounded; and where that does not reach it, all ways that could be in
 * a better answer are weighed in whole numbers. null where the sticks do not take the pieces.
 */
export function leastCost(
  given: readonly Stick[],
  cuts: readonly Cut[],
  kerf: number,
  solver: Solver,
  seconds: number,
): Cheapest | null {
  if (cuts.length === 0) return { patterns: [], lowerBound: 0, proven: true };
  const start = solver.now();
  let until = start + seconds;
  const scale = Math.max(...given.map(({ cost }) => cost)) || 1;
  const sticks = given.map((stick) => ({ ...stick, cost: stick.cost / scale + PER_STICK }));
  const problem: Problem = { sticks, cuts, kerf, solver, left: () => until - solver.now() };
  const most = cuts.reduce((sum, { wanted }) => sum + wanted, 0);
  const plain = given.map((stick) => ({ ...stick, cost: stick.cost / scale }));
  // Without what is charged for each stick.
  const plainLower = (lower: number) => Math.max(0, nextCost(lower - PER_STICK * most, plain));
  const { patterns, lower, proven } = searched(problem, seconds, (best, bound) => {
    if (costOf(plain, best) <= plainLower(bound) + NO_COST) until = Math.min(until, start + FEWER * seconds);
  });
  if (!patterns) return null;
  const lowerBound = plainLower(lower) * scale;
  return { patterns, lowerBound, proven: proven || costOf(given, patterns) <= lowerBound + NO_COST * scale };
}

interface Searched {
  patterns: Pattern[] | null;
  lower: number;
  proven: boolean;
}

/** seen: told of the best so far and the bound; the time may be cut for what is left to be found. */
function searched(
  problem: Problem,
  seconds: number,
  seen: (best: Pattern[], bound: number) => void,
): Searched {
  const { sticks, cuts, kerf, left } = problem;
  const byHand = laidByHand(sticks, cuts, kerf);
  return inParts(problem, byHand ?? [], (parts) => {
    const bound = tightened(problem, parts, parts.solve());
    const lower = nextCost(bound?.exact ? bound.cost : byMetal(problem), sticks);
    const isBest = (patterns: Pattern[] | null) => {
      if (patterns) seen(patterns, lower);
      return patterns !== null && costOf(sticks, patterns) <= lower + NO_COST;
    };
    const answer = (patterns: Pattern[] | null, proven = isBest(patterns)) => ({ patterns, lower, proven });
    let best = byHand;
    if (isBest(best) || !bound?.exact) return answer(best);
    best = cheaper(sticks, best, dive(problem, parts, 0));
    if (isBest(best)) return answer(best);
    const every = waysWithin(problem, bound, best ? costOf(sticks, best) - bound.cost : Infinity);
    if (!every.all) best = rounded(problem, parts, best, isBest, seconds * (1 - ROUNDING));
    if (isBest(best)) return answer(best);
    const weighed = inWhole(problem, every.all ? every.ways : parts.ways, left());
    best = cheaper(sticks, best, weighed?.patterns ?? null);
    return answer(best, isBest(best) || (every.all && (weighed?.proven ?? false)));
  });
}

/**
 * The answer in parts with as many of the dearest stick as whole ones need: all others together cost no more than so much, so what is over
 * that is of the dearest, and no part of one. Where others may cost anything, as it was.
 */
function tightened({ sticks }: Problem, parts: PartsWork, bound: InParts | null): InParts | null {
  const dearest = sticks.reduce((at, { cost }, i) => (cost > itemAt(sticks, at).cost ? i : at), 0);
  const { cost } = itemAt(sticks, dearest);
  const others = sticks.reduce((sum, one, i) => (i === dearest ? sum : sum + one.cost * one.count), 0);
  if (!bound?.exact || sticks.length === 1) return bound;
  const least = Math.ceil((bound.cost - others - NO_COST) / cost);
  const has = bound.shares.reduce(
    (sum, share, i) => (parts.ways[i]?.stick === dearest ? sum + share : sum),
    0,
  );
  if (least <= has || least > itemAt(sticks, dearest).count) return bound;
  parts.atLeast(dearest, least);
  return parts.solve() ?? bound;
}

/** Rounds the answer in parts again and again, by chance, until it is the best there is, or the time is up. leave: seconds for others */
function rounded(
  problem: Problem,
  parts: PartsWork,
  start: Pattern[] | null,
  isBest: (patterns: Pattern[] | null) => boolean,
  leave: number,
): Pattern[] | null {
  let best = start;
  for (let seed = 1; seed <= ENOUGH_DIVES && problem.left() > leave && !isBest(best); seed += 1)
    best = cheaper(problem.sticks, best, dive(problem, parts, seed));
  return best;
}

/** The least cost by the metal alone: each piece with its kerf at the price of the stick that is cheapest for its length. */
function byMetal({ sticks, cuts, kerf }: Problem): number {
  const rate = Math.min(...sticks.map(({ cost, length }) => cost / (length + kerf)));
  return cuts.reduce((sum, { length, wanted }) => sum + wanted * (length + kerf), 0) * rate;
}

/** Every way to cut a stick that can be in an answer dearer by no more than `gap` than the one in parts. */
function waysWithin(
  { sticks, cuts, kerf }: Problem,
  { worth, shadow }: InParts,
  gap: number,
): { ways: Pattern[]; all: boolean } {
  const found = sticks.map((stick, i) => {
    const least = stick.cost - itemAt(shadow, i) - gap - NO_COST;
    const { patterns, all } = patternsWorth(stick.length, cuts, worth, kerf, {
      least,
      best: false,
      most: MOST_WAYS,
    });
    return { ways: stick.count > 0 ? patterns.map((takes) => ({ stick: i, takes })) : [], all };
  });
  const ways = found.flatMap((one) => one.ways);
  return { ways, all: found.every(({ all }) => all) && ways.length <= MOST_WAYS };
}

/** Some ways weighed against each other in whole numbers; null where they do not lay every piece. */
function inWhole(
  problem: Problem,
  ways: readonly Pattern[],
  seconds: number,
): { patterns: Pattern[]; proven: boolean } | null {
  const count = problem.cuts.length;
  const answer = seconds > 0 ? problem.solver.whole(modelOf(problem, ways), seconds) : null;
  if (!answer || answer.values.slice(0, count).some((unlaid) => unlaid > HALF)) return null;
  const patterns = ways.flatMap((way, i) =>
    Array.from({ length: Math.round(answer.values[count + i] ?? 0) }, () => way),
  );
  return { patterns, proven: answer.proven };
}
