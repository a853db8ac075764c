import { cornersOf, layOut, type Piece, piecesOf } from '../centreline/index.ts';
import { andThen, type Outcome, succeed } from '../fault/index.ts';
import { type Member, type MemberPiece, type Role } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { sectionProperties } from '../tube/index.ts';
import { type BendSheet } from './sheet/bendSheet.ts';
import { RADIUS_WITHOUT_DIE } from './sheet/radius.ts';
import { type WholePath } from './shape/index.ts';

/** A tube of the cage: its axis in the car's frame. mm, kg */
export interface Tube {
  member: string;
  piece: string;
  stamp: string;
  role: Role;
  od: number;
  wall: number;
  /** Ends and PIs. */
  points: Vec3[];
  features: string[];
  axis: Piece[];
  /** Finished, without trim. */
  developed: number;
  /** The radius that its bends are drawn with for want of a die, and that its length goes by; null where none is taken. */
  radiusTaken: number | null;
  mass: number;
}

/** Lowest and highest corner of a box along the axes of the car. mm */
export type Box = [low: Vec3, high: Vec3];

/** The box that holds the axis: it never leaves the hull of its ends and corners. Lowest and highest corner, mm. */
export function boxOf({ points }: Pick<Tube, 'points'>): Box {
  const low: [number, number, number] = [Infinity, Infinity, Infinity];
  const high: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (const point of points)
    for (const axis of [0, 1, 2] as const) {
      low[axis] = Math.min(low[axis], point[axis]);
      high[axis] = Math.max(high[axis], point[axis]);
    }
  return [low, high];
}

/** Whether two boxes are farther apart than `reach` along one of the axes. */
export const areApart = ([low, high]: Box, [from, to]: Box, reach: number): boolean =>
  ([0, 1, 2] as const).some((axis) => low[axis] - to[axis] > reach || from[axis] - high[axis] > reach);

/** The tube with its finished radii where a sheet exists, else with those of its sample bends, or of three diameters. */
export function tubeOf(
  member: Member,
  piece: MemberPiece,
  { points, features, radii, bySample }: WholePath,
  sheet: Outcome<BendSheet>,
): Outcome<Tube> {
  const known = radii.map((radius, i) => radius ?? bySample?.[i] ?? null);
  const path = sheet.ok
    ? succeed(sheet.value.marked)
    : laidOut(
        points,
        known.map((radius) => radius ?? RADIUS_WITHOUT_DIE * member.tube.od.mm),
      );
  return andThen(path, ({ corners, lra }) => {
    const section = { od: member.tube.od.mm, wall: member.tube.wall.mm };
    return succeed({
      member: member.id,
      piece: piece.id,
      stamp: piece.stamp,
      role: member.role,
      ...section,
      points,
      features,
      axis: piecesOf(corners, lra),
      developed: lra.developed,
      radiusTaken: sheet.ok || !known.includes(null) ? null : RADIUS_WITHOUT_DIE * section.od,
      mass: (sectionProperties(section).massPerLength * lra.developed) / 1000,
    });
  });
}

function laidOut(points: Vec3[], clr: number[]) {
  const plain = points.map(([x, y, z]): [number, number, number] => [x, y, z]);
  return andThen(cornersOf({ points: plain, clr }), (corners) =>
    andThen(layOut(corners), (lra) => succeed({ corners, lra })),
  );
}

/** A tube through these points, bent on these radii; all else of it as it was. Car's frame, mm */
export const rebent = (tube: Tube, points: Vec3[], clr: number[]): Outcome<Tube> =>
  andThen(laidOut(points, clr), ({ corners, lra }) =>
    succeed({ ...tube, points, axis: piecesOf(corners, lra) }),
  );
