import { fail, type Outcome, succeed } from '../fault/index.ts';
import { itemAt } from '../items/index.ts';
import { COINCIDENT, degrees, FOLD, IN_LINE, radians, NOISE } from '../measure/index.ts';
import { angleAbout, angleBetween, cross, distance, subtract, unit, type Vec3 } from '../space/index.ts';
import { type LraInput } from './input.ts';
import { setbackOf, straightOf } from './setback.ts';

/** One bend of a path. Lengths in mm, angles in degrees. */
export interface Bend {
  /** The straight before the bend, tangent to tangent. */
  length: number;
  /** About the tube's axis A → B, right-handed, from the last bend's normal (t_in × t_out); the first has 0. */
  rotation: number;
  angle: number;
  clr: number;
  setback: number;
}

/** A path as a bender reads it: straights, rotations, bends. mm and degrees */
export interface Lra {
  bends: Bend[];
  /** The straight after the last bend. */
  tail: number;
  /** Straights and arcs along the axis. */
  developed: number;
}

/** A PI that really turns the tube. `index` is its number among the points given; bends are named by it. */
export interface Corner {
  index: number;
  at: Vec3;
  /** Degrees from straight. */
  angle: number;
  rotation: number;
  clr: number;
}

/** A checked path: two ends and the corners between them. */
export interface Corners {
  ends: [Vec3, Vec3];
  corners: Corner[];
}

/**
 * Lengths, rotations and angles of the path through the given points.
 * points: the two ends and the PIs between them, n × [x, y, z], any right-handed frame, mm. clr: needed when there is a PI.
 * Faults: coincident points, a path that folds back on itself, a radius that leaves a negative straight.
 */
export function lraOf(input: LraInput): Outcome<Lra> {
  const corners = cornersOf(input);
  return corners.ok ? layOut(corners.value) : corners;
}

/** Drops the points that lie in line with their given neighbours, and measures what remains. */
export function cornersOf({ points, clr }: LraInput): Outcome<Corners> {
  const radii = radiiFor(points.length - 2, clr);
  if (!radii.ok) return radii;
  const together = points.findIndex((p, i) => i > 0 && distance(p, itemAt(points, i - 1)) < COINCIDENT);
  if (together > 0) return coincident(together);
  const turning: { index: number; at: Vec3 }[] = [];
  for (const [index, at] of points.entries()) {
    if (index === 0 || index === points.length - 1) continue;
    const turn = degrees(turnAt(itemAt(points, index - 1), at, itemAt(points, index + 1)));
    if (turn > 180 - FOLD) return foldsBack(index);
    if (turn >= IN_LINE) turning.push({ index, at });
  }
  const ends: [Vec3, Vec3] = [itemAt(points, 0), itemAt(points, -1)];
  return measureCorners(ends, turning, radii.value);
}

function measureCorners(
  ends: [Vec3, Vec3],
  turning: { index: number; at: Vec3 }[],
  radii: number[],
): Outcome<Corners> {
  const path = [ends[0], ...turning.map((corner) => corner.at), ends[1]];
  const directions: Vec3[] = [];
  for (let i = 1; i < path.length; i++) {
    const from = itemAt(path, i - 1);
    const to = itemAt(path, i);
    if (distance(from, to) < COINCIDENT) return coincident(turning[i - 1]?.index ?? 0);
    directions.push(unit(subtract(to, from)));
  }
  const corners: Corner[] = [];
  let lastNormal: Vec3 | undefined;
  for (const [i, { index, at }] of turning.entries()) {
    const into = itemAt(directions, i);
    const out = itemAt(directions, i + 1);
    const angle = degrees(angleBetween(into, out));
    if (angle > 180 - FOLD) return foldsBack(index);
    if (angle === 0) continue;
    const normal = unit(cross(into, out));
    const rotation = lastNormal ? wrapped(degrees(angleAbout(into, lastNormal, normal))) : 0;
    corners.push({ index, at, angle, rotation, clr: itemAt(radii, index - 1) });
    lastNormal = normal;
  }
  return succeed({ ends, corners });
}

/** The straights that the corners' radii leave. Noise below 1e-6 mm is no fault. */
export function layOut({ ends, corners }: Corners): Outcome<Lra> {
  const bends: Bend[] = [];
  let from = ends[0];
  let setbackBefore = 0;
  for (const [i, corner] of corners.entries()) {
    const setback = setbackOf(corner.clr, corner.angle);
    const before = i > 0 ? corners[i - 1]?.index : undefined;
    const apart = distance(from, corner.at);
    const largest = apart / (halfTan(corners[i - 1]) + halfTan(corner));
    const straight = straightOf(apart - setbackBefore - setback, corner.index, before, 'before', largest);
    if (!straight.ok) return straight;
    const { angle, rotation, clr } = corner;
    bends.push({ length: straight.value, rotation, angle, clr, setback });
    from = corner.at;
    setbackBefore = setback;
  }
  const last = corners[corners.length - 1];
  const apart = distance(from, ends[1]);
  const largest = apart / halfTan(last);
  const tail = straightOf(apart - setbackBefore, last?.index ?? 0, undefined, 'after', largest);
  return tail.ok ? succeed({ bends, tail: tail.value, developed: developedLength(bends, tail.value) }) : tail;
}

/** Setback per radius of a corner; none before the first. */
const halfTan = (corner: Corner | undefined): number => (corner ? setbackOf(1, corner.angle) : 0);

/** Straights and arcs along the axis, mm. */
export const developedLength = (
  bends: readonly { length: number; angle: number; clr: number }[],
  tail: number,
): number => bends.reduce((sum, bend) => sum + bend.length + bend.clr * radians(bend.angle), tail);

const turnAt = (before: Vec3, at: Vec3, after: Vec3): number =>
  angleBetween(subtract(at, before), subtract(after, at));

/** (−180, 180], with the noise of a half turn on the side of +180, and no −0. */
export function wrapped(rotation: number): number {
  if (rotation <= -180 + NOISE) return 180;
  return Math.abs(rotation) < NOISE ? 0 : rotation;
}

function radiiFor(pis: number, clr: number | number[] | undefined): Outcome<number[]> {
  if (Array.isArray(clr)) {
    if (clr.length === pis) return succeed(clr);
    return fail(
      'wrong-count',
      '/clr',
      `the list of radii has ${clr.length}, the path ${pis} PIs: give one radius for each PI`,
    );
  }
  if (clr === undefined && pis > 0)
    return fail(
      'missing',
      '/clr',
      'missing: a path with a PI needs the centreline radius of its bends in mm',
    );
  return succeed(Array.from({ length: pis }, () => clr as number));
}

const coincident = (index: number) =>
  fail(
    'coincident-points',
    `/points/${index}`,
    `point ${index + 1} lies on the point before it: leave one out`,
  );

const foldsBack = (index: number) =>
  fail(
    'folds-back',
    `/points/${index}`,
    `the path folds back on itself at bend ${index}: a tube turns by less than 180°`,
  );
