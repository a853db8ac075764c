import { itemAt } from '../../items/index.ts';
import { type Cut, type Pattern, type Stick } from './patterns.ts';
import { type Column, type LinearModel, type Solver } from './solver.ts';

/** What is laid out, in costs of the dearest stick; left: seconds until it is given up. */
export interface Problem {
  sticks: readonly Stick[];
  cuts: readonly Cut[];
  kerf: number;
  solver: Solver;
  left: () => number;
}

/** A piece that lies in no stick costs more than any way of laying it. */
const UNLAID = 1e4;
/** Below this a difference of cost is the solver's own. */
export const NO_COST = 1e-7;

/** What some sticks cost together. */
export const costOf = (sticks: readonly Stick[], patterns: readonly Pattern[]): number =>
  patterns.reduce((sum, { stick }) => sum + itemAt(sticks, stick).cost, 0);

/** The cheaper of two ways of laying everything; either may be none. */
export function cheaper(
  sticks: readonly Stick[],
  a: Pattern[] | null,
  b: Pattern[] | null,
): Pattern[] | null {
  if (!a || !b) return a ?? b;
  return costOf(sticks, b) < costOf(sticks, a) - NO_COST ? b : a;
}

/** The model of ways to cut sticks. Columns: what lies in no stick, then the ways. Rows: the cuts, then the sticks. */
export function modelOf({ sticks, cuts }: Problem, ways: readonly Pattern[]): LinearModel {
  const unlaid = cuts.map(({ wanted }, i): Column => ({ cost: UNLAID, most: wanted, entries: [[i, 1]] }));
  return {
    rows: [
      ...cuts.map(({ wanted }) => ({ least: wanted, most: Infinity })),
      ...sticks.map(({ count }) => ({ least: 0, most: count })),
    ],
    columns: [...unlaid, ...ways.map((way) => columnOf({ sticks, cuts }, way))],
  };
}

/** A way to cut a stick as a column. */
export function columnOf(
  { sticks, cuts }: Pick<Problem, 'sticks' | 'cuts'>,
  { stick, takes }: Pattern,
): Column {
  const { cost, count } = itemAt(sticks, stick);
  const taken = takes.flatMap((value, i): [number, number][] => (value > 0 ? [[i, value]] : []));
  return { cost, most: count, entries: [...taken, [cuts.length + stick, 1]] };
}
