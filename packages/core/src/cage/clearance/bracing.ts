import {
  arcsIn,
  crossingsOf,
  lengthOf,
  nearestBetween,
  nearestOnPath,
  pointAt,
} from '../../centreline/index.ts';
import { type BarRole, type CarSide, type Role } from '../../plan/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { type GussetAnswer } from '../fittings/gussets.ts';
import { type Joint } from '../placing/joint.ts';
import { areApart, boxOf, type Tube } from '../tube.ts';

type Box = ReturnType<typeof boxOf>;

/** Bars that take a hit end-on: a bend in one is a hinge under load (handbook §7). */
const END_ON: readonly Role[] = [
  'backstay',
  'diagonal',
  'rear-diagonal',
  'roof-diagonal',
  'door-bar',
  'sill-bar',
  'rear-cross',
  'strut',
  'spreader',
] satisfies BarRole[];

/** A tube that meets a bend nearer than this to its arc braces it. mm; within the bead of common tube */
const AT_THE_BEND = 60;

/** A bend with nothing to hold it in a bar that takes a hit end-on. */
export interface UnbracedBend {
  tube: Tube;
  feature: string;
  angle: number;
}

export function unbracedBends(tubes: Tube[], joints: Joint[], gussets: GussetAnswer[]): UnbracedBend[] {
  return tubes
    .filter((tube) => END_ON.includes(tube.role))
    .flatMap((tube) =>
      arcsIn(tube.axis).flatMap((arc, i): UnbracedBend[] => {
        const near = (at: Vec3) => distance(at, nearestOnPath(at, [arc])) < AT_THE_BEND + tube.od / 2;
        const braced =
          joints.some(({ header, at }) => header === tube.piece && near(at)) ||
          gussets.some(({ shape }) => shape.ok && shape.value.corners.some(near));
        return braced ? [] : [{ tube, feature: tube.features[i] ?? '', angle: arc.angle }];
      }),
    );
}

/** Tubes that stand between driver and door at the middle of the opening, on one side of the car. */
export interface MidDoor {
  side: CarSide;
  /** Forward of the hoop, mm. */
  at: number;
  /** Tubes one above another there: two that cross in one place are one. */
  tubes: number;
  stamps: string[];
}

/** Of an X one tube is left at mid-door, of stacked bars two (handbook §7). */
export function midDoor(tubes: Tube[]): MidDoor[] {
  const doors = tubes.filter((tube) => tube.role === 'door-bar');
  return (['left', 'right'] as const).flatMap((side): MidDoor[] => {
    const here = doors.filter(({ points }) => (points[0] as Vec3)[1] > 0 === (side === 'left'));
    if (here.length === 0) return [];
    const xs = here
      .flatMap(({ points }) => [points[0] as Vec3, points[points.length - 1] as Vec3])
      .map(([x]) => x);
    const at = (Math.min(...xs) + Math.max(...xs)) / 2;
    const passing = here.flatMap((tube) =>
      crossingsOf(tube.axis, ([x]) => x - at).map((along) => ({
        tube,
        z: (pointAt(tube.axis, along) as Vec3)[2],
      })),
    );
    const levels: number[] = [];
    for (const { z, tube } of passing)
      if (levels.every((level) => Math.abs(level - z) > tube.od)) levels.push(z);
    return [{ side, at, tubes: levels.length, stamps: here.map((tube) => tube.stamp) }];
  });
}

/** A tube that lies in its own header along its length, though it ends there. */
function alongside(tube: Tube, header: Tube): Collision[] {
  const middle = pointAt(tube.axis, lengthOf(tube.axis) / 2) as Vec3;
  const overlap = (tube.od + header.od) / 2 - distance(middle, nearestOnPath(middle, header.axis));
  return overlap > 1 && tube.developed > 6 * tube.od ? [{ tubes: [header, tube], at: middle, overlap }] : [];
}

/** Two tubes in one place: the shorter lies in the longer at its middle and halfway to either end. */
function inEachOther(first: Tube, second: Tube): Collision[] {
  const [short, long] = first.developed <= second.developed ? [first, second] : [second, first];
  const total = lengthOf(short.axis);
  const overlaps = [0.25, 0.5, 0.75].map((share) => {
    const at = pointAt(short.axis, share * total) as Vec3;
    return { at, overlap: (short.od + long.od) / 2 - distance(at, nearestOnPath(at, long.axis)) };
  });
  const [, middle] = overlaps;
  return middle && overlaps.every(({ overlap }) => overlap > 1)
    ? [{ tubes: [first, second], ...middle }]
    : [];
}

/** Two tubes whose surfaces run into each other without a joint between them. mm */
export interface Collision {
  tubes: [Tube, Tube];
  at: Vec3;
  /** How far the surfaces overlap. */
  overlap: number;
}

/** Tubes that pass through each other away from their joints. */
export function collisionsOf(tubes: Tube[], joints: Joint[]): Collision[] {
  const found: Collision[] = [];
  const boxes = tubes.map(boxOf);
  for (const [i, first] of tubes.entries())
    for (const [j, second] of tubes.entries()) {
      const reach = (first.od + second.od) / 2;
      if (j <= i || areApart(boxes[i] as Box, boxes[j] as Box, reach)) continue;
      const shared = joints.filter(
        ({ piece, header }) =>
          (piece === first.piece && header === second.piece) ||
          (piece === second.piece && header === first.piece),
      );
      if (shared.length > 0) {
        const branches = new Set(shared.map(({ piece }) => piece));
        if (branches.has(first.piece)) found.push(...alongside(first, second));
        if (branches.has(second.piece)) found.push(...alongside(second, first));
        continue;
      }
      const { distance: gap, first: at, along } = nearestBetween(first.axis, second.axis, reach);
      const overlap = reach - gap;
      // Ends that share a node meet their header together; they are fitted there, not crossed.
      const atEnd = Math.min(along, lengthOf(first.axis) - along) < first.od * 1.5;
      const otherEnds = [second.points[0], second.points[second.points.length - 1]] as Vec3[];
      const atOtherEnd = otherEnds.some((end) => distance(end, at) < second.od * 1.5);
      if (overlap > 1 && !(atEnd || atOtherEnd)) found.push({ tubes: [first, second], at, overlap });
      // They may share a node and lie in each other all the same.
      else if (overlap > 1) found.push(...inEachOther(first, second));
    }
  return found;
}
