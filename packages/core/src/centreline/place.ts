import { radians } from '../measure/index.ts';
import { add, rotateAbout, scale, subtract, type Vec3 } from '../space/index.ts';
import { type Piece } from './path.ts';

/** Length of the axis, mm. */
export const lengthOf = (pieces: Piece[]): number => {
  const last = pieces[pieces.length - 1];
  return last ? last.start + last.length : 0;
};

/** The point of the axis at a distance from end A along it, mm; null beyond its ends. */
export function pointAt(pieces: Piece[], along: number): Vec3 | null {
  const noise = 1e-6;
  if (along < -noise || along > lengthOf(pieces) + noise) return null;
  const piece = pieces.findLast((one) => one.start <= along + noise) ?? pieces[0];
  return piece ? withinPiece(piece, Math.min(Math.max(along - piece.start, 0), piece.length)) : null;
}

function withinPiece(piece: Piece, along: number): Vec3 {
  const share = piece.length === 0 ? 0 : along / piece.length;
  if (piece.kind === 'straight') return add(piece.from, scale(subtract(piece.to, piece.from), share));
  return add(piece.centre, rotateAbout(piece.normal, radians(piece.angle * share), piece.radius));
}

/** First distance along the axis where `measure` of its point passes zero, by halving between samples; null where it never does. */
export function firstCrossing(
  pieces: Piece[],
  measure: (point: Vec3) => number,
  wanted: (point: Vec3) => boolean,
): number | null {
  const SAMPLES = 400;
  const total = lengthOf(pieces);
  const at = (along: number) => pointAt(pieces, along) as Vec3;
  let before = 0;
  for (let i = 1; i <= SAMPLES; i++) {
    const here = (total * i) / SAMPLES;
    const low = measure(at(before));
    const high = measure(at(here));
    if (low === 0 && wanted(at(before))) return before;
    if (low * high <= 0) {
      const found = halved(before, here, (along) => measure(at(along)));
      if (wanted(at(found))) return found;
    }
    before = here;
  }
  return null;
}

function halved(low: number, high: number, measure: (along: number) => number): number {
  const rising = measure(high) >= measure(low);
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (measure(middle) >= 0 === rising) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}
