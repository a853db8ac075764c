import { polylineOf } from '../centreline/index.ts';
import { type Tube } from '../cage/index.ts';
import { degrees, halve, radians } from '../measure/index.ts';
import { type CarSide, type Role } from '../plan/index.ts';
import { add, cross, dot, length, scale, subtract, type Vec3 } from '../space/index.ts';

/** A range of angles seen from the eye. Degrees */
export type Arc = [from: number, to: number];

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
  /** Of the view ahead: 120° wide, from 15° below the horizon to 15° above; 0 to 1. */
  share: number;
}

/** The view ahead that shares are taken of, looked at in rows. Degrees; common practice for what a driver scans. */
const VIEW = { wide: 60, high: 15, row: 2.5 };
/** Rays are this far apart before edges are closed in on: narrower than tube at four metres. Degrees */
const STEP = 0.5;
/** Thinner than this is not worth a line. Degrees */
const LEAST = 0.2;

interface Seen {
  tube: Tube;
  line: Vec3[];
}

const directionTo = (azimuth: number, elevation: number): Vec3 => {
  const [a, e] = [radians(azimuth), radians(elevation)];
  return [Math.cos(e) * Math.cos(a), Math.cos(e) * Math.sin(a), Math.sin(e)];
};

/** Least distance between a ray from the origin and a straight between two points. mm */
function fromRay(direction: Vec3, from: Vec3, to: Vec3): number {
  const along = subtract(to, from);
  const normal = cross(direction, along);
  const square = dot(normal, normal);
  const ends = () => Math.min(offRay(direction, from), offRay(direction, to));
  if (square < 1e-12) return ends();
  const share = Math.min(1, Math.max(0, dot(cross(from, direction), normal) / square));
  const at = add(from, scale(along, share));
  return Math.min(offRay(direction, at), ends());
}

const offRay = (direction: Vec3, at: Vec3): number =>
  length(subtract(at, scale(direction, Math.max(0, dot(direction, at)))));

const beyondTube = ({ tube, line }: Seen, direction: Vec3): number => {
  let least = Infinity;
  for (let i = 1; i < line.length; i++)
    least = Math.min(least, fromRay(direction, line[i - 1] as Vec3, line[i] as Vec3));
  return least - tube.od / 2;
};

/** Where a function of an angle is not above zero, between two angles: looked at in steps, edges closed in on. */
function arcsWhere(from: number, to: number, value: (angle: number) => number): Arc[] {
  const arcs: Arc[] = [];
  const steps = Math.round((to - from) / STEP);
  let before = { angle: from, value: value(from) };
  let start: number | null = before.value <= 0 ? from : null;
  for (let i = 1; i <= steps; i++) {
    const angle = from + i * STEP;
    const here = { angle, value: value(angle) };
    if (before.value <= 0 !== here.value <= 0) {
      const edge = halve(before.angle, angle, value);
      if (start === null) start = edge;
      else {
        arcs.push([start, edge]);
        start = null;
      }
    }
    before = here;
  }
  if (start !== null) arcs.push([start, to]);
  return arcs;
}

/** The directions at one height of view that a tube hides. Azimuth in degrees, positive to the left; elevation above the horizon. */
export const hiddenAt = (eye: Vec3, tube: Tube, elevation: number, wide = 90): Arc[] => {
  const seen = seenFrom(eye, tube);
  return arcsWhere(-wide, wide, (azimuth) => beyondTube(seen, directionTo(azimuth, elevation)));
};

/** The heights of view straight ahead that a tube hides. Degrees above the horizon. */
export const hiddenAhead = (eye: Vec3, tube: Tube): Arc[] => {
  const seen = seenFrom(eye, tube);
  return arcsWhere(-45, 45, (elevation) => beyondTube(seen, directionTo(0, elevation)));
};

/** The axis from the eye, as chords. */
const seenFrom = (eye: Vec3, tube: Tube): Seen => ({
  tube,
  line: polylineOf(tube.axis).map((at) => subtract(at, eye)),
});

/** What tubes ahead of the eye hide of the view. */
export function sightOf(eye: Vec3, tubes: Tube[]): Sight {
  const ahead = tubes.filter(({ points }) => points.some(([x]) => x > eye[0]));
  const near = ahead.filter((tube) => mayHide(seenFrom(eye, tube)));
  const level = near.flatMap((tube) =>
    hiddenAt(eye, tube, 0)
      .filter(([from, to]) => to - from >= LEAST)
      .map((arc): HiddenBy => ({
        member: tube.member,
        piece: tube.piece,
        stamp: tube.stamp,
        role: tube.role,
        side: arc[0] + arc[1] > 0 ? 'left' : 'right',
        arc,
      })),
  );
  const across = near.flatMap((tube) =>
    hiddenAhead(eye, tube).map((arc) => ({ member: tube.member, stamp: tube.stamp, arc })),
  );
  return {
    level: level.sort((a, b) => b.arc[1] - b.arc[0] - (a.arc[1] - a.arc[0])),
    across,
    share: hiddenShare(eye, near),
  };
}

/** Whether any place of the tube lies in the view, its thickness counted. */
function mayHide({ tube, line }: Seen): boolean {
  const elevations = line.map(([x, y, z]) => {
    const apart = Math.hypot(x, y, z);
    const half = degrees(Math.asin(Math.min(1, tube.od / 2 / apart)));
    return { at: degrees(Math.atan2(z, Math.hypot(x, y))), half };
  });
  return (
    elevations.some(({ at, half }) => at + half >= -45) && elevations.some(({ at, half }) => at - half <= 45)
  );
}

/** The share of the view ahead that is hidden, rows weighted by how wide they are. */
function hiddenShare(eye: Vec3, tubes: Tube[]): number {
  let [hidden, all] = [0, 0];
  for (let row = -VIEW.high + VIEW.row / 2; row < VIEW.high; row += VIEW.row) {
    const weight = Math.cos(radians(row));
    const arcs = tubes.flatMap((tube) => hiddenAt(eye, tube, row, VIEW.wide));
    hidden += weight * unionOf(arcs);
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
