import { directionAt, lengthOf, type Piece } from '../centreline/index.ts';
import { degrees } from '../measure/index.ts';
import { angleAbout, type Vec3 } from '../space/index.ts';
import { branchFrom, squareTo } from './generators.ts';

/**
 * The turn from a direction at end A to one at end B, such as from face line to face line, right-handed about the axis A → B; the first is
 * carried along a bent tube without turning about it, each is made square to the axis at its end. Degrees; null where one runs along it.
 * A bar with both copes right but clocked wrong is scrap.
 */
export function clockingBetween(axis: Piece[], atA: Vec3, atB: Vec3): number | null {
  const [into, out] = [directionAt(axis, 0), directionAt(axis, lengthOf(axis))];
  const [u, faceB] = [squareTo(into, atA), squareTo(out, atB)];
  if (!u || !faceB) return null;
  return degrees(angleAbout(out, branchFrom(axis, into, u).carried.u, faceB));
}
