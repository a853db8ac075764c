import { decided } from '../../measure/index.ts';
import { itemAt } from '../../items/index.ts';

/** Pieces of one length, and how many are wanted. mm */
export interface Cut {
  length: number;
  wanted: number;
}

/** A stick to lay pieces into. mm */
export interface Stick {
  length: number;
  cost: number;
  /** How many there are. */
  count: number;
}

/** How a stick is cut: how many of each cut, by their place among the cuts. */
export interface Pattern {
  stick: number;
  takes: number[];
}

/** Whether so many pieces, so long together, lie in a stick: the saw runs between them and not behind the last. */
export const holds = (stick: number, together: number, pieces: number, kerf: number): boolean =>
  decided(together + kerf * Math.max(0, pieces - 1) - stick) <= 0;

/** Give up after so many ways looked at: what comes then is no proof. */
const MOST_LOOKED_AT = 3_000_000;

/** Ways to cut a stick whose pieces are worth at least so much together. */
export interface Found {
  patterns: number[][];
  /** All of them were looked at. */
  all: boolean;
}

/**
 * Ways to cut one stick that are worth at least `least`, by what each cut is worth. best: only one that is worth most or nearly so, without what
 * is worth nothing; else all that have no room for one more piece that is wanted. most: stops after so many.
 */
export function patternsWorth(
  stick: number,
  cuts: readonly Cut[],
  worth: readonly number[],
  kerf: number,
  { least, best, most }: { least: number; best: boolean; most: number },
): Found {
  const order = worth
    .map((value, i) => ({ i, value, takes: itemAt(cuts, i).length + kerf, wanted: itemAt(cuts, i).wanted }))
    .filter(({ value }) => value > 0 || !best)
    .sort((a, b) => b.value / b.takes - a.value / a.takes);
  const mostWorth = worthTable(order, stick + kerf);
  const found: number[][] = [];
  const takes = new Array<number>(cuts.length).fill(0);
  let floor = least;
  let looked = 0;
  let all = true;
  const look = (at: number, room: number, value: number): void => {
    looked += 1;
    if (looked > MOST_LOOKED_AT || found.length > most) {
      all = false;
      return;
    }
    const next = order[at];
    if (!next) {
      if (value < floor || (!best && order.some((one) => fitsOnce(one, room)))) return;
      if (best) {
        found.length = 0;
        floor = value + BETTER;
      }
      found.push([...takes]);
      return;
    }
    if (value + mostWorth(at, room) < floor) return;
    const fitting = Math.min(next.wanted, Math.floor(decided(room) / next.takes + EDGE));
    for (let count = fitting; count >= 0; count -= 1) {
      takes[next.i] = count;
      look(at + 1, room - count * next.takes, value + count * next.value);
    }
    takes[next.i] = 0;
  };
  const fitsOnce = ({ i, takes: size, wanted }: (typeof order)[number], room: number) =>
    (takes[i] ?? 0) < wanted && decided(size - room) <= 0;
  look(0, stick + kerf, 0);
  return { patterns: found, all };
}

interface Weighed {
  value: number;
  takes: number;
  wanted: number;
}

/** Parts that a stick is divided into for the table. */
const PARTS = 6_000;

/**
 * What so much room is worth at most with the cuts from `at` on. By a table over parts of the stick, in which each cut is rounded down to whole
 * parts: never less than it is really worth, and little more.
 */
function worthTable(order: readonly Weighed[], length: number): (at: number, room: number) => number {
  const part = length / PARTS;
  const table = [new Float64Array(PARTS + 1)];
  for (const { value, takes, wanted } of [...order].reverse()) {
    const rest = table[0] as Float64Array;
    const row = Float64Array.from(rest);
    const size = Math.floor(takes / part);
    for (let count = 1; count <= wanted && count * size <= PARTS; count += 1)
      for (let at = count * size; at <= PARTS; at += 1) {
        const worth = (rest[at - count * size] as number) + count * value;
        if (worth > (row[at] as number)) row[at] = worth;
      }
    table.unshift(row);
  }
  return (at, room) =>
    Math.min(
      table[at]?.[Math.min(PARTS, Math.floor((room + EDGE) / part))] ?? 0,
      worthInPart(order, at, room),
    );
}

/** The same with the last cut in part, the densest first. */
function worthInPart(order: readonly Weighed[], at: number, room: number): number {
  let [worth, left] = [0, room];
  for (let i = at; i < order.length; i += 1) {
    const { value, takes, wanted } = order[i] as Weighed;
    if (takes * wanted >= left) return worth + (value / takes) * left;
    worth += value * wanted;
    left -= takes * wanted;
  }
  return worth;
}

/** A way that is worth less more than another is not looked for. */
const BETTER = 1e-3;
/** A difference of worth that is none. */
const EDGE = 1e-9;
