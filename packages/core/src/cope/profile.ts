import { directionAt, type Piece } from '../centreline/index.ts';
import { fail, type Outcome, succeed } from '../fault/index.ts';
import { itemAt } from '../items/index.ts';
import { radians, STRAIGHT_ENOUGH, COINCIDENT, DECISION } from '../measure/index.ts';
import {
  add,
  cross,
  distance,
  dot,
  length,
  rotateAbout,
  scale,
  subtract,
  unit,
  type Vec3,
} from '../space/index.ts';
import { type Branch, branchFrom, onGenerator, reversedAxis, squareTo } from './generators.ts';
import { type Approach, approachOf, meets } from './meet.ts';
import { type Profile } from './cuts.ts';
import { passOf, type SawPass } from './saw.ts';
import { axisNearest, directionNearest, type SweptTube, sweptTube } from './swept.ts';

/** A tube as a cope sees it. The axis runs from end A to end B. mm */
export interface CopeTube {
  od: number;
  axis: Piece[];
}

/** The cut of one end: the profiles of its outer and its inner edge, and how a notcher makes it. mm */
export interface Cope {
  branch: Branch;
  outer: Profile;
  inner: Profile;
  shortest: number | null;
  longest: number | null;
  /** One pass of the notcher for each header that is cut to, in order; empty where no notcher makes it. */
  passes: SawPass[];
  /** Why no notcher makes it. */
  why: string | null;
}

/**
 * The cut of a branch's end against the tubes fitted before it: each generator up to its first contact with any of them.
 * headers: at least one; the first gives φ = 0. Fault: the first header runs parallel to the end.
 * For straight on straight this is setback(φ) = √(R² − (r·sin φ + e)²)/sin β + r·cos φ/tan β, the line–cylinder intersection.
 */
export function copeOf(
  tube: CopeTube & { wall: number },
  end: 'a' | 'b',
  headers: CopeTube[],
  generators: number,
): Outcome<Cope> {
  const axis = end === 'a' ? tube.axis : reversedAxis(tube.axis);
  const into = directionAt(axis, 0);
  const swept = headers.map(({ axis: header, od }) => sweptTube(header, od));
  const u = squareTo(into, directionNearest(itemAt(swept, 0), endPoint(axis, 'a')));
  if (!u)
    return fail(
      'parallel',
      '/headers/0',
      'the first header runs parallel to the end of the branch: there is nothing to cope to',
    );
  const branch = branchFrom(axis, into, u);
  const approaches = swept.map((header) => approachOf(branch, header, tube.od / 2));
  const outer = profile(approaches, tube.od / 2, generators);
  const inner = profile(approaches, tube.od / 2 - tube.wall, generators);
  let [shortest, longest] = [Infinity, -Infinity];
  for (const setback of outer.setbacks)
    if (setback !== null) {
      shortest = Math.min(shortest, setback);
      longest = Math.max(longest, setback);
    }
  const met = shortest <= longest;
  return succeed({
    branch,
    outer,
    inner,
    shortest: met ? shortest : null,
    longest: met ? longest : null,
    ...notcherFor(branch, tube.od / 2, [outer, inner], swept),
  });
}

/** The point that an axis ends at. */
export function endPoint(axis: Piece[], end: 'a' | 'b'): Vec3 {
  const piece = itemAt(axis, end === 'a' ? 0 : -1);
  if (piece.kind === 'straight') return end === 'a' ? piece.from : piece.to;
  const turned = end === 'a' ? piece.radius : rotateAbout(piece.normal, radians(piece.angle), piece.radius);
  return add(piece.centre, turned);
}

/** Places in space where the generators of a surface of some radius are cut; null where one meets no header. mm */
export function contactsOf(branch: Branch, radius: number, { setbacks }: Profile): (Vec3 | null)[] {
  return setbacks.map((setback, k) => {
    if (setback === null) return null;
    const turn = (2 * Math.PI * k) / setbacks.length;
    return onGenerator(branch, setback, radius * Math.cos(turn), radius * Math.sin(turn));
  });
}

