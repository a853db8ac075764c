import { itemAt } from '../items/index.ts';
import { keptPair } from '../kept/index.ts';
import {
  type BendSheet,
  type GussetAnswer,
  type HoopGeometry,
  type Joint,
  type PartAnswer,
  type PlateAnswer,
  type Tube,
} from '../cage/index.ts';
import { type CarSide, type Member, type Plan, type Shop } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { type BarStraps, strapsTo, type StrapWindow } from '../harness/index.ts';
import { type Assumed } from '../known/index.ts';
import { type Finding, finding, type RuleSource } from '../findings/index.ts';

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
  /** The tube that the shop buys. */
  stock: Shop['tubes'];
  /** What nobody measured or chose, and what rests on it. */
  assumed: Assumed;
  /** Windows of the chosen books for shoulder straps: what is proposed for one book keeps those of the others. */
  strapWindows: StrapWindow[];
}

/** A member as rules see it. */
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
export type FindingOrigin = Pick<Finding, 'key' | 'member' | 'rule'>;

/** Key, member and source of the findings of a rule about a member. */
export const originOf = (
  rule: { id: string },
  bookId: string,
  { member }: RuledMember,
  source: RuleSource,
): FindingOrigin => ({ key: `${bookId}/${rule.id}/${member.id}`, member: member.id, rule: source });

/** The tubes of a member that stand. */
export const tubesOf = ({ pieces }: RuledMember): Tube[] => pieces.flatMap(({ tube }) => tube ?? []);

/** The stamps of a member's tubes, as they stand on them. */
export const stampsOf = ({ pieces }: RuledMember): string => pieces.map(({ stamp }) => stamp).join(', ');

/** Every tube of a role in the cage. */
export const tubesOfRole = ({ members }: RuledCage, role: string): Tube[] =>
  members.filter(({ member }) => member.role === role).flatMap(tubesOf);

/** A bar as a book counts it: one tube, or all the parts of a split one, on its side where it is one of twins. */
export interface WholeBar {
  side: CarSide | null;
  /** From end A to end B. */
  tubes: [Tube, ...Tube[]];
  /** Whether it is one tube. */
  continuous: boolean;
}

/** The bars that a member makes, as far as they stand: two of a pair, else one. */
export function barsOf({ pieces, member }: RuledMember): WholeBar[] {
  const sides = [...new Set(pieces.map(({ side }) => side))];
  return sides.flatMap((side) => {
    const own = pieces.filter((piece) => piece.side === side);
    const [first, ...more] = own.flatMap(({ tube }) => tube ?? []);
    return first
      ? [{ side, tubes: [first, ...more], continuous: member.pieces.length === sides.length }]
      : [];
  });
}

/** An end of a bar: the tube that has it, and which end of that tube it is. */
export interface BarEnd {
  tube: Tube;
  end: 'a' | 'b';
  at: Vec3;
}

/** Both ends of a whole bar. */
export const endsOf = ({ tubes }: WholeBar): { a: BarEnd; b: BarEnd } => {
  const last = itemAt(tubes, -1);
  return {
    a: { tube: tubes[0], end: 'a', at: endOf(tubes[0], 'a') },
    b: { tube: last, end: 'b', at: endOf(last, 'b') },
  };
};

/** Ends and corners of a whole bar, and where its parts meet. */
export const pointsOf = ({ tubes }: WholeBar): Vec3[] =>
  tubes.flatMap(({ points }, i) => points.slice(i === 0 ? 0 : 1));

/** An end of a tube by its name. */
export const endOf = ({ points }: Tube, end: 'a' | 'b'): Vec3 =>
  itemAt(points, end === 'a' ? 0 : points.length - 1);

/** Ends of a tube that stand on no other tube: its feet. */
export const feetOf = (tube: Tube, joints: Joint[]): ('a' | 'b')[] =>
  (['a', 'b'] as const).filter(
    (end) => !joints.some((joint) => joint.piece === tube.piece && joint.end === end),
  );

/** Whether a member is the first of the cage that a rule is about: what concerns all of them is told there. */
export const isFirstOf = (roles: readonly string[], { member, cage }: Subject): boolean =>
  cage.members.find((one) => roles.includes(one.member.role))?.member.id === member.id;

/** A rule about feet holds for a member that has none: every end of it stands on a tube. */
export const noFeet = (subject: Subject, origin: FindingOrigin): Finding =>
  finding({ ...origin, code: 'no-feet', status: 'clear', facts: { stamp: { text: stampsOf(subject) } } });

/** The straps to the harness bar that a rule is held against; null where it has no place. */
export const strapsOf = ({ cage, member }: Subject): BarStraps | null => strapsOfMember(cage, member);

/** Each rule about straps asks for them anew. */
const strapsOfMember = keptPair(({ plan, joints, members }: RuledCage, { id }: Member): BarStraps | null => {
  const tubes = members.flatMap(tubesOf);
  const [first, ...more] = tubes.filter(({ member }) => member === id);
  return first ? strapsTo(plan, [first, ...more], joints, tubes) : null;
});

/** The check needs geometry or a measure that is not there yet: of everybody, or of somebody. */
export const waiting = (what: string, origin: FindingOrigin, who?: { text: string }): Finding =>
  finding({
    ...origin,
    key: `${origin.key}/waiting`,
    code: 'waiting',
    status: 'ask',
    facts: { what: { text: what }, ...(who ? { who } : {}) },
  });

/** Everybody whose shoulder nobody measured: what is asked of straps is asked of each of them. */
export const unseated = ({ cage }: Subject, what: string, origin: FindingOrigin): Finding[] =>
  cage.plan.occupants
    .filter(({ shoulder }) => shoulder === null)
    .map(({ id, name }) => waiting(what, { ...origin, key: `${origin.key}/${id}` }, { text: name }));
