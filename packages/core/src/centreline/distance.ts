import { radians } from '../measure/index.ts';
import {
  angleAbout,
  cross,
  distance,
  dot,
  add,
  length,
  scale,
  subtract,
  unit,
  type Vec3,
} from '../space/index.ts';
import { type Piece } from './path.ts';

/** Least distance from a point to the axis. Any frame, mm. */
export const distanceToPath = (point: Vec3, pieces: Piece[]): number =>
  distance(point, nearestOnPath(point, pieces));

/** The point of the axis that is nearest to a point. */
export function nearestOnPath(point: Vec3, pieces: Piece[]): Vec3 {
  let nearest = point;
  let least = Infinity;
  for (const piece of pieces) {
    const candidate = nearestOn(piece, point);
    const gap = distance(point, candidate);
    if (gap < least) {
      nearest = candidate;
      least = gap;
    }
  }
  return nearest;
}

function nearestOn(piece: Piece, point: Vec3): Vec3 {
  return piece.kind === 'straight'
    ? nearestOnStraight(piece.from, piece.to, point)
    : nearestOnArc(piece, point);
}

function nearestOnStraight(from: Vec3, to: Vec3, point: Vec3): Vec3 {
  const along = subtract(to, from);
  const squared = dot(along, along);
  if (squared === 0) return from;
  const share = Math.min(1, Math.max(0, dot(subtract(point, from), along) / squared));
  return add(from, scale(along, share));
}

function nearestOnArc(arc: Extract<Piece, { kind: 'arc' }>, point: Vec3): Vec3 {
  const { centre, radius, normal } = arc;
  const toPoint = subtract(point, centre);
  const inPlane = subtract(toPoint, scale(normal, dot(toPoint, normal)));
  if (length(inPlane) > 0) {
    const angle = angleAbout(normal, radius, inPlane);
    const turned = angle < 0 ? angle + 2 * Math.PI : angle;
    if (turned <= radians(arc.angle)) return add(centre, scale(unit(inPlane), length(radius)));
  }
  const across = cross(normal, radius);
  const at = (angle: number) =>
    add(centre, add(scale(radius, Math.cos(angle)), scale(across, Math.sin(angle))));
  const [start, end] = [at(0), at(radians(arc.angle))];
  return distance(point, start) <= distance(point, end) ? start : end;
}
