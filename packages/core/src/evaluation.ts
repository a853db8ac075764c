import {
  type AlongBody,
  type BendSheet,
  type Drift,
  type Roller,
  type Gap,
  type GussetAnswer,
  type HoopGeometry,
  type HoopResult,
  type Joint,
  type Loop,
  type Node,
  type PanelHole,
  type PartAnswer,
  type PlateAnswer,
  type Symmetry,
  type Tube,
} from './cage/index.ts';
import { type CarSide, type MeasureKey, type Role } from './plan/index.ts';
import { type PastPillar } from './occupant/index.ts';
import { type AssumedThing } from './known/index.ts';
import { type Finding } from './findings/index.ts';
import { type Totals } from './totals.ts';

export { type Totals } from './totals.ts';

/** A tube of a member with its marks; null where it cannot be made yet. */
export interface PieceAnswer {
  piece: string;
  stamp: string;
  /** Which of twins; null for a single tube. */
  side: CarSide | null;
  tube: Tube | null;
  sheet: BendSheet | null;
}

/** A member with everything that follows from it. */
export interface MemberAnswer {
  member: string;
  role: Role;
  /** Of the main hoop only. */
  hoop: HoopResult | null;
  gaps: Gap[];
  pieces: PieceAnswer[];
}

/** All answers to a plan. mm, degrees, kg. */
export interface Evaluation {
  members: MemberAnswer[];
  joints: Joint[];
  /** Closed bays, the shortest first. */
  loops: Loop[];
  /** Where tubes end and meet, to set a frame up by. */
  nodes: Node[];
  plates: PlateAnswer[];
  gussets: GussetAnswer[];
  parts: PartAnswer[];
  panelHoles: PanelHole[];
  /** Bars along the measured body: their gaps left and right, and the turn that brings them to touch. */
  alongBody: AlongBody[];
  /** What of the cage shows beside the pillars of the lines of sight. */
  sights: PastPillar[];
  asymmetry: { key: MeasureKey; difference: number }[];
  /** Each pair and tube against its mirror image. */
  symmetry: Symmetry[];
  /** What nobody measured or chose yet, place by place. */
  assumed: AssumedThing[];
  drift: Drift[];
  /** What arcs are rolled on, where the shop has measured it. */
  roller: Roller | null;
  findings: Finding[];
  totals: Totals;
}

/** The main hoop's answer with its one tube. */
export interface HoopAnswer extends PieceAnswer {
  member: string;
  hoop: HoopResult;
  gaps: Gap[];
}

/** The main hoop among the answers, measured or not; null in a plan without one. */
export function hoopAnswerOf({ members }: Evaluation): HoopAnswer | null {
  const found = members.find((answer) => answer.hoop !== null);
  if (!found?.hoop) return null;
  const [piece] = found.pieces;
  const none = { piece: '', stamp: '', side: null, tube: null, sheet: null };
  return { ...(piece ?? none), member: found.member, hoop: found.hoop, gaps: found.gaps };
}

/** A piece among the answers, with the member it is of. */
export function pieceAnswerOf(
  { members }: Evaluation,
  piece: string,
): { of: MemberAnswer; answer: PieceAnswer } | null {
  for (const member of members) {
    const answer = member.pieces.find((one) => one.piece === piece);
    if (answer) return { of: member, answer };
  }
  return null;
}

/** Every tube that stands, in the order of the members. */
export const tubesIn = ({ members }: Pick<Evaluation, 'members'>): Tube[] =>
  members.flatMap(({ pieces }) => pieces.flatMap(({ tube }) => tube ?? []));

/** What stands, for the proposal of a new bar. */
export function standingIn(evaluation: Evaluation): { hoop: HoopGeometry | null; tubes: Tube[] } {
  const hoop = hoopAnswerOf(evaluation)?.hoop;
  return {
    hoop: hoop && 'hoop' in hoop ? hoop.hoop : null,
    tubes: tubesIn(evaluation),
  };
}
