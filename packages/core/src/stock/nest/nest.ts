import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { decided } from '../../measure/index.ts';
import { type NestInput } from './input.ts';
import { leastCost } from './leastCost.ts';
import { type Cut, holds, type Pattern, type Stick } from './patterns.ts';
import { type Solver } from './solver.ts';

/** A stick as it is cut. offcut: what is left behind the last cut; mm */
interface CutStick {
  length: number;
  /** Its place among the sticks that were given. */
  stick: number;
  pieces: { id: string; length: number }[];
  offcut: number;
}

/** Pieces laid into sticks. */
export interface Nested {
  sticks: CutStick[];
  used: number;
  cost: number;
  /** No way of laying them costs less than this. */
  lowerBound: number;
  /** Proven: none costs less. */
  optimal: boolean;
}

/** What the search may take. */
const SECONDS = 8;

/**
 * Lays pieces into sticks with the saw's kerf between them: least cost first, then fewest sticks. Where the time runs out it says how much less
 * it could cost at best. Faults: a piece longer than every stick; too few sticks. mm
 */
export function nest(
  { kerf, sticks: given, pieces }: NestInput,
  solver: Solver,
  seconds = SECONDS,
): Outcome<Nested> {
  const total = pieces.reduce((sum, { quantity }) => sum + quantity, 0);
  const sticks: Stick[] = given.map(({ length, cost, count }) => ({
    length,
    cost: cost ?? length,
    count: Math.min(count ?? total, total),
  }));
  const longest = Math.max(0, ...sticks.filter(({ count }) => count > 0).map(({ length }) => length));
  const tooLong = pieces.findIndex(({ length }) => !holds(longest, length, 1, kerf));
  const long = pieces[tooLong];
  if (long)
    return fail(
      'too-big',
      `/pieces/${tooLong}/length`,
      told`${long.id} is longer than every stick: it is ${{ mm: long.length, fine: true }}, the longest stick ${{ mm: longest, fine: true }}`,
    );
  const cuts = cutsOf(pieces);
  const found = leastCost(sticks, cuts, kerf, solver, seconds);
  if (!found)
    return fail(
      'too-few',
      '/sticks',
      'there are too few sticks for all of these pieces: give more, or longer ones',
    );
  const laid = handOut(found.patterns, sticks, cuts, pieces, kerf);
  const cost = laid.reduce((sum, { stick }) => sum + (sticks[stick]?.cost ?? 0), 0);
  return succeed({
    sticks: laid,
    used: laid.length,
    cost,
    lowerBound: found.proven ? cost : Math.min(found.lowerBound, cost),
    optimal: found.proven,
  });
}

/** Pieces of one length are one cut. */
function cutsOf(pieces: NestInput['pieces']): Cut[] {
  const cuts: Cut[] = [];
  for (const { length, quantity } of pieces) {
    const same = cuts.find((cut) => decided(cut.length - length) === 0);
    if (same) same.wanted += quantity;
    else cuts.push({ length, wanted: quantity });
  }
  return cuts;
}

/** Gives the places in the sticks to the pieces, each piece once: the longest sticks first, and the longest piece first in each. */
function handOut(
  patterns: readonly Pattern[],
  sticks: readonly Stick[],
  cuts: readonly Cut[],
  pieces: NestInput['pieces'],
  kerf: number,
): CutStick[] {
  const waiting = cuts.map(({ length }) =>
    pieces
      .filter((piece) => decided(piece.length - length) === 0)
      .flatMap(({ id, length: own, quantity }) =>
        Array.from({ length: quantity }, () => ({ id, length: own })),
      ),
  );
  const laid = patterns.flatMap(({ stick, takes }) => {
    const length = sticks[stick]?.length ?? 0;
    const here = takes.flatMap((count, i) => waiting[i]?.splice(0, count) ?? []);
    if (here.length === 0) return [];
    here.sort((a, b) => b.length - a.length);
    const together = here.reduce((sum, piece) => sum + piece.length, 0);
    const offcut = Math.max(0, length - together - here.length * kerf);
    return [{ length, stick, pieces: here, offcut }];
  });
  return laid.sort((a, b) => b.length - a.length || a.offcut - b.offcut);
}
