import {
  type BendSheet,
  type GussetAnswer,
  type HoopGeometry,
  type Joint,
  type PartAnswer,
  type PlateAnswer,
  type Tube,
} from '../cage/index.ts';
import { type CarSide, type Member, type Plan } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { type Finding, finding } from './finding.ts';

/** A tube of a member with its marks; null where it cannot be made. */
interface SubjectPiece {
  piece: string;
  stamp: string;
  side: CarSide | null;
  tube: Tube | null;
  sheet: BendSheet | null;
}

/** The whole cage as rules see it. */
export interface RuledCage {
  plan: Plan;
  members: RuledMember[];
  joints: Joint[];
  plates: PlateAnswer[];
  gussets: GussetAnswer[];
  parts: PartAnswer[];
}

export interface RuledMember {
  member: Member;
  hoop: HoopGeometry | null;
  pieces: SubjectPiece[];
}

/** What a rule is held against. */
export interface Subject extends RuledMember {
  cage: RuledCage;
}

/** What all findings of one rule about one member have in common. */
export type Base = Pick<Finding, 'key' | 'member' | 'rule'>;

export const tubesOf = ({ pieces }: RuledMember): Tube[] => pieces.flatMap(({ tube }) => tube ?? []);

/** Every tube of a role in the cage. */
export const tubesOfRole = ({ members }: RuledCage, role: string): Tube[] =>
  members.filter(({ member }) => member.role === role).flatMap(tubesOf);

/** An end of a tube by its name. */
export const endOf = ({ points }: Tube, end: 'a' | 'b'): Vec3 =>
  points[end === 'a' ? 0 : points.length - 1] as Vec3;

/**
 * The ends of a piece that are ends of its member: a bar that is split ends at its first and its last half only, each side of a
 * pair for itself.
 */
export function outerEnds({ pieces }: RuledMember, tube: Tube): ('a' | 'b')[] {
  const own = pieces.find(({ piece }) => piece === tube.piece);
  const group = pieces.filter(({ side }) => side === own?.side).map(({ piece }) => piece);
  return [
    ...(group[0] === tube.piece ? (['a'] as const) : []),
    ...(group.at(-1) === tube.piece ? (['b'] as const) : []),
  ];
}

/** Ends of a tube that stand on no other tube: its feet. */
export const feetOf = (tube: Tube, joints: Joint[]): ('a' | 'b')[] =>
  (['a', 'b'] as const).filter(
    (end) => !joints.some((joint) => joint.piece === tube.piece && joint.end === end),
  );

/** The check needs geometry that is not there yet. */
export const waiting = (what: string, base: Base): Finding =>
  finding({
    ...base,
    key: `${base.key}/waiting`,
    code: 'waiting',
    status: 'ask',
    facts: { what: { text: what } },
  });
