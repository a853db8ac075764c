import { cornerAt, type CutEnd, type SeamCorner, type TorchPlace } from '../../cage/index.ts';
import { type Seam } from '../../cope/index.ts';
import { degrees } from '../../measure/index.ts';
import { angleBetween, dot, scale, subtract, unit, type Vec3 } from '../../space/index.ts';

/** How a weld lies while it is made. */
export const WELD_POSITIONS = ['flat', 'horizontal', 'vertical', 'overhead'] as const;
/** How a weld lies while it is made. */
export type WeldPosition = (typeof WELD_POSITIONS)[number];

/** So much of a seam lies so. mm */
export type SeamPositions = Record<WeldPosition, number>;

/** A weld that climbs no more than this is level, and one over the second stands upright. Degrees */
const LEVEL = 15;
const UPRIGHT = 80;
/** A face turned no further than this from straight up is flat; no further than the second, at the side. Degrees */
const FACE_UP = 30;
const FACE_SIDE = 100;
const UP: Vec3 = [0, 0, 1];

/**
 * The position of a weld by its axis and its face, as AWS A3.0 draws the limits of groove welds (figures from memory): a coped end is
 * welded through its wall, and a face that looks aside is no overhead weld. z up
 */
export function positionAt({ middle, along }: SeamCorner): WeldPosition {
  const climb = degrees(Math.atan2(Math.abs(along[2]), Math.hypot(along[0], along[1])));
  if (climb > UPRIGHT) return 'vertical';
  const square = (a: Vec3): Vec3 => subtract(a, scale(along, dot(a, along)));
  const faceFromUp = degrees(angleBetween(square(middle), square(UP)));
  if (faceFromUp > FACE_SIDE) return 'overhead';
  if (climb > LEVEL) return 'vertical';
  return faceFromUp > FACE_UP ? 'horizontal' : 'flat';
}

/** So many points of a seam's line on either side tell how it lies at one of its places. */
const BESIDE = 2;

/** How much of a seam, or of a part of it, lies in each position when the cage stands in the car; its places share its length alike. length in mm */
export function positionsOf(
  { tube, headers, seam }: Pick<CutEnd, 'tube' | 'headers' | 'seam'>,
  places: readonly Pick<TorchPlace, 'point'>[],
  length: number,
): SeamPositions {
  const line = seam?.line ?? [];
  const lies = places.flatMap(({ point }) =>
    Array.from({ length: 2 * BESIDE + 1 }, (_, k) => lieAt(line, point + k - BESIDE, tube, headers)),
  );
  const told = lies.filter((lie) => lie !== null);
  const positions = turnedFlat(0);
  for (const lie of told) positions[positionAt(lie)] += length / told.length;
  return positions;
}

/** The corner at a point of a closed line, with the direction from the point before it to the one behind; null where the seam is not there. */
function lieAt(
  line: Seam['line'],
  point: number,
  tube: CutEnd['tube'],
  headers: CutEnd['headers'],
): SeamCorner | null {
  const count = line.length;
  const i = (point + count) % count;
  const [from, at, to] = [line[(i - 1 + count) % count], line[i], line[(i + 1) % count]];
  if (!at || !from || !to) return null;
  return { middle: cornerAt(line, i, at, tube, headers).middle, along: unit(subtract(to, from)) };
}

/** On the bench the frame is turned under the torch. length in mm */
export const turnedFlat = (length: number): SeamPositions => ({
  flat: length,
  horizontal: 0,
  vertical: 0,
  overhead: 0,
});
