import { radians } from '../measure/index.ts';
import { add, cross, distance, rotateAbout, scale, subtract, unit, type Vec3 } from '../space/index.ts';
import { type Corners, type Lra } from './lra.ts';

/** A straight or an arc of the axis, A → B, with its place along the developed length (mm from end A). */
export type Piece =
  | { kind: 'straight'; from: Vec3; to: Vec3; start: number; length: number }
  | {
      kind: 'arc';
      centre: Vec3;
      /** From the centre to the first tangent point. */
      radius: Vec3;
      /** t_in × t_out, length 1. */
      normal: Vec3;
      angle: number;
      start: number;
      length: number;
    };

/** The axis of a straight tube from one place to another. */
export const straightAxis = (from: Vec3, to: Vec3): Piece[] => [
  { kind: 'straight', from, to, start: 0, length: distance(from, to) },
];

/** The axis as straights and arcs, in the frame of the corners. */
export function piecesOf(corners: Corners, lra: Lra): Piece[] {
  const pieces: Piece[] = [];
  let from = corners.ends[0];
  let start = 0;
  for (const [i, corner] of corners.corners.entries()) {
    const bend = lra.bends[i];
    const next = corners.corners[i + 1]?.at ?? corners.ends[1];
    if (!bend) break;
    const into = unit(subtract(corner.at, from));
    const out = unit(subtract(next, corner.at));
    const tangentA = subtract(corner.at, scale(into, bend.setback));
    const tangentB = add(corner.at, scale(out, bend.setback));
    pieces.push({ kind: 'straight', from, to: tangentA, start, length: bend.length });
    const normal = unit(cross(into, out));
    const centre = add(tangentA, scale(cross(normal, into), bend.clr));
    const arc = bend.clr * radians(bend.angle);
    pieces.push({
      kind: 'arc',
      centre,
      radius: subtract(tangentA, centre),
      normal,
      angle: bend.angle,
      start: start + bend.length,
      length: arc,
    });
    from = tangentB;
    start += bend.length + arc;
  }
  pieces.push({ kind: 'straight', from, to: corners.ends[1], start, length: lra.tail });
  return pieces;
}

/** Points along the axis, arcs cut into chords of at most `step` degrees: for drawing and for sampling. */
export function polylineOf(pieces: Piece[], step = 3): Vec3[] {
  const points: Vec3[] = [];
  for (const piece of pieces) {
    if (piece.kind === 'straight') points.push(piece.from, piece.to);
    else {
      const chords = Math.max(1, Math.ceil(piece.angle / step));
      for (let i = 1; i < chords; i++)
        points.push(
          add(piece.centre, rotateAbout(piece.normal, radians((piece.angle * i) / chords), piece.radius)),
        );
    }
  }
  return points;
}

/** The bends of an axis, from end A to end B. */
export const arcsIn = (pieces: Piece[]) => pieces.filter((piece) => piece.kind === 'arc');
