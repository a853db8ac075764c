import { itemAt } from '../../items/index.ts';
import { distanceToPath } from '../../centreline/index.ts';
import { degrees, NOISE } from '../../measure/index.ts';
import { angleBetween, cross, distance, subtract, type Vec3 } from '../../space/index.ts';
import { type Tube } from '../tube.ts';

/** Where an end of one tube meets another. mm and degrees. */
export interface Joint {
  piece: string;
  end: 'a' | 'b';
  header: string;
  at: Vec3;
  /** Between the axes, 0 to 90. */
  angle: number;
  /** How far the end lies from the header's axis: the node's eccentricity. */
  eccentricity: number;
  /** So much of it on purpose. */
  meant: number;
}

/** The joint of a tube's end with a header that it stands on. meant: how far it passes beside its axis on purpose, mm */
export function jointOf(tube: Tube, end: 'a' | 'b', header: Tube, meant: number): Joint {
  const at = itemAt(tube.points, end === 'a' ? 0 : tube.points.length - 1);
  const next = itemAt(tube.points, end === 'a' ? 1 : tube.points.length - 2);
  const turn = degrees(angleBetween(subtract(next, at), directionAt(header, at)));
  return {
    piece: tube.piece,
    end,
    header: header.piece,
    at,
    angle: Math.min(turn, 180 - turn),
    eccentricity: distanceToPath(at, header.axis),
    meant,
  };
}

/** Direction of the header's axis where it is nearest to a point. */
function directionAt(header: Tube, point: Vec3): Vec3 {
  const nearest = header.axis.reduce((best, piece) =>
    distanceToPath(point, [piece]) < distanceToPath(point, [best]) - NOISE ? piece : best,
  );
  if (nearest.kind === 'straight' && distance(nearest.from, nearest.to) > 0)
    return subtract(nearest.to, nearest.from);
  if (nearest.kind === 'straight') return subtract(itemAt(header.points, 1), itemAt(header.points, 0));
  return cross(nearest.normal, subtract(point, nearest.centre));
}
