import { distanceToPath, nearestOnPath } from '../../centreline/index.ts';
import { outside, type Seam, type SweptTube } from '../../cope/index.ts';
import { NOISE, radians } from '../../measure/index.ts';
import { add, cross, length, rotateAbout, scale, subtract, unit, type Vec3 } from '../../space/index.ts';
import { type Tube } from '../tube.ts';

/** The nozzle begins this far from the seam: the wire's stick-out. mm, common practice */
const STICK_OUT = 15;
/** A nozzle is looked at at least every so many mm of its length, a seam at every so many of its places. */
const ALONG = 10;
const EVERY = 6;
/** How far a welder leans the torch off the middle of the corner: along the seam, and across. Degrees, common practice */
const LEANS = [0, 40, -40];
const TIPS = [0, 25, -25];

/** The nozzle's size, and what may stand in its way. mm */
export interface TorchRoom {
  radius: number;
  /** Where along the nozzle it is looked at, its end among them. mm from the seam */
  stations: number[];
  /** null where the roof is out of the way. */
  toRoof: ((at: Vec3) => number | null) | null;
  near: SweptTube[];
}

/** The corner that a seam fills at one place: its middle between both surfaces, and the seam's own direction. Length 1 */
export interface SeamCorner {
  middle: Vec3;
  along: Vec3;
}

/** The places of a seam that a torch is looked at. */
export const lookedAt = ({ line }: Pick<Seam, 'line'>): { at: Vec3; i: number }[] =>
  line.flatMap((at, i) => (at && i % EVERY === 0 ? [{ at, i }] : []));

/** The corner at one of the places of a seam. */
export function cornerAt(line: Seam['line'], i: number, at: Vec3, tube: Tube, headers: Tube[]): SeamCorner {
  const out = ({ axis }: Tube): Vec3 => direction(subtract(at, nearestOnPath(at, axis)));
  const header = headers.reduce((best, one) =>
    Math.abs(distanceToPath(at, one.axis) - one.od / 2) <
    Math.abs(distanceToPath(at, best.axis) - best.od / 2)
      ? one
      : best,
  );
  const middle = direction(add(out(tube), out(header)));
  const next = line[(i + 1) % line.length] ?? line[(i - 1 + line.length) % line.length] ?? at;
  return { middle, along: direction(subtract(next, at)) };
}

/** A direction, or straight up where there is none. */
const direction = (a: Vec3): Vec3 => (length(a) < NOISE ? [0, 0, 1] : unit(a));

/** The directions of a nozzle that a welder takes at a corner, off the seam: its middle first. Length 1 */
export function leansAt({ middle, along }: SeamCorner): Vec3[] {
  const across = direction(cross(along, middle));
  return LEANS.flatMap((lean) => {
    const leant = rotateAbout(across, radians(lean), middle);
    return TIPS.map((tip) => rotateAbout(along, radians(tip), leant));
  });
}

/** Whether the nozzle finds a way at one of the leans. */
export const isReached = (at: Vec3, corner: SeamCorner, around: TorchRoom): boolean =>
  isFree(at, corner.middle, around) || leansAt(corner).some((toward) => isFree(at, toward, around));

/** Where along a nozzle it is looked at, its end among them. mm from the seam */
export function stationsTo(room: number): number[] {
  const steps = Math.max(1, Math.ceil((room - STICK_OUT) / ALONG));
  return Array.from({ length: steps + 1 }, (_, i) => STICK_OUT + ((room - STICK_OUT) * i) / steps);
}

/** Whether nothing stands in the way of a nozzle that points off the seam in a direction. */
export function isFree(at: Vec3, toward: Vec3, { radius, stations, toRoof, near }: TorchRoom): boolean {
  for (const out of stations) {
    const nozzle = add(at, scale(toward, out));
    const roof = toRoof?.(nozzle) ?? Infinity;
    if (roof < radius) return false;
    if (near.some((tube) => outside(tube, nozzle[0], nozzle[1], nozzle[2]) < radius)) return false;
  }
  return true;
}
