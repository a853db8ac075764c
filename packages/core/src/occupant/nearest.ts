import { type Tube } from '../cage/index.ts';
import { nearestBetween, nearestOnPath, type Piece } from '../centreline/index.ts';
import { add, distance, scale, subtract, type Vec3 } from '../space/index.ts';
import { type Body, BODY_PARTS, type BodyPart, type Volume } from './body.ts';
import { axisOf, gapTo, isBall } from './room.ts';

/** The tube that a part of a body comes nearest to, and from where to where. Car's frame, mm */
export interface NearestTube {
  part: BodyPart;
  piece: string;
  stamp: string;
  /** Surface to surface; negative where they run into each other. */
  gap: number;
  /** On the body's surface and on the tube's. */
  from: Vec3;
  to: Vec3;
}

/** Of each part of a body in one setting of its seat the nearest tube within reach. reach: mm */
export const nearestTubes = ({ volumes }: Body, tubes: readonly Tube[], reach: number): NearestTube[] =>
  BODY_PARTS.flatMap((part) => {
    const pairs = volumes
      .filter((volume) => volume.part === part)
      .flatMap((volume) => tubes.map((tube) => ({ volume, tube, gap: gapTo(volume, tube) })))
      .filter(({ gap }) => gap <= reach);
    if (pairs.length === 0) return [];
    const { volume, tube, gap } = pairs.reduce((least, one) => (one.gap < least.gap ? one : least));
    return [{ part, piece: tube.piece, stamp: tube.stamp, gap, ...surfaces(volume, tube) }];
  });

/** Where the line between the two middles leaves the body, and where it meets the tube. */
function surfaces(volume: Volume, { axis, od }: Tube): { from: Vec3; to: Vec3 } {
  const [first, second] = middles(volume, axis);
  const apart = distance(first, second);
  // Where the two middles meet there is no way from one to the other.
  if (apart === 0) return { from: first, to: second };
  const along = scale(subtract(second, first), 1 / apart);
  return { from: add(first, scale(along, volume.radius)), to: add(second, scale(along, -od / 2)) };
}

function middles(volume: Volume, axis: Piece[]): [Vec3, Vec3] {
  if (isBall(volume)) return [volume.from, nearestOnPath(volume.from, axis)];
  const { first, second } = nearestBetween(axisOf(volume), axis);
  return [first, second];
}
