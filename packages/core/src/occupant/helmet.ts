import { itemAt } from '../items/index.ts';
import { type Said } from '../fault/index.ts';
import { HELMET_RADIUS, helmetGap, placeOf, type Tube } from '../cage/index.ts';
import { arcsIn, crossingsOf, directionAt, highestOf, lengthOf, pointOn } from '../centreline/index.ts';
import { type Occupant, type Role } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { carriedByBack, seatPoses } from './seat.ts';

/** A figure at the setting of the seat where it is the worst. mm */
export interface AtNotch {
  mm: number;
  notch: Said;
}

/** How a helmet stands under and ahead of the hoop that protects it, each figure at its worst setting of the seat. mm */
export interface UnderHoop {
  /** Least below the line from the hoop's top to the front hoop's; null without a front hoop. */
  belowLine: AtNotch | null;
  /** Least below the hoop's top. */
  belowTop: AtNotch;
  /** From the helmet's ball to the hoop's surface: the least, and the most. Below nothing they run into each other. */
  nearest: AtNotch;
  farthest: AtNotch;
  /** How far the ball reaches behind the hoop's rear face at its own height; not more than nothing where all of it is ahead. */
  behind: AtNotch;
}

/** Roles whose tubes may make the front hoop, whichever way it is built. */
export const FRONT_HOOP: readonly Role[] = [
  'front-hoop',
  'windscreen-bar',
  'front-leg',
  'halo',
  'side-hoop',
  'roof-bar',
] satisfies Role[];

/** front: the tubes of the front hoop. null without a measured helmet. Car's frame, mm. */
export function underHoop(person: Occupant, hoop: Tube, front: Tube[]): UnderHoop | null {
  if (!person.helmetTop) return null;
  const at = placeOf(person.helmetTop);
  const top = topOf(hoop);
  const frontTop = front
    .map(frontTopOf)
    .filter(([x]) => x > top[0] + 1)
    .sort((a, b) => b[2] - a[2])[0];
  const settings = seatPoses(person.travel, 'all').map((pose) => ({
    notch: pose.notch,
    helmet: carriedByBack(pose, person, at),
  }));
  const worst = (of: (helmet: Vec3) => number, is: 'least' | 'most'): AtNotch =>
    settings
      .map(({ notch, helmet }) => ({ notch, mm: of(helmet) }))
      .reduce((found, one) => ((is === 'least' ? one.mm < found.mm : one.mm > found.mm) ? one : found));
  const gap = (helmet: Vec3) => helmetGap(helmet, hoop);
  return {
    belowLine: frontTop
      ? worst((helmet) => heightOnLine(top, frontTop, helmet[0]) - helmet[2], 'least')
      : null,
    belowTop: worst((helmet) => top[2] - helmet[2], 'least'),
    nearest: worst(gap, 'least'),
    farthest: worst(gap, 'most'),
    behind: worst((helmet) => behindRearFace(helmet, hoop), 'most'),
  };
}

/** The highest place of a tube's surface. */
function topOf({ axis, od }: Tube): Vec3 {
  const [x, y, z] = highestOf(axis);
  return [x, y, z + od / 2];
}

/** Bends this far below a tube's highest place may still be its front corner: roof rails fall a little to the front. mm */
const CORNER_FALL = 200;

/**
 * Where a straight edge laid from the main hoop rests on a tube in front. A tube that comes from the main hoop itself, as a side
 * hoop or a halo does, rests it at its foremost high corner; others at their highest place.
 */
function frontTopOf(tube: Tube): Vec3 {
  const top = topOf(tube);
  if (tube.role !== 'side-hoop' && tube.role !== 'halo' && tube.role !== 'roof-bar') return top;
  const corners = arcsIn(tube.axis)
    .map((arc) => topOf({ ...tube, axis: [arc] }))
    .filter((corner) => corner[2] > top[2] - CORNER_FALL);
  const [first, ...more] = corners;
  if (first) return more.reduce((best, one) => (one[0] > best[0] ? one : best), first);
  const ends = [itemAt(tube.points, 0), itemAt(tube.points, -1)] as const;
  const [x, y, z] = ends[0][0] > ends[1][0] ? ends[0] : ends[1];
  return [x, y, z + tube.od / 2];
}

const heightOnLine = (from: Vec3, to: Vec3, x: number): number =>
  from[2] + ((x - from[0]) / (to[0] - from[0])) * (to[2] - from[2]);

/** How far a helmet's ball reaches behind the hoop's rear face, square to the hoop as it leans at the ball's height. mm */
function behindRearFace([x, , z]: Vec3, { axis, od }: Tube): number {
  const height = z - HELMET_RADIUS;
  const [crossed] = crossingsOf(axis, (at) => at[2] - height);
  // Above the hoop or below its feet it is judged by the nearer of the two.
  const along = crossed ?? nearestHeight(axis, height);
  const at = pointOn(axis, along);
  const lean = leanAt(axis, along);
  const ahead = (x - (at[0] + (height - at[2]) * lean)) / Math.hypot(1, lean);
  return HELMET_RADIUS - ahead - od / 2;
}

function nearestHeight(axis: Tube['axis'], height: number): number {
  const foot = pointOn(axis, 0);
  if (height < foot[2]) return 0;
  const top = highestOf(axis);
  return crossingsOf(axis, (at) => at[1] - top[1])[0] ?? lengthOf(axis) / 2;
}

/** How much the hoop goes forward for each mm up, from its foot to a place: the lean of its plane. */
function leanAt(axis: Tube['axis'], along: number): number {
  const [dx, , dz] = directionAt(axis, along);
  if (Math.abs(dz) > 0.2) return dx / dz;
  const [foot, at] = [pointOn(axis, 0), pointOn(axis, along)];
  return at[2] - foot[2] < 1 ? 0 : (at[0] - foot[0]) / (at[2] - foot[2]);
}