function profile(approaches: Approach[], radius: number, generators: number): Profile {
  const made: Profile = { setbacks: [], headers: [], parts: [] };
  const met = { s: 0, element: -1 };
  for (let k = 0; k < generators; k++) {
    const turn = (2 * Math.PI * k) / generators;
    const at = { cosine: radius * Math.cos(turn), sine: radius * Math.sin(turn) };
    let [setback, header, part] = [-Infinity, -1, -1];
    let i = -1;
    for (const approach of approaches) {
      i += 1;
      if (!meets(approach, at, met) || met.s <= setback) continue;
      setback = met.s;
      header = i;
      part = met.element;
    }
    made.setbacks.push(header < 0 ? null : setback);
    made.headers.push(header);
    made.parts.push(part);
  }
  return made;
}

/** The passes of a notcher that make the cut, or why none do. */
function notcherFor(
  branch: Branch,
  radius: number,
  profiles: [outer: Profile, inner: Profile],
  headers: SweptTube[],
): Pick<Cope, 'passes' | 'why'> {
  const none = (why: string) => ({ passes: [], why });
  if (profiles.some(({ setbacks }) => setbacks.includes(null)))
    return none('the branch passes the header on one side');
  const inBend = (setback: number | null) => (setback ?? 0) > branch.straight + DECISION;
  if (branch.stretches.length > 1 && profiles.some(({ setbacks }) => setbacks.some(inBend)))
    return none('the end is cut within its own bend');
  const passes: SawPass[] = [];
  for (const [i, header] of headers.entries()) {
    const parts = partsOf(profiles, i);
    if (parts.size === 0) continue;
    const [only] = parts;
    const element = parts.size === 1 && only !== undefined ? header.elements[only] : undefined;
    const line =
      element?.kind === 'straight'
        ? { ...element, bow: 0 }
        : lineUnder(branch, radius, profiles[0], header, i);
    if (line.bow > STRAIGHT_ENOUGH) return none('the branch lands on a bend of the header');
    passes.push(
      passOf(branch, radius, line, {
        header: i,
        holeSaw: 2 * header.radius,
        outer: profiles[0],
        bow: line.bow,
      }),
    );
  }
  return { passes, why: null };
}

/** The straight between the ends of what is cut to on a header's axis, and how far the axis bows from it there. mm */
function lineUnder(
  { end, into, u, v }: Branch,
  radius: number,
  { setbacks, headers }: Profile,
  header: SweptTube,
  number: number,
): { from: Vec3; along: Vec3; bow: number } {
  const places = setbacks.flatMap((setback, k) => {
    if (headers[k] !== number || setback === null) return [];
    const turn = (2 * Math.PI * k) / setbacks.length;
    const around = add(scale(u, radius * Math.cos(turn)), scale(v, radius * Math.sin(turn)));
    return [axisNearest(header, add(add(end, scale(into, setback)), around))];
  });
  const along = directionNearest(header, places[0] ?? end);
  const sorted = [...places].sort((a, b) => dot(a, along) - dot(b, along));
  const [from, to] = [sorted[0], sorted.at(-1)];
  if (!from || !to || distance(from, to) < COINCIDENT) return { from: end, along, bow: Infinity };
  const line = unit(subtract(to, from));
  const off = (at: Vec3) => length(cross(subtract(at, from), line));
  return { from, along: line, bow: Math.max(...places.map(off)) };
}

/** The parts of a header that are cut to. */
function partsOf(profiles: Profile[], header: number): Set<number> {
  const parts = new Set<number>();
  for (const { headers, parts: of } of profiles)
    for (let k = 0; k < headers.length; k++) if (headers[k] === header) parts.add(itemAt(of, k));
  return parts;
}
