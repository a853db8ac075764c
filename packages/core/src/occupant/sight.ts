import { placeAcross, polylineOf } from '../centreline/index.ts';
import { type Tube } from '../cage/index.ts';
import { keptPair } from '../kept/index.ts';
import { degrees, type Interval, intervalsBelow, radians } from '../measure/index.ts';
import { type CarSide, type Role } from '../plan/index.ts';
import { add, distance, scale, subtract, type Vec3 } from '../space/index.ts';

/** A range of angles seen from the eye. Degrees */
export type Arc = Interval;

/** A tube that hides part of the level view. Degrees, positive to the left. */
export interface HiddenBy {
  member: string;
  piece: string;
  stamp: string;
  role: Role;
  side: CarSide;
  arc: Arc;
}

/** What the cage hides of a driver's view: one eye, in the middle. */
export interface Sight {
  /** By tubes on the left and the right, level with the eye, the widest first. */
  level: HiddenBy[];
  /** What bars across hide straight ahead: degrees above the horizon. */
  across: { member: string; stamp: string; arc: Arc }[];
  /** How far the axis of a windscreen bar stands above the eye, straight ahead. mm */
  windscreen: { member: string; stamp: string; above: number }[];
  /** Of the view ahead: 120° wide, from 15° below the horizon to 15° above; 0 to 1. */
  share: number;
}

/** The view ahead that shares are taken of, looked at in rows. Degrees; common practice for what a driver scans. */
const VIEW = { wide: 60, high: 15, row: 2.5 };
/** The middles of the rows. Degrees above the horizon */
const ROWS = Array.from({ length: (2 * VIEW.high) / VIEW.row }, (_, i) => -VIEW.high + VIEW.row * (i + 0.5));
/** Rays are this far apart before edges are closed in on: narrower than tube at four metres. Degrees */
const STEP = 0.5;
/** Straight ahead a driver looks this far up and down. Degrees */
const AHEAD = 30;
/** Axes are looked at in straights of this length at most. mm */
const SHORT = 150;
/** How far a ray passes from what lies behind the eye, as good as far. mm */
const BEHIND = 10_000;
/** Thinner than this is not worth a line. Degrees */
const LEAST = 0.2;

/** A tube as the eye sees it: its axis as short straights from the eye, and the view that it lies in. Degrees */
interface Seen {
  tube: Tube;
  line: Vec3[];
  azimuth: Arc;
  elevation: Arc;
}

const directionTo = (azimuth: number, elevation: number): Vec3 => {
  const [a, e] = [radians(azimuth), radians(elevation)];
  return [Math.cos(e) * Math.cos(a), Math.cos(e) * Math.sin(a), Math.sin(e)];
};

/** The square of how far a ray from the eye passes from a straight between two points, mm²; far where that lies behind the eye. */
function fromRay([dx, dy, dz]: Vec3, from: Vec3, to: Vec3): number {
  const [ax, ay, az] = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  // Square to the ray only what is across it counts: the straight's own direction and its start, without their parts along the ray.
  const onRay = ax * dx + ay * dy + az * dz;
  const startOnRay = from[0] * dx + from[1] * dy + from[2] * dz;
  const [bx, by, bz] = [ax - onRay * dx, ay - onRay * dy, az - onRay * dz];
  const [px, py, pz] = [from[0] - startOnRay * dx, from[1] - startOnRay * dy, from[2] - startOnRay * dz];
  const square = bx * bx + by * by + bz * bz;
  const share = square < 1e-12 ? 0 : Math.min(1, Math.max(0, -(bx * px + by * py + bz * pz) / square));
  if (startOnRay + share * onRay < 0) return Infinity;
  return (px + share * bx) ** 2 + (py + share * by) ** 2 + (pz + share * bz) ** 2;
}

const beyondTube = ({ tube, line }: Seen, direction: Vec3): number => {
  let least = Infinity;
  let before: Vec3 | null = null;
  for (const point of line) {
    if (before) least = Math.min(least, fromRay(direction, before, point));
    before = point;
  }
  // What is wholly behind the eye is far from every ray, and finite, so that edges can be closed in on.
  return Math.min(Math.sqrt(least), BEHIND) - tube.od / 2;
};

const arcsWhere = (from: number, to: number, value: (angle: number) => number): Arc[] =>
  intervalsBelow(from, to, Math.max(1, Math.ceil((to - from) / STEP)), value);

const hiddenInRow = (seen: Seen, elevation: number, wide: number): Arc[] => {
  if (elevation < seen.elevation[0] || elevation > seen.elevation[1]) return [];
  const [from, to] = [Math.max(-wide, seen.azimuth[0]), Math.min(wide, seen.azimuth[1])];
  return from >= to
    ? []
    : arcsWhere(from, to, (azimuth) => beyondTube(seen, directionTo(azimuth, elevation)));
};

