import { directionAt, type Piece } from '../centreline/index.ts';
import { fail, type Outcome, succeed } from '../fault/index.ts';
import { degrees, radians } from '../measure/index.ts';
import { add, angleBetween, dot, rotateAbout, scale, subtract, type Vec3 } from '../space/index.ts';
import { type Branch, branchFrom, onGenerator, reversedAxis, squareTo } from './generators.ts';
import { firstMeeting } from './meet.ts';
import { directionNearest, nearestElement, type SweptTube, sweptTube } from './swept.ts';

/** A tube as a cope sees it. The axis runs from end A to end B. mm */
export interface CopeTube {
  od: number;
  axis: Piece[];
}

/** One generator of a profile: where it is cut, along the branch's axis from its end point into the branch, mm. */
export interface CutPoint {
  /** Round the branch from the first header's direction, right-handed about the axis into the branch. Degrees. */
  phi: number;
  /** Null where the generator meets no header. */
  setback: number | null;
}

/** How a notcher is set. */
export interface Saw {
  /** 90 − the acute angle between the axes: what the notcher's dial reads. Degrees. */
  dial: number;
  holeSaw: number;
  /** Of the branch's axis from the header's, along b × u. mm */
  offset: number;
}

export interface Cope {
  outer: CutPoint[];
  inner: CutPoint[];
  shortest: number | null;
  longest: number | null;
  saw: Saw | null;
  /** Why no notcher makes it. */
  why?: string;
}

/**
 * The cut of a branch's end against the tubes fitted before it: each generator up to its first contact with any of them.
 * headers: at least one; the first gives φ = 0. Fault: the first header runs parallel to the end.
 * For straight on straight this is setback(φ) = √(R² − (r·sin φ + e)²)/sin β + r·cos φ/tan β, the line–cylinder intersection.
 */
export function copeOf(
  branch: CopeTube & { wall: number },
  end: 'a' | 'b',
  headers: CopeTube[],
  generators: number,
): Outcome<Cope> {
  const axis = end === 'a' ? branch.axis : reversedAxis(branch.axis);
  const into = directionAt(axis, 0);
  const swept = headers.map(({ axis: header, od }) => sweptTube(header, od));
  const u = squareTo(into, directionNearest(swept[0] as SweptTube, endPoint(axis, 'a')));
  if (!u)
    return fail(
      'parallel',
      '/headers/0',
      'the first header runs parallel to the end of the branch: there is nothing to cope to',
    );
  const seen = branchFrom(axis, into, u);
  const outer = profile(seen, branch.od / 2, swept, generators);
  const inner = profile(seen, branch.od / 2 - branch.wall, swept, generators);
  const met = outer.flatMap(({ setback }) => setback ?? []);
  const saw = sawFor(seen, branch, [outer, inner], headers, swept);
  return succeed({
    outer,
    inner,
    shortest: met.length > 0 ? Math.min(...met) : null,
    longest: met.length > 0 ? Math.max(...met) : null,
    ...(typeof saw === 'string' ? { saw: null, why: saw } : { saw }),
  });
}

/** The point that an axis ends at. */
export function endPoint(axis: Piece[], end: 'a' | 'b'): Vec3 {
  const piece = (end === 'a' ? axis[0] : axis[axis.length - 1]) as Piece;
  if (piece.kind === 'straight') return end === 'a' ? piece.from : piece.to;
  const turned = end === 'a' ? piece.radius : rotateAbout(piece.normal, radians(piece.angle), piece.radius);
  return add(piece.centre, turned);
}

function profile(branch: Branch, radius: number, headers: SweptTube[], generators: number): CutPoint[] {
  return Array.from({ length: generators }, (_, k) => {
    const phi = (360 * k) / generators;
    const at = { cosine: radius * Math.cos(radians(phi)), sine: radius * Math.sin(radians(phi)) };
    const meetings = headers.flatMap((header) => firstMeeting(branch, at, header) ?? []);
    return { phi, setback: meetings.length > 0 ? Math.max(...meetings) : null };
  });
}

/** The notcher's setting, or why there is none. */
function sawFor(
  seen: Branch,
  branch: CopeTube & { wall: number },
  profiles: CutPoint[][],
  headers: CopeTube[],
  swept: SweptTube[],
): Saw | string {
  const [header, another] = headers as [CopeTube, CopeTube | undefined];
  const [surface] = swept as [SweptTube];
  if (another) return 'several headers: one pass of the saw for each of them';
  const cuts = profiles.flat();
  if (cuts.some(({ setback }) => setback === null)) return 'the branch passes the header on one side';
  const beyond = cuts.some(({ setback }) => (setback ?? 0) > seen.straight + 1e-6);
  if (beyond && seen.stretches.length > 1) return 'the end is cut within its own bend';
  const line = straightUnder(seen, branch, profiles, surface);
  if (!line) return 'the branch lands on a bend of the header';
  const turn = degrees(angleBetween(seen.into, line.along));
  const from = subtract(seen.end, line.from);
  const offset = dot(subtract(from, scale(line.along, dot(from, line.along))), seen.v);
  return { dial: 90 - Math.min(turn, 180 - turn), holeSaw: header.od, offset };
}

/** The straight of the header that every contact lies on; null where they lie on a bend, or on several of its parts. */
function straightUnder(
  seen: Branch,
  branch: CopeTube & { wall: number },
  [outer = [], inner = []]: CutPoint[][],
  surface: SweptTube,
): { from: Vec3; along: Vec3 } | null {
  const elementOf = (radius: number) => (cut: CutPoint) => {
    const [c, s] = [Math.cos(radians(cut.phi)), Math.sin(radians(cut.phi))];
    return nearestElement(surface, onGenerator(seen, cut.setback ?? 0, radius * c, radius * s));
  };
  const touched = new Set([
    ...outer.map(elementOf(branch.od / 2)),
    ...inner.map(elementOf(branch.od / 2 - branch.wall)),
  ]);
  const [only] = touched;
  const element = only === undefined ? undefined : surface.elements[only];
  return touched.size === 1 && element?.kind === 'straight' ? element : null;
}
