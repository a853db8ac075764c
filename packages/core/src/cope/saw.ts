import { degrees, turned } from '../measure/index.ts';
import { angleAbout, angleBetween, cross, dot, scale, subtract, type Vec3 } from '../space/index.ts';
import { type Branch, squareTo } from './generators.ts';
import { type Profile } from './cuts.ts';

/** How a notcher is set for one header. */
export interface Saw {
  /** 90 − the acute angle between the axes: what the notcher's dial reads. Degrees. */
  dial: number;
  holeSaw: number;
  /** Of the branch's axis from the header's, along b × u. mm */
  offset: number;
}

/** One pass of the notcher. */
export interface SawPass extends Saw {
  /** Number of the header in the list that was given. */
  header: number;
  /** Turn of the tube in the notcher from the first header's face line, right-handed about the axis into the branch. Degrees. */
  turn: number;
  /** The side where a protractor reads the acute angle, by its φ from the first header's face line. Degrees, 0 to 360. */
  acuteAt: number;
  /** Where the saw's centre crosses the branch's axis, from the end point into the branch. mm */
  centre: number;
  /** Travel that the saw needs, along its own axis. mm */
  depth: number;
  /** How far the header bows under the branch, which a notcher takes for straight; nothing where it is. mm */
  bow: number;
}

/** Limits of a shop's notcher. */
export interface NotcherLimits {
  largestDial: number;
  sawDepth: number;
}

/** The pass that makes the cut on a straight of a header. radius: of the branch's outside, mm. */
export function passOf(
  branch: Branch,
  radius: number,
  line: { from: Vec3; along: Vec3 },
  { header, holeSaw, outer, bow }: { header: number; holeSaw: number; outer: Profile; bow: number },
): SawPass {
  const { into, end, u, v } = branch;
  const between = degrees(angleBetween(into, line.along));
  const from = subtract(end, line.from);
  const own = squareTo(into, line.along) ?? u;
  const turn = degrees(angleAbout(into, u, own));
  const cosine = dot(into, line.along);
  // The header's direction leans into the branch on the acute side of the joint.
  const acute = cosine >= 0 ? turn : turn + 180;
  const aside = subtract(from, scale(line.along, dot(from, line.along)));
  return {
    header,
    dial: 90 - Math.min(between, 180 - between),
    holeSaw,
    offset: dot(aside, header === 0 ? v : cross(into, own)),
    turn,
    acuteAt: turned(acute),
    centre: (dot(from, line.along) * cosine - dot(from, into)) / (1 - cosine * cosine),
    depth: travel(branch, radius, line.along, outer, header),
    bow,
  };
}

/** How far apart the places that are cut to a header lie along it. */
function travel(
  branch: Branch,
  radius: number,
  along: Vec3,
  { setbacks, headers }: Profile,
  header: number,
): number {
  // Places of a straight end lie on its axis, off it by cosine·u + sine·v.
  const { end, into, u, v } = branch;
  const [e, b, x, y] = [dot(end, along), dot(into, along), dot(u, along) * radius, dot(v, along) * radius];
  let [low, high] = [Infinity, -Infinity];
  for (let k = 0; k < setbacks.length; k++) {
    if (headers[k] !== header) continue;
    const turn = (2 * Math.PI * k) / setbacks.length;
    const at = e + (setbacks[k] ?? 0) * b + x * Math.cos(turn) + y * Math.sin(turn);
    low = Math.min(low, at);
    high = Math.max(high, at);
  }
  return Math.max(0, high - low);
}

/** What keeps a notcher from a pass: the dial stops short, or the saw is too shallow to go through; by how much. */
export function beyondNotcher(
  { dial, depth }: SawPass,
  { largestDial, sawDepth }: NotcherLimits,
): { dial: number; depth: number } {
  return { dial: Math.max(0, dial - largestDial), depth: Math.max(0, depth - sawDepth) };
}
