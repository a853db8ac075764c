import { COINCIDENT } from '../../measure/index.ts';
import { type Piece, pointAt } from '../../centreline/index.ts';
import { type Vec3 } from '../../space/index.ts';

export type { Piece };

/** Where a bend is taken on the axis: both its tangents, or the middle of its arc; none on a straight. */
export function arcMiddles(piece: Piece, edge: 'tangent' | 'middle'): Vec3[] {
  if (piece.kind === 'straight' || piece.length < COINCIDENT) return [];
  const alone = [{ ...piece, start: 0 }];
  const at = edge === 'middle' ? [piece.length / 2] : [0, piece.length];
  return at.map((along) => pointAt(alone, along)).filter((place) => place !== null);
}