/** The directions at one height of view that a tube hides. Azimuth in degrees, positive to the left; elevation above the horizon. */
export const hiddenAt = (eye: Vec3, tube: Tube, elevation: number): Arc[] =>
  hiddenInRow(seenFrom(eye, tube), elevation, 90);

/** The heights of view straight ahead that a tube hides. Degrees above the horizon. */
export const hiddenAhead = (eye: Vec3, tube: Tube): Arc[] => aheadOf(seenFrom(eye, tube));

function aheadOf(seen: Seen): Arc[] {
  if (seen.azimuth[0] > 0 || seen.azimuth[1] < 0) return [];
  const [from, to] = [Math.max(-AHEAD, seen.elevation[0]), Math.min(AHEAD, seen.elevation[1])];
  return from >= to ? [] : arcsWhere(from, to, (elevation) => beyondTube(seen, directionTo(0, elevation)));
}

/** The axis from the eye in short straights, so that no place between two of them is seen outside their bounds. */
function seenFrom(eye: Vec3, tube: Tube): Seen {
  const corners = polylineOf(tube.axis).map((at) => subtract(at, eye));
  const line = corners.flatMap((at, i) => {
    const next = corners[i + 1];
    if (!next) return [at];
    const parts = Math.max(1, Math.ceil(distance(at, next) / SHORT));
    return Array.from({ length: parts }, (_, k) => add(at, scale(subtract(next, at), k / parts)));
  });
  const seen = line.map(([x, y, z]) => ({
    azimuth: degrees(Math.atan2(y, x)),
    elevation: degrees(Math.atan2(z, Math.hypot(x, y))),
    behind: x <= 0,
    // A tube hides more than its axis: its radius, and what lies between two places.
    around: degrees(Math.asin(Math.min(1, (tube.od / 2 + SHORT / 2) / Math.hypot(x, y, z)))),
  }));
  const bounds = (of: (one: (typeof seen)[number]) => number): Arc => [
    Math.min(...seen.map((one) => of(one) - one.around)),
    Math.max(...seen.map((one) => of(one) + one.around)),
  ];
  return {
    tube,
    line,
    // Behind the eye left turns into right at once: no bound holds.
    azimuth: seen.some(({ behind }) => behind) ? [-90, 90] : bounds(({ azimuth }) => azimuth),
    elevation: bounds(({ elevation }) => elevation),
  };
}

/** What one tube hides from an eye: level with it, straight ahead, and in each row of the view. */
const hiddenBy = keptPair((eye: Vec3, tube: Tube) => {
  const seen = seenFrom(eye, tube);
  return {
    level: hiddenInRow(seen, 0, 90).filter(([from, to]) => to - from >= LEAST),
    ahead: aheadOf(seen),
    rows: ROWS.map((row) => hiddenInRow(seen, row, VIEW.wide)),
  };
});

/** What tubes ahead of the eye hide of the view. */
export function sightOf(eye: Vec3, tubes: Tube[]): Sight {
  const ahead = tubes
    .filter(({ points }) => points.some(([x]) => x > eye[0]))
    .map((tube) => ({ tube, hides: hiddenBy(eye, tube) }));
  const level = ahead.flatMap(({ tube: { member, piece, stamp, role }, hides }) =>
    hides.level.map((arc): HiddenBy => ({
      member,
      piece,
      stamp,
      role,
      side: arc[0] + arc[1] > 0 ? 'left' : 'right',
      arc,
    })),
  );
  return {
    level: level.sort((a, b) => b.arc[1] - b.arc[0] - (a.arc[1] - a.arc[0])),
    across: ahead.flatMap(({ tube: { member, stamp }, hides }) =>
      hides.ahead.map((arc) => ({ member, stamp, arc })),
    ),
    windscreen: tubes
      .filter(({ role }) => role === 'windscreen-bar')
      .map(({ member, stamp, axis }) => ({ member, stamp, above: placeAcross(axis, eye[1])[2] - eye[2] })),
    share: hiddenShare(ahead.map(({ hides }) => hides.rows)),
  };
}

/** The share of the view ahead that is hidden, rows weighted by how wide they are. byTube: of each tube, row by row. */
function hiddenShare(byTube: Arc[][][]): number {
  let [hidden, all] = [0, 0];
  for (const [i, row] of ROWS.entries()) {
    const weight = Math.cos(radians(row));
    hidden += weight * unionOf(byTube.flatMap((rows) => rows[i] ?? []));
    all += weight * 2 * VIEW.wide;
  }
  return hidden / all;
}

function unionOf(arcs: Arc[]): number {
  let [sum, reached] = [0, -Infinity];
  for (const [from, to] of [...arcs].sort((a, b) => a[0] - b[0])) {
    sum += Math.max(0, to - Math.max(from, reached));
    reached = Math.max(reached, to);
  }
  return sum;
}
