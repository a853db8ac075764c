import {
  type BendSheet,
  type Drift,
  driftOf,
  type Gap,
  gapsOf,
  type HoopResult,
  type Joint,
  resolveCage,
  type ResolvedMember,
  type ResolvedPiece,
  type Tube,
} from './cage/index.ts';
import {
  longestStick,
  type CarSide,
  type MeasureKey,
  type Plan,
  type Role,
  type Shop,
} from './plan/index.ts';
import {
  asymmetryFindings,
  bookFindings,
  briefFindings,
  driftFindings,
  type Finding,
  gapFindings,
  loopFinding,
  noHoopFindings,
  notPlacedFinding,
  noSheetFinding,
  type RuleBook,
  settledFindings,
  sheetFindings,
  trimFindings,
} from './rules/index.ts';
import { asymmetry } from './survey/index.ts';

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
  asymmetry: { key: MeasureKey; difference: number }[];
  drift: Drift[];
  findings: Finding[];
  totals: { mass: number; metres: number; bends: number; tubes: number };
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
  for (const of of members) {
    const answer = of.pieces.find((one) => one.piece === piece);
    if (answer) return { of, answer };
  }
  return null;
}

/** Resolves the plan and computes all that follows from it. Pure: the same in browser, server and command line. */
export function evaluate(plan: Plan, shop: Shop, books: RuleBook[]): Evaluation {
  const drift = driftOf(plan, shop);
  const cage = resolveCage(plan, (member) => longestStick(shop, member.tube));
  const members = cage.members.map((resolved) => answerOf(plan, resolved));
  const pieces = members.flatMap((answer) => answer.pieces);
  const tubes = pieces.flatMap(({ tube }) => tube ?? []);
  return {
    members,
    joints: cage.joints,
    asymmetry: asymmetry(plan.survey),
    drift,
    findings: [
      ...briefFindings(plan),
      ...(cage.loop ? [loopFinding(cage.loop)] : []),
      ...cage.members.flatMap((resolved, i) => findingsOf(plan, resolved, members[i]?.gaps ?? [], books)),
      ...driftFindings(drift),
    ],
    totals: {
      mass: tubes.reduce((sum, tube) => sum + tube.mass, 0),
      metres: tubes.reduce((sum, tube) => sum + tube.developed, 0) / 1000,
      bends: pieces.reduce((sum, { sheet }) => sum + (sheet?.bends.length ?? 0), 0),
      tubes: tubes.length,
    },
  };
}

function answerOf(plan: Plan, { member, hoop, pieces }: ResolvedMember): MemberAnswer {
  const answers = pieces.map(({ piece, stamp, side, tube, sheet }) => ({
    piece,
    stamp,
    side,
    tube: tube.ok ? tube.value : null,
    sheet: sheet.ok ? sheet.value : null,
  }));
  const tube = answers[0]?.tube;
  const gaps = hoop && 'hoop' in hoop && tube ? gapsOf(hoop.hoop, tube.axis, member.tube.od.mm) : [];
  return { member: member.id, role: member.role, hoop, gaps, pieces: answers };
}

function findingsOf(plan: Plan, resolved: ResolvedMember, gaps: Gap[], books: RuleBook[]): Finding[] {
  const { member, hoop, pieces } = resolved;
  const geometry = hoop && 'hoop' in hoop ? hoop.hoop : null;
  const sheets = pieces.flatMap(({ sheet }) => (sheet.ok ? [sheet.value] : []));
  const ofHoop = (): Finding[] => {
    if (member.role !== 'main-hoop' || hoop === null) return [];
    if ('none' in hoop) return [...asymmetryFindings(plan, member), ...noHoopFindings(hoop.none, member.id)];
    return [
      ...asymmetryFindings(plan, member),
      ...settledFindings(hoop.hoop, member.id, plan.survey.trust),
      ...gapFindings(gaps, member.id, plan.measuringError.mm),
      ...trimFindings(hoop.hoop, member),
    ];
  };
  return [
    ...ofHoop(),
    ...pieces.flatMap((piece) => pieceFindings(resolved, piece)),
    ...bookFindings(plan, books, { member, hoop: geometry, sheet: sheets[0] ?? null }),
  ];
}

/** What stands in the way of one tube: it cannot be placed, has no die, does not bend, or clashes at the machine. */
function pieceFindings({ member }: ResolvedMember, { piece, stamp, tube, sheet }: ResolvedPiece): Finding[] {
  if (sheet.ok) return sheetFindings(sheet.value, member);
  const placed = tube.ok || sheet.fault.code === 'no-die' || sheet.fault !== tube.fault;
  if (!placed) return [notPlacedFinding(tube.fault, member.id, piece, stamp)];
  const withoutDie =
    sheet.fault.code === 'no-die' && !tube.ok ? [noSheetFinding(tube.fault, member.id, piece)] : [];
  return [noSheetFinding(sheet.fault, member.id, piece), ...withoutDie];
}
