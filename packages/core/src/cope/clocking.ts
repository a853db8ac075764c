import { directionAt, lengthOf, type Piece } from '../centreline/index.ts';
import { degrees } from '../measure/index.ts';
import { angleAbout } from '../space/index.ts';
import { branchFrom, squareTo } from './generators.ts';
import { endPoint } from './profile.ts';
import { directionNearest, sweptTube } from './swept.ts';

/**
 * The turn from end A's face line to end B's, right-handed about the axis A → B, the line carried along a bent tube without
 * turning about it. Degrees; null where an end has no face line. A bar with both copes right but clocked wrong is scrap.
 */
export function clockingOf(axis: Piece[], headerA: Piece[], headerB: Piece[]): number | null {
  const [into, out] = [directionAt(axis, 0), directionAt(axis, lengthOf(axis))];
  const u = squareTo(into, directionNearest(sweptTube(headerA, 1), endPoint(axis, 'a')));
  const faceB = squareTo(out, directionNearest(sweptTube(headerB, 1), endPoint(axis, 'b')));
  if (!u || !faceB) return null;
  return degrees(angleAbout(out, branchFrom(axis, into, u).carried.u, faceB));
}
