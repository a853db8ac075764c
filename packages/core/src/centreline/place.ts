import { pairOf } from '../items/index.ts';
import { halve, radians, DECISION } from '../measure/index.ts';
import { add, rotateAbout, scale, subtract, unit, type Vec3 } from '../space/index.ts';
import { type Piece } from './path.ts';

/** Length of the axis, mm. */
export const lengthOf = (pieces: Piece[]): number => {
  const last = pieces[pieces.length - 1];
  return last ? last.start + last.length : 0;
};

/** The point of the axis at a distance from end A along it, mm; null beyond its ends. */
export function pointAt(pieces: Piece[], along: number): Vec3 | null {
  if (along < -DECISION || along > lengthOf(pieces) + DECISION) return null;
  for (let i = pieces.length - 1; i >= 0; i--) {
    const piece = pieces[i];
    if (piece && (i === 0 || piece.start <= along + DECISION))
      return withinPiece(piece, Math.min(Math.max(along - piece.start, 0), piece.length));
  }
  return null;
}

/** The point of the axis at a distance that is known to lie on it. Throws a RangeError beyond its ends: a programmer's error. */
export function pointOn(pieces: Piece[], along: number): Vec3 {
  const point = pointAt(pieces, along);
  if (!point) throw new RangeError(`${along} mm is beyond the ends of an axis of ${lengthOf(pieces)} mm`);
  return point;
}

function withinPiece(piece: Piece, along: number): Vec3 {
  const share = piece.length === 0 ? 0 : along / piece.length;
  if (piece.kind === 'straight') return add(piece.from, scale(subtract(piece.to, piece.from), share));
  return add(piece.centre, rotateAbout(piece.normal, radians(piece.angle * share), piece.radius));
}

/** Arcs are looked at every so many degrees; a plane that cuts one twice nearer than that only grazes it. */
const ARC_STEP = 1;

/**
 * Distances along the axis where `measure` of its point passes zero. measure: linear in the point (a height, a distance from
 * a plane), so that a straight passes zero once at most.
 */
export function crossingsOf(pieces: Piece[], measure: (point: Vec3) => number): number[] {
  const found: number[] = [];
  const last = pieces[pieces.length - 1];
  for (const piece of pieces) {
    if (piece.length === 0) continue;
    const value = (along: number) => measure(withinPiece(piece, along));
    const steps = piece.kind === 'straight' ? 1 : Math.max(1, Math.ceil(piece.angle / ARC_STEP));
    let before = 0;
    let low = value(0);
    for (let i = 1; i <= steps; i++) {
      const here = (piece.length * i) / steps;
      const high = value(here);
      if (low === 0) found.push(piece.start + before);
      else if (low * high < 0) found.push(piece.start + halve(before, here, value));
      else if (high === 0 && piece === last && i === steps) found.push(piece.start + here);
      before = here;
      low = high;
    }
  }
  return found;
}

/** The first of them, from end A, whose point is wanted; null where there is none. */
export function firstCrossing(
  pieces: Piece[],
  measure: (point: Vec3) => number,
  wanted: (point: Vec3) => boolean,
): number | null {
  return crossingsOf(pieces, measure).find((along) => wanted(pointOn(pieces, along))) ?? null;
}

/** The place of an axis at a distance from the car's centre line; the nearer of its ends where it does not reach so far. */
export function placeAcross(axis: Piece[], y: number): Vec3 {
  const [at] = crossingsOf(axis, (point) => point[1] - y);
  const ends = pairOf([0, lengthOf(axis)], (along) => pointOn(axis, along));
  if (at !== undefined) return pointOn(axis, at);
  return Math.abs(ends[0][1] - y) <= Math.abs(ends[1][1] - y) ? ends[0] : ends[1];
}

/** Arcs are looked at this often for their highest place. Degrees: off by less than 0.01 mm at usual radii. */
const HIGHEST_STEP = 1;

/** The highest place of an axis. */
export function highestOf(axis: Piece[]): Vec3 {
  let best: Vec3 = [0, 0, -Infinity];
  for (const piece of axis) {
    const parts = piece.kind === 'straight' ? 1 : Math.max(1, Math.ceil(piece.angle / HIGHEST_STEP));
    const alone = [{ ...piece, start: 0 }];
    for (let i = 0; i <= parts; i++) {
      const here = pointAt(alone, (piece.length * i) / parts);
      if (here && here[2] > best[2]) best = here;
    }
  }
  return best;
}

/** Direction of the axis A → B at a distance from end A, length 1. */
export function directionAt(pieces: Piece[], along: number): Vec3 {
  const STEP = 0.01;
  const total = lengthOf(pieces);
  const from = pointOn(pieces, Math.max(0, along - STEP));
  const to = pointOn(pieces, Math.min(total, along + STEP));
  return unit(subtract(to, from));
}
