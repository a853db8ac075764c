import { type Tube } from '../cage/index.ts';
import { placeOf } from '../cage/index.ts';
import { polylineOf } from '../centreline/index.ts';
import { fail, type Outcome, succeed } from '../fault/index.ts';
import { itemAt } from '../items/index.ts';
import { degrees } from '../measure/index.ts';
import { type Plan } from '../plan/index.ts';
import { add, cross, distance, dot, length, scale, subtract, unit, type Vec3 } from '../space/index.ts';

/** A line of sight of one's own: from an eye, in the car or outside, to a pillar or an edge of it. */
export type SightLine = Plan['survey']['sights'][number];

/** A tube as it is seen beside a pillar. */
export interface SeenBeside {
  member: string;
  piece: string;
  stamp: string;
  /** How much of it shows past the pillar's edge on the left and on the right, as the eye sees them, at the tube; below nothing it is hidden there. mm */
  left: number;
  right: number;
  /** Between the two, as the eye sees them. Degrees */
  off: number;
  /** Within the angle that was asked for. */
  parallel: boolean;
}

/** What of the cage is seen beside a pillar, the nearest to it first. */
export interface PastPillar {
  sight: string;
  name: string;
  seen: Outcome<SeenBeside[]>;
}

/** Axes are looked at every so far. mm */
const STEP = 10;
/** A tube runs along a pillar where it passes it by this at most, over this share of it, and no more askew. mm, degrees */
const BESIDE = { reach: 250, share: 0.3, askew: 35 };

/** Every line of sight of a plan, with the tubes that run along its pillar. Car's frame, mm */
export const pastPillars = (plan: Plan, tubes: Tube[]): PastPillar[] =>
  plan.survey.sights.map((line) => ({ sight: line.id, name: line.name, seen: seenPast(line, tubes) }));

/** A pillar as it stands in the view of an eye: one unit away, positive to the left and up. */
interface PillarInView {
  view: (at: Vec3) => InView;
  from: Flat;
  along: Flat;
  /** To the left, square to it. */
  aside: Flat;
  length: number;
  /** Of both ends from the eye, mm. */
  depths: [number, number];
  half: number;
}

type Flat = readonly [number, number];

interface InView {
  at: Flat;
  /** How far ahead of the eye. mm */
  depth: number;
}

function seenPast(line: SightLine, tubes: Tube[]): Outcome<SeenBeside[]> {
  const pillar = pillarSeen(line);
  if (!pillar.ok) return pillar;
  const seen = tubes.flatMap((tube) => besideOf(tube, pillar.value, line.within.deg) ?? []);
  return succeed(seen.sort((a, b) => offThe(a) - offThe(b)));
}

/** How far a tube stands from the middle of the pillar, as it is seen. */
const offThe = ({ left, right }: SeenBeside): number => Math.abs(left - right);

function pillarSeen({ eye, from, to, width }: SightLine): Outcome<PillarInView> {
  const [at, low, high] = [placeOf(eye), placeOf(from), placeOf(to)];
  const middle = subtract(scale(add(low, high), 0.5), at);
  if (length(middle) < 1 || distance(low, high) < 1)
    return fail(
      'no-direction',
      '',
      'the eye is at the pillar, or the pillar has no length: move one of them',
    );
  const ahead = unit(middle);
  const level = cross([0, 0, 1], ahead);
  const left = unit(length(level) > 1e-3 ? level : [0, 1, 0]);
  const up = cross(ahead, left);
  const view = (point: Vec3): InView => {
    const off = subtract(point, at);
    const depth = dot(off, ahead);
    return { at: [dot(off, left) / depth, dot(off, up) / depth], depth };
  };
  const ends = [view(low), view(high)] as const;
  const span: Flat = [ends[1].at[0] - ends[0].at[0], ends[1].at[1] - ends[0].at[1]];
  const seen = Math.hypot(...span);
  if (ends.some(({ depth }) => depth <= 1) || seen < 1e-3)
    return fail('no-direction', '', 'the eye looks along the pillar: a line of sight goes to its side');
  const along: Flat = [span[0] / seen, span[1] / seen];
  const turned: Flat = [-along[1], along[0]];
  // Of a pillar that lies level, to the left is up.
  const isLeft = Math.abs(turned[0]) > 1e-6 ? turned[0] > 0 : turned[1] > 0;
  return succeed({
    view,
    from: ends[0].at,
    along,
    aside: isLeft ? turned : [-turned[0], -turned[1]],
    length: seen,
    depths: [ends[0].depth, ends[1].depth],
    half: width.mm / 2,
  });
}

/** The part of a tube beside a pillar; null where it does not run along it. */
function besideOf(tube: Tube, pillar: PillarInView, within: number): SeenBeside | null {
  const places = alongAxis(tube)
    .map(pillar.view)
    .filter(({ depth }) => depth > 1)
    .map((one) => placedBeside(one, pillar, tube.od / 2))
    .filter(({ share }) => share >= 0 && share <= 1);
  if (places.length < 2) return null;
  const [first, last] = [itemAt(places, 0), itemAt(places, -1)];
  const spanned = Math.abs(last.share - first.share);
  if (spanned < BESIDE.share) return null;
  const off = degrees(Math.atan2(Math.abs(last.aside - first.aside), spanned * pillar.length));
  const nearest = Math.min(...places.map(({ passes }) => passes));
  if (off > BESIDE.askew || nearest > BESIDE.reach) return null;
  return {
    member: tube.member,
    piece: tube.piece,
    stamp: tube.stamp,
    left: Math.max(...places.map(({ left }) => left)),
    right: Math.max(...places.map(({ right }) => right)),
    off,
    parallel: off <= within,
  };
}

/** Where a place of a tube stands beside the pillar: its share of the pillar's length, and how far each edge of the tube shows, mm. */
function placedBeside({ at, depth }: InView, pillar: PillarInView, half: number) {
  const off: Flat = [at[0] - pillar.from[0], at[1] - pillar.from[1]];
  const share = (off[0] * pillar.along[0] + off[1] * pillar.along[1]) / pillar.length;
  const aside = off[0] * pillar.aside[0] + off[1] * pillar.aside[1];
  // What is one unit away is as much farther as it is deep: depths go by their inverse.
  const inverse = (1 - share) / pillar.depths[0] + share / pillar.depths[1];
  const edge = pillar.half * inverse;
  const tube = half / depth;
  return {
    share,
    aside,
    passes: Math.abs(aside) * depth,
    left: (aside + tube - edge) * depth,
    right: (-aside + tube - edge) * depth,
  };
}

/** Places along an axis, ends included. */
function alongAxis({ axis }: Tube): Vec3[] {
  const corners = polylineOf(axis);
  return corners.flatMap((at, i) => {
    const next = corners[i + 1];
    if (!next) return [at];
    const parts = Math.max(1, Math.ceil(distance(at, next) / STEP));
    return Array.from({ length: parts }, (_, k) => add(at, scale(subtract(next, at), k / parts)));
  });
}
