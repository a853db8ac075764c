import { acrossPairs, type Pair, widthsWhen } from '../../bending/index.ts';
import { type BendSheet } from './bendSheet.ts';

/** A width across the tube, between axes: as designed, and when all bends are released at one end of their interval. mm */
interface ReleasedWidth {
  pair: Pair;
  planned: number;
  short: number;
  over: number;
}

/** What the intervals of the released angles do to a tube. */
export interface ReleasedWidths {
  /** From the ends inward. */
  widths: ReleasedWidth[];
  /** What a leg, from its end to the middle of the tube, turns by. Degrees */
  leg: { short: number; over: number };
}

/**
 * A die's bends tend to come out the same way, as their readings come from one line: so all short, and all over. null where some bend's
 * tests are too few for an interval.
 */
export function releasedWidths({ bends, marked }: BendSheet): ReleasedWidths | null {
  const intervals = bends.map(({ pull, angle }) => pull.released?.map((end) => end - angle) ?? null);
  if (intervals.length === 0 || intervals.some((one) => one === null)) return null;
  const [short, over] = [intervals.map((one) => one?.[0] ?? 0), intervals.map((one) => one?.[1] ?? 0)];
  const pairs = acrossPairs(bends.length);
  const [planned, low, high] = [[], short, over].map((off) => widthsWhen(marked.lra, pairs, off));
  const half = Math.ceil(bends.length / 2);
  const turned = (off: number[]) => off.slice(0, half).reduce((sum, one) => sum + one, 0);
  return {
    widths: pairs.map((pair, i) => ({
      pair,
      planned: planned?.[i] ?? 0,
      short: low?.[i] ?? 0,
      over: high?.[i] ?? 0,
    })),
    leg: { short: turned(short), over: turned(over) },
  };
}
