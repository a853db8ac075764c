import { type Piece } from '../../centreline/index.ts';
import { radians } from '../../measure/index.ts';
import { cross, dot, type Vec3 } from '../../space/index.ts';

/** How far an axis reaches in a direction (length 1), from the origin: the exact place on each straight and arc. mm */
export function reachAlong(axis: Piece[], direction: Vec3): number {
  let reach = -Infinity;
  for (const piece of axis) reach = Math.max(reach, reachOf(piece, direction));
  return reach;
}

function reachOf(piece: Piece, direction: Vec3): number {
  if (piece.kind === 'straight') return Math.max(dot(piece.from, direction), dot(piece.to, direction));
  const { centre, radius, normal, angle } = piece;
  // Along an arc it is a cosine and a sine of the angle turned, greatest where both are in step.
  const [cosine, sine] = [dot(radius, direction), dot(cross(normal, radius), direction)];
  const end = radians(angle);
  const crest = Math.atan2(sine, cosine);
  const top =
    (crest < 0 ? crest + 2 * Math.PI : crest) <= end
      ? Math.hypot(cosine, sine)
      : Math.max(cosine, cosine * Math.cos(end) + sine * Math.sin(end));
  return dot(centre, direction) + top;
}
