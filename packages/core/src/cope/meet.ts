import { rootBetween, NOISE } from '../measure/index.ts';
import { cross, dot, type Vec3 } from '../space/index.ts';
import { type Branch, onGenerator } from './generators.ts';
import { nearestElement, outside, type SweptTube } from './swept.ts';

/** A gap this small is a touch, and a touch counts as meeting. mm */
const TOUCH = 1e-7;
/** Nearer than this the way ahead is looked at closely. mm */
const NEAR = 0.5;
/** Inside a header the way out is looked for in steps of this at least. mm */
const LEAST_STEP = 2;
/** A generator that has come this far past the end meets nothing. mm */
const FAR = -400_000;

/** A generator by its place round the branch: how far it stands off the axis along u and v, mm. */
export interface Generator {
  cosine: number;
  sine: number;
}

/** Where a generator first meets a header: s along the branch's axis from its end, and the number of the header's part. */
interface Meeting {
  s: number;
  element: number;
}

/** A branch before a header, with what is true of all its generators told once. */
export interface Approach {
  branch: Branch;
  header: SweptTube;
  /** Where the last straight before the end begins, when no generator meets or starts in the header before it; else null. */
  clearTo: number | null;
  lines: LineAhead[];
  arcs: ArcAhead[];
}

/** A straight of the header as the generators of the end's straight see it: the terms of the quadratic that they share. */
interface LineAhead {
  element: number;
  low: number;
  high: number;
  /** No generator enters it before this s. */
  from: number;
  /** header's direction × branch's, over its square. */
  d: Vec3;
  square: number;
  m: { end: Vec3; u: Vec3; v: Vec3 };
  place: { end: number; u: number; v: number; into: number };
}

/** An arc of the header that some generator may meet: not before `from`. */
interface ArcAhead {
  element: number;
  from: number;
  arc: ArcElement;
  /** The surface round that arc alone. */
  only: SweptTube;
}

/** radius: of the branch's outside, mm. */
export function approachOf(branch: Branch, header: SweptTube, radius: number): Approach {
  const fat: SweptTube = { elements: header.elements, radius: header.radius + radius };
  const axisGap = gapAlong(branch, { cosine: 0, sine: 0 }, fat);
  const bent = branch.stretches.length > 1;
  const starts = bent ? branch.straight : branch.length;
  const clear =
    axisGap(branch.length) > TOUCH && !(bent && marched(axisGap, 1, branch.length, branch.straight) !== null);
  const arcs = header.elements.flatMap((element, i): ArcAhead[] => {
    if (element.kind !== 'arc') return [];
    const from = arcAheadFrom(branch, element, fat.radius, clear ? starts : branch.straight);
    return from === null
      ? []
      : [{ element: i, from, arc: element, only: { elements: [element], radius: header.radius } }];
  });
  return {
    branch,
    header,
    clearTo: clear ? starts : null,
    lines: header.elements
      .flatMap((element, i) =>
        element.kind === 'straight' ? (lineAhead(branch, element, i, fat.radius) ?? []) : [],
      )
      .sort((a, b) => b.from - a.from),
    arcs,
  };
}

function lineAhead(
  { end, into, u, v }: Branch,
  { from, along, low, high }: Extract<SweptTube['elements'][number], { kind: 'straight' }>,
  element: number,
  fat: number,
): LineAhead | null {
  const d = cross(along, into);
  const square = dot(d, d);
  // A branch along the header slides on it and enters nowhere.
  if (square < 1e-18) return null;
  const w: Vec3 = [end[0] - from[0], end[1] - from[1], end[2] - from[2]];
  const m = cross(along, w);
  const middle = -dot(m, d) / square;
  const root = middle * middle - (dot(m, m) - fat * fat) / square;
  // The branch, as thick as it is, passes the straight by.
  if (root < 0) return null;
  return {
    element,
    low,
    high,
    from: middle + Math.sqrt(root) + NEAR,
    d,
    square,
    m: { end: m, u: cross(along, u), v: cross(along, v) },
    place: { end: dot(w, along), u: dot(u, along), v: dot(v, along), into: dot(into, along) },
  };
}

/** Where the branch, as thick as it is, first touches an arc on the way out along its straight; null where it passes by. */
function arcAheadFrom({ end, into }: Branch, element: ArcElement, fat: number, upTo: number): number | null {
  const near = stretchNear(end, into, element, fat);
  if (!near) return null;
  const only = { elements: [element], radius: fat };
  const gap = (s: number) => outside(only, end[0] + s * into[0], end[1] + s * into[1], end[2] + s * into[2]);
  return marched(gap, 1, Math.min(upTo, near.high), near.low);
}

