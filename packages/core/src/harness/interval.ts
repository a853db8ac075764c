import { radians, rootBetween, NOISE } from '../measure/index.ts';
import { type SlotPlace } from '../occupant/index.ts';
import { type StrapAttach, strapDirection } from './strap.ts';

/** What a book allows: from horizontal, positive down toward the rear. Degrees */
export interface StrapWindow {
  book: string;
  least: number;
  most: number;
}

/** The bar where it is: its height is what is asked for; its place fore and aft follows the hoop's lean. mm */
export interface BarLine {
  x: number;
  z: number;
  /** How much the bar moves forward for each mm up. */
  lean: number;
  od: number;
}

/** A height that the bar may not pass, and the place and window that say so. */
export interface Limit {
  /** Height of the bar's axis. mm */
  height: number;
  place: SlotPlace;
  window: StrapWindow;
}

/** The heights that satisfy every place and every book, and which of them say so. */
export interface HeightInterval {
  low: Limit;
  high: Limit;
  /** high − low: negative where nothing satisfies all. mm */
  room: number;
}

/** The angle of a strap to the bar at a height, degrees; null where the bar does not lie behind the slot. */
export function angleAt(
  slot: SlotPlace['slot'],
  bar: BarLine,
  height: number,
  attach: StrapAttach,
): number | null {
  const rearward = slot[0] - (bar.x + bar.lean * (height - bar.z));
  return strapDirection(rearward, slot[1] - height, bar.od / 2, attach);
}

/** Heights are looked for this far above and below the slot. mm */
const REACH = 900;

/** The height at which the strap has an angle: the higher the bar, the smaller the angle. */
function heightFor(slot: SlotPlace['slot'], bar: BarLine, angle: number, attach: StrapAttach): number {
  // To the axis it is a straight line in the height; a wrapped strap starts from there.
  const slope = Math.tan(radians(angle));
  const toAxis = (slot[1] - slope * (slot[0] - bar.x + bar.lean * bar.z)) / (1 - slope * bar.lean);
  if (attach === 'tab') return toAxis;
  const off = (height: number) => {
    const found = angleAt(slot, bar, height, attach);
    return found === null ? Math.sign(slot[1] - height) * 90 - angle : found - angle;
  };
  return rootBetween(
    Math.max(toAxis - REACH / 4, slot[1] - REACH),
    Math.min(toAxis + REACH / 4, slot[1] + REACH),
    off,
  );
}

/**
 * Heights of the bar that keep every strap within every window. places and windows: at least one each. null where some slot
 * lies behind the bar already.
 */
export function heightInterval(
  places: SlotPlace[],
  windows: StrapWindow[],
  bar: BarLine,
  attach: StrapAttach,
): HeightInterval | null {
  let [low, high]: [Limit | null, Limit | null] = [null, null];
  for (const place of places) {
    if (place.slot[0] - bar.x <= bar.od / 2) return null;
    for (const window of windows) {
      const least = heightFor(place.slot, bar, window.most, attach);
      const most = heightFor(place.slot, bar, window.least, attach);
      if (low === null || least > low.height) low = { height: least, place, window };
      if (high === null || most < high.height) high = { height: most, place, window };
    }
  }
  return low && high ? { low, high, room: high.height - low.height } : null;
}

/** What is asked for inside the interval: its middle, or a strap of one angle at the place that was measured. */
export type HeightAim = { kind: 'middle' } | { kind: 'angle'; angle: number };

/** The height to build, kept within the interval. null where there is none. */
export function aimedHeight(
  interval: HeightInterval,
  aim: HeightAim,
  measured: SlotPlace,
  bar: BarLine,
  attach: StrapAttach,
): number | null {
  const { low, high, room } = interval;
  if (room < 0) return null;
  const wanted =
    aim.kind === 'middle' ? (low.height + high.height) / 2 : heightFor(measured.slot, bar, aim.angle, attach);
  return Math.min(Math.max(wanted, low.height), high.height);
}

/** Places whose straps leave a window at a height, and the share of all places that do. */
export function brokenAt(
  places: SlotPlace[],
  windows: StrapWindow[],
  bar: BarLine,
  height: number,
  attach: StrapAttach,
): { broken: SlotPlace[]; share: number } {
  const broken = places.filter(({ slot }) => {
    const angle = angleAt(slot, bar, height, attach);
    return angle === null || windows.some(({ least, most }) => angle < least - NOISE || angle > most + NOISE);
  });
  return { broken, share: places.length > 0 ? broken.length / places.length : 0 };
}

/** How far the bar has to go rearward, as an offset bar does, before some height satisfies all; null where 400 mm do not help. */
export function offsetThatHelps(
  places: SlotPlace[],
  windows: StrapWindow[],
  bar: BarLine,
  attach: StrapAttach,
): number | null {
  const FARTHEST = 400;
  const room = (offset: number) =>
    heightInterval(places, windows, { ...bar, x: bar.x - offset }, attach)?.room ?? -1;
  if (room(0) >= 0) return 0;
  if (room(FARTHEST) < 0) return null;
  return rootBetween(0, FARTHEST, room);
}
