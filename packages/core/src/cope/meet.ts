import { rootBetween } from '../measure/index.ts';
import { cross, dot, type Vec3 } from '../space/index.ts';
import { type Branch, onGenerator } from './generators.ts';
import { outside, type SweptTube } from './swept.ts';

/** A gap this small is a touch, and a touch counts as meeting. mm */
const TOUCH = 1e-7;
/** Nearer than this the way ahead is looked at closely. mm */
const NEAR = 0.05;
/** Inside a header the way out is looked for in steps of this at least. mm */
const LEAST_STEP = 0.5;
/** A generator that has come this far past the end meets nothing. mm */
const FAR = -400_000;

/** A generator by its place round the branch: how far it stands off the axis along u and v, mm. */
export interface Generator {
  cosine: number;
  sine: number;
}

/**
 * Where a generator, coming from the branch's other end, first meets a header's surface: s along the branch's axis from its
 * end, null where it meets none. One that starts inside the header, or on its surface, leaves it first.
 */
export function firstMeeting(branch: Branch, generator: Generator, header: SweptTube): number | null {
  const bent = branch.stretches.length > 1;
  const from = leaving(branch, generator, header);
  if (from <= FAR) return null;
  const inBend =
    bent && from > branch.straight
      ? marched(gapAlong(branch, generator, header), speedOf(branch, generator), from, branch.straight)
      : null;
  return inBend ?? onLine(branch, generator, header, bent ? Math.min(from, branch.straight) : from);
}

/**
 * A generator's straight against each part of the header: straights by the quadratic where it enters within their length,
 * arcs by steps where it comes near them at all. The first contact with the whole is the first of these.
 */
function onLine(branch: Branch, generator: Generator, header: SweptTube, upTo: number): number | null {
  const start = onGenerator(branch, 0, generator.cosine, generator.sine);
  const { into } = branch;
  let first: number | null = null;
  for (const element of header.elements)
    if (element.kind === 'straight') {
      const met = entryOf(start, into, element, header.radius, upTo);
      if (met !== null && (first === null || met > first)) first = met;
    }
  for (const element of header.elements) {
    const near = element.kind === 'arc' ? stretchNear(start, into, element, header.radius) : null;
    if (!near) continue;
    const only = { elements: [element], radius: header.radius };
    const gap = (s: number) =>
      outside(only, start[0] + s * into[0], start[1] + s * into[1], start[2] + s * into[2]);
    const met = marched(gap, 1, Math.min(upTo, near.high), Math.max(near.low, first ?? FAR));
    if (met !== null) first = met;
  }
  return first;
}

/** Line and cylinder: the far root of the quadratic, where the generator enters; null beyond the straight's own length. */
function entryOf(
  start: Vec3,
  into: Vec3,
  { from, along, low, high }: Extract<SweptTube['elements'][number], { kind: 'straight' }>,
  radius: number,
  upTo: number,
): number | null {
  const w: Vec3 = [start[0] - from[0], start[1] - from[1], start[2] - from[2]];
  // Square to the header's axis.
  const d = cross(along, into);
  const m = cross(along, w);
  const a = dot(d, d);
  if (a < 1e-18) return null;
  const b = dot(m, d) / a;
  const root = b * b - (dot(m, m) - radius * radius) / a;
  if (root < -2 * radius * TOUCH) return null;
  const entry = -b + Math.sqrt(Math.max(0, root));
  if (entry >= upTo + TOUCH) return null;
  const place = dot(w, along) + entry * dot(into, along);
  return place >= low - TOUCH && place <= high + TOUCH ? entry : null;
}

/** The stretch of a line within the ball that holds an arc's surface; null where it passes by. */
function stretchNear(
  start: Vec3,
  into: Vec3,
  { centre, radius }: Extract<SweptTube['elements'][number], { kind: 'arc' }>,
  tube: number,
): { low: number; high: number } | null {
  const w: Vec3 = [start[0] - centre[0], start[1] - centre[1], start[2] - centre[2]];
  const nearest = -dot(w, into);
  const reach = radius + tube + NEAR;
  const left = reach * reach - dot(w, w) + nearest * nearest;
  if (left < 0) return null;
  const half = Math.sqrt(left);
  return { low: nearest - half, high: nearest + half };
}

/**
 * Steps no longer than the gap allows, so that the first meeting is never stepped over; near the surface the crossing is
 * bracketed and halved, and a generator that only grazes is followed past its nearest point.
 */
function marched(gap: (s: number) => number, speed: number, from: number, downTo: number): number | null {
  let s = from;
  while (s > downTo) {
    const here = gap(s);
    if (here <= TOUCH) return s;
    if (here > NEAR) {
      s -= here / speed;
      continue;
    }
    const ahead = lookAhead(s, here, gap, speed);
    if ('met' in ahead) return ahead.met;
    s = ahead.passed;
  }
  return null;
}

/** From the other end, or where the generator is first outside the header that it starts in or on. */
function leaving(branch: Branch, generator: Generator, header: SweptTube): number {
  const gap = gapAlong(branch, generator, header);
  const speed = speedOf(branch, generator);
  let s = branch.length;
  while (s > FAR) {
    const here = gap(s);
    if (here > TOUCH) return s;
    s -= Math.max(-here / speed, LEAST_STEP);
  }
  return s;
}

const speedOf = (branch: Branch, { cosine, sine }: Generator): number =>
  branch.fastest(Math.hypot(cosine, sine));

const gapAlong =
  (branch: Branch, { cosine, sine }: Generator, header: SweptTube) =>
  (s: number): number => {
    const [x, y, z] = onGenerator(branch, s, cosine, sine);
    return outside(header, x, y, z);
  };

/** From just outside the surface onward: the crossing, or the place past the nearest point of a graze. */
function lookAhead(
  s: number,
  here: number,
  gap: (s: number) => number,
  speed: number,
): { met: number } | { passed: number } {
  let last = here;
  let before = s;
  let older = s;
  for (let step = here / speed; ; step *= 2) {
    const next = s - step;
    const there = gap(next);
    if (there <= 0) return { met: rootBetween(next, before, gap) };
    if (there > last) {
      const nearest = lowest(next, older, gap);
      return gap(nearest) <= TOUCH ? { met: nearest } : { passed: Math.min(next, nearest - NEAR) };
    }
    last = there;
    older = before;
    before = next;
  }
}

/** The lowest place of a hollow, by thirds. */
function lowest(low: number, high: number, gap: (s: number) => number): number {
  for (let i = 0; i < 80 && high - low > 1e-9; i++) {
    const third = (high - low) / 3;
    if (gap(low + third) < gap(high - third)) high -= third;
    else low += third;
  }
  return (low + high) / 2;
}
