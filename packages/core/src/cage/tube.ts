import { cornersOf, layOut, type Piece, piecesOf } from '../centreline/index.ts';
import { andThen, type Outcome, succeed } from '../fault/index.ts';
import { type Member, type MemberPiece, type Role } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { sectionProperties } from '../tube/index.ts';
import { type BendSheet } from './bendSheet.ts';

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
  mass: number;
}

/** Drawn with this many diameters of radius until a die is chosen; the least that books commonly ask. */
const RADIUS_WITHOUT_DIE = 3;

/** The tube with its finished radii where a sheet exists, else with a radius of three diameters. */
export function tubeOf(
  member: Member,
  piece: MemberPiece,
  points: Vec3[],
  features: string[],
  sheet: Outcome<BendSheet>,
): Outcome<Tube> {
  const path = sheet.ok
    ? succeed({ corners: sheet.value.marked.corners, lra: sheet.value.marked.lra })
    : pathWithoutDie(points, member.tube.od.mm);
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
      mass: (sectionProperties(section).massPerLength * lra.developed) / 1000,
    });
  });
}

function pathWithoutDie(points: Vec3[], od: number) {
  const given = {
    points: points.map((point): [number, number, number] => [...point]),
    clr: RADIUS_WITHOUT_DIE * od,
  };
  return andThen(cornersOf(given), (corners) => andThen(layOut(corners), (lra) => succeed({ corners, lra })));
}
