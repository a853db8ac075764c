import { type Piece } from '../centreline/index.ts';
import { radians } from '../measure/index.ts';
import { add, cross, scale, type Vec3 } from '../space/index.ts';

/** A mass and where its middle lies. kg; car's frame, mm */
export interface MassCentre {
  mass: number;
  at: Vec3;
}

/** The middle of a tube's axis: of each straight its half, of each arc a place on its bisector, 2·R·sin(θ/2)/θ from its centre. mm */
export function middleOf(axis: readonly Piece[]): Vec3 {
  const parts = axis.map((piece) => ({ mass: piece.length, at: middleOfPiece(piece) }));
  return massCentre(parts)?.at ?? [0, 0, 0];
}

function middleOfPiece(piece: Piece): Vec3 {
  if (piece.kind === 'straight') return scale(add(piece.from, piece.to), 0.5);
  const { centre, radius, normal, angle } = piece;
  const turn = radians(angle);
  if (turn === 0) return add(centre, radius);
  // ∫ (r·cos φ + (n × r)·sin φ) dφ over the arc, by its length.
  const along = scale(radius, Math.sin(turn) / turn);
  const aside = scale(cross(normal, radius), (1 - Math.cos(turn)) / turn);
  return add(centre, add(along, aside));
}

/** Where the middle of several masses lies; null where there is no mass. */
export function massCentre(parts: readonly MassCentre[]): MassCentre | null {
  const mass = parts.reduce((sum, part) => sum + part.mass, 0);
  if (mass <= 0) return null;
  const sum = parts.reduce<Vec3>((total, part) => add(total, scale(part.at, part.mass)), [0, 0, 0]);
  return { mass, at: scale(sum, 1 / mass) };
}
