import { type Piece, pointAt } from '../../centreline/index.ts';
import { type Vec3 } from '../../space/index.ts';

export type { Piece };

/** Where a bend is taken on the axis: both its tangents, or the middle of its arc; none on a straight. */
export function arcMiddles(piece: Piece, edge: 'tangent' | 'middle'): Vec3[] {
  if (piece.kind === 'straight' || piece.length < 1e-6) return [];
  const alone = [{ ...piece, start: 0 }];
  const at = edge === 'middle' ? [piece.length / 2] : [0, piece.length];
  return at.map((along) => pointAt(alone, along)).filter((place) => place !== null);
}

/** Arcs are looked at this often for their highest place. Degrees: off by less than 0.01 mm at usual radii. */
const LOOK = 1;

/** The highest place of an axis. */
export function highestOf(axis: Piece[]): Vec3 {
  let best: Vec3 = [0, 0, -Infinity];
  for (const piece of axis) {
    const parts = piece.kind === 'straight' ? 1 : Math.max(1, Math.ceil(piece.angle / LOOK));
    const alone = [{ ...piece, start: 0 }];
    for (let i = 0; i <= parts; i++) {
      const here = pointAt(alone, (piece.length * i) / parts);
      if (here && here[2] > best[2]) best = here;
    }
  }
  return best;
}