/**
 * Where a generator, coming from the branch's other end, first meets a header's surface, written into `met`; false where it
 * meets none. One that starts inside the header, or on its surface, leaves it first.
 */
export function meets(approach: Approach, generator: Generator, met: Meeting): boolean {
  const { branch, header, clearTo } = approach;
  if (clearTo !== null) return onLine(approach, generator, clearTo, met);
  const bent = branch.stretches.length > 1;
  const from = leaving(branch, generator, header);
  if (from <= FAR) return false;
  const inBend =
    bent && from > branch.straight
      ? marched(gapAlong(branch, generator, header), speedOf(branch, generator), from, branch.straight)
      : null;
  if (inBend === null) return onLine(approach, generator, bent ? Math.min(from, branch.straight) : from, met);
  met.s = inBend;
  met.element = nearestElement(header, onGenerator(branch, inBend, generator.cosine, generator.sine));
  return true;
}

/**
 * A generator's straight against each part of the header: straights by the quadratic where it enters within their length,
 * arcs by steps where it comes near them at all. The first contact with the whole is the first of these.
 */
function onLine(
  { branch, header, lines, arcs }: Approach,
  generator: Generator,
  upTo: number,
  met: Meeting,
): boolean {
  met.s = FAR;
  met.element = -1;
  for (const line of lines) {
    if (line.from <= met.s) break;
    const entry = entryOf(line, generator, header.radius, upTo);
    if (entry === null || entry <= met.s) continue;
    met.s = entry;
    met.element = line.element;
  }
  if (arcs.length > 0) {
    const { into } = branch;
    const start = onGenerator(branch, 0, generator.cosine, generator.sine);
    for (const arc of arcs) {
      if (arc.from <= met.s) continue;
      const near = stretchNear(start, into, arc.arc, header.radius);
      if (!near) continue;
      const gap = (at: number) =>
        outside(arc.only, start[0] + at * into[0], start[1] + at * into[1], start[2] + at * into[2]);
      const touch = marched(gap, 1, Math.min(upTo, arc.from, near.high), Math.max(near.low, met.s));
      // Looking ahead near the surface may go past what a straight was met at already.
      if (touch === null || touch <= met.s) continue;
      met.s = touch;
      met.element = arc.element;
    }
  }
  return met.element >= 0;
}

/** Line and cylinder: the far root of the quadratic, where the generator enters; null beyond the straight's own length. */
function entryOf(
  { d, square, m, place, low, high }: LineAhead,
  { cosine, sine }: Generator,
  radius: number,
  upTo: number,
): number | null {
  const mx = m.end[0] + cosine * m.u[0] + sine * m.v[0];
  const my = m.end[1] + cosine * m.u[1] + sine * m.v[1];
  const mz = m.end[2] + cosine * m.u[2] + sine * m.v[2];
  const b = (mx * d[0] + my * d[1] + mz * d[2]) / square;
  const root = b * b - (mx * mx + my * my + mz * mz - radius * radius) / square;
  if (root < -2 * radius * TOUCH) return null;
  const entry = -b + Math.sqrt(Math.max(0, root));
  if (entry >= upTo + TOUCH) return null;
  const at = place.end + cosine * place.u + sine * place.v + entry * place.into;
  return at >= low - TOUCH && at <= high + TOUCH ? entry : null;
}

type ArcElement = Extract<SweptTube['elements'][number], { kind: 'arc' }>;

/** The stretch of a line within the ball that holds an arc's surface; null where it passes by. */
function stretchNear(
  start: Vec3,
  into: Vec3,
  { centre, radius }: ArcElement,
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
      const least = gap(nearest);
      // The step went through the surface and out again: it was entered on the way to the deepest place.
      if (least < 0) return { met: rootBetween(nearest, older, gap) };
      return least <= TOUCH ? { met: nearest } : { passed: next };
    }
    last = there;
    older = before;
    before = next;
  }
}

/** The lowest place of a hollow, by thirds. */
function lowest(low: number, high: number, gap: (s: number) => number): number {
  for (let i = 0; i < 80 && high - low > NOISE; i++) {
    const third = (high - low) / 3;
    if (gap(low + third) < gap(high - third)) high -= third;
    else low += third;
  }
  return (low + high) / 2;
}
