import { halve, DECISION } from '../measure/index.ts';
import { type SlotPlace } from '../occupant/index.ts';
import {
  type BarLine,
  brokenAt,
  type HeightInterval,
  heightInterval,
  offsetThatHelps,
  type StrapWindow,
} from './interval.ts';
import { type StrapAttach } from './strap.ts';

/** A way out where no height of one bar suits all, as far as it helps. mm */
export type Alternative =
  /** The seat is bolted as measured; pedals and wheel move instead. */
  | { kind: 'fixed-seat'; height: number }
  /** The bar goes back behind the hoop. */
  | { kind: 'offset-bar'; offset: number; height: number }
  /** A bar, or a place for one bar, for each driver. */
  | { kind: 'bar-each'; heights: { driver: string; height: number }[] }
  /** The seat is stopped short of some of its settings. */
  | { kind: 'seat-stop'; height: number; given: SlotPlace[] };

interface Straps {
  places: SlotPlace[];
  windows: StrapWindow[];
  bar: BarLine;
  attach: StrapAttach;
}

const middleOf = ({ low, high }: HeightInterval): number => (low.height + high.height) / 2;

/** Every way that helps; the least first: nothing of the cage changes, then tube. measured: one place for each driver. */
export function alternativesFor(straps: Straps, measured: SlotPlace[]): Alternative[] {
  const { places, windows, bar, attach } = straps;
  const intervalOf = (own: SlotPlace[], line: BarLine = bar) => {
    const found = heightInterval(own, windows, line, attach);
    return found && found.room >= 0 ? found : null;
  };
  const found: Alternative[] = [];
  const stop = leastStop(straps);
  if (stop) found.push(stop);
  const fixed = intervalOf(measured);
  if (fixed) found.push({ kind: 'fixed-seat', height: middleOf(fixed) });
  const offset = offsetThatHelps(places, windows, bar, attach);
  if (offset !== null && offset > 0) {
    const moved = heightInterval(places, windows, { ...bar, x: bar.x - offset }, attach);
    if (moved) found.push({ kind: 'offset-bar', offset, height: middleOf(moved) });
  }
  const drivers = [...new Set(places.map(({ driver }) => driver))];
  const each = drivers.map((driver) => ({
    driver,
    interval: intervalOf(places.filter((place) => place.driver === driver)),
  }));
  if (drivers.length > 1 && each.every(({ interval }) => interval !== null))
    found.push({
      kind: 'bar-each',
      heights: each.flatMap(({ driver, interval }) =>
        interval ? [{ driver, height: middleOf(interval) }] : [],
      ),
    });
  return found;
}

/** The height that most settings of the seat suit, and those that it would have to be stopped short of. Null if none suits. */
function leastStop({ places, windows, bar, attach }: Straps): Alternative | null {
  // The most intervals overlap where one of them begins.
  const heights = places.flatMap((place) => heightInterval([place], windows, bar, attach)?.low.height ?? []);
  let best: { height: number; given: SlotPlace[] } | null = null;
  for (const height of new Set(heights)) {
    const { broken } = brokenAt(places, windows, bar, height + DECISION, attach);
    if (!best || broken.length < best.given.length) best = { height, given: broken };
  }
  return best && best.given.length < places.length && best.given.length > 0
    ? { kind: 'seat-stop', ...best }
    : null;
}

/** How far behind its place a bar may go at its height, from where to where. mm, 0: in the hoop's plane; null where nowhere. */
export interface OffsetRange {
  least: number;
  most: number;
}

/** A bar goes no farther back than this. mm */
const FARTHEST = 500;
const STEP = 5;

/** The fore-and-aft interval of an offset bar that keeps its height: every strap within every window. */
export function offsetRange({ places, windows, bar, attach }: Straps): OffsetRange | null {
  if (places.length === 0) return null;
  const holds = (offset: number): boolean =>
    brokenAt(places, windows, { ...bar, x: bar.x - offset }, bar.z, attach).broken.length === 0;
  const edge = (from: number, to: number) => halve(from, to, (at) => (holds(at) === holds(to) ? 1 : -1));
  let least: number | null = holds(0) ? 0 : null;
  for (let offset = STEP; offset <= FARTHEST; offset += STEP) {
    const here = holds(offset);
    if (least === null && here) least = edge(offset - STEP, offset);
    if (least !== null && !here) return { least, most: edge(offset - STEP, offset) };
  }
  return least === null ? null : { least, most: FARTHEST };
}
