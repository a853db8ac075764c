import { kept } from './kept/index.ts';
import {
  type AlongBody,
  alongBody,
  type BendSheet,
  type Copes,
  copesOf,
  type CopeSetting,
  type Drift,
  driftOf,
  type Roller,
  rollerIn,
  type Gap,
  gapsOf,
  type GussetAnswer,
  gussetsOf,
  type HoopGeometry,
  type HoopResult,
  isExisting,
  type Joint,
  type Loop,
  loopsOf,
  type Node,
  nodesOf,
  type PanelHole,
  panelHolesOf,
  type PartAnswer,
  partsOf,
  type PlateAnswer,
  platesOf,
  resolveCage,
  type Symmetry,
  symmetryOf,
  type ResolvedMember,
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
import { type CockpitAnswer, cockpitOf, type PastPillar, pastPillars } from './occupant/index.ts';
import { assumedIn, type AssumedThing } from './known/index.ts';
import { type HarnessAnswer, harnessAnswers, type LapAnswer, lapAnswers } from './harness/index.ts';
import { allFindings, cockpitFindings, copeFindings, type Finding } from './findings/index.ts';
import {
  bookFindings,
  continuousPieces,
  seamFindings,
  strapWindows,
  type RuleBook,
  type RuledMember,
} from './rules/index.ts';
import { type BuildAnswer, buildAnswerOf } from './build/index.ts';
import { asymmetry } from './survey/index.ts';
import { type Totals, totalsOf } from './totals.ts';

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

/** Resolves the plan and computes all that follows from it. Pure: the same in browser, server and command line. */
export function evaluate(plan: Plan, shop: Shop, books: RuleBook[]): Evaluation {
  const drift = driftOf(plan, shop);
  const roller = rollerIn(shop);
  const cage = resolveCage(plan, (member) => longestStick(shop, member.tube));
  const { standing, joints } = cage;
  const members = cage.members.map((resolved) => answerOf(resolved));
  const tubes = standing.map(({ tube }) => tube);
  const plates = platesOf(plan, standing);
  const gussets = gussetsOf(plan, standing);
  const parts = partsOf(plan, standing);
  const sights = pastPillars(plan, tubes);
  const assumed = assumedIn(plan);
  const ofBooks = bookFindings(books, {
    plan,
    members: cage.members.map((resolved) => ruledMember(resolved, answerOf(resolved))),
    joints,
    plates,
    gussets,
    parts,
    stock: shop.tubes,
    assumed,
  });
  const gaps = members.map((one) => one.gaps);
  const answered = { plan, cage, gaps, plates, gussets, parts, sights, assumed, drift, roller, shop };
  const findings = allFindings(answered, ofBooks);
  return {
    members,
    joints,
    loops: loopsOf(joints),
    nodes: nodesOf(tubes),
    plates,
    gussets,
    parts,
    panelHoles: panelHolesOf(plan, tubes),
    alongBody: alongBody(plan.survey, standing),
    sights,
    asymmetry: asymmetry(plan.survey),
    symmetry: symmetryOf(standing),
    assumed: assumed.things,
    drift,
    roller,
    findings,
    totals: totalsOf(cage, { plates, gussets, parts }, findings),
  };
}

/** A member as rule books see it, with its answers. */
const ruledMember = kept(({ member, hoop }: ResolvedMember, { pieces }: MemberAnswer): RuledMember => ({
  member,
  hoop: hoop && 'hoop' in hoop ? hoop.hoop : null,
  pieces,
}));

const answerOf = kept(({ member, hoop, pieces }: ResolvedMember): MemberAnswer => {
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
});

/**
 * Every finding: those of the answers, of the copes and their seams, and of the people in the cage. copes: null where they are
 * not there yet; cockpit: where it is there already.
 */
export const findingsIn = (
  plan: Plan,
  evaluation: Evaluation,
  copes: Copes | null,
  books: RuleBook[],
  cockpit: CockpitAnswer = cockpitIn(plan, evaluation),
): Finding[] => [
  ...evaluation.findings,
  ...(copes ? [...copeFindings(plan, copes), ...seamFindings(plan, copes, books)] : []),
  ...cockpitFindings(plan, cockpit),
];

/** Harness bars with the heights that suit everybody who is belted to them, by the windows of the chosen books. */
export const harnessIn = (plan: Plan, evaluation: Evaluation, books: RuleBook[]): HarnessAnswer[] =>
  harnessAnswers(
    plan,
    tubesIn(evaluation),
    evaluation.joints,
    evaluation.parts,
    strapWindows(plan, books, 'harness-window'),
  );

/** The measured anchors of lap belts, by the windows of the chosen books. */
export const lapIn = (plan: Plan, books: RuleBook[]): LapAnswer[] =>
  lapAnswers(plan, strapWindows(plan, books, 'lap-window'));

/** The people in the cage: what helmet and limbs can reach, what they see, how they get in. Apart, as copes are. */
export const cockpitIn = (plan: Plan, evaluation: Evaluation): CockpitAnswer =>
  cockpitOf(plan, tubesIn(evaluation));

/**
 * Every end of every new tube with its cut, lengths three ways, and every seam. On its own, as a key that moves a tube need not
 * wait for it. books: those of the plan say which tubes are continuous.
 */
export const copesIn = (plan: Plan, evaluation: Evaluation, books: RuleBook[]): Copes =>
  copesOf(copeSettingOf(plan, evaluation, books));

/** The order of building, in steps: apart, as it takes longer than all else. */
export const buildIn = (plan: Plan, evaluation: Evaluation, books: RuleBook[]): BuildAnswer =>
  buildAnswerOf(copeSettingOf(plan, evaluation, books));

/** What the copes of a plan are cut from. */
export function copeSettingOf(
  plan: Plan,
  { members, joints, plates }: Evaluation,
  books: RuleBook[],
): CopeSetting {
  const pieces = members.flatMap((answer) => answer.pieces);
  return {
    plan,
    tubes: pieces.flatMap(({ tube }) => tube ?? []),
    joints,
    plates,
    sides: new Map(pieces.map(({ piece, side }) => [piece, side])),
    existing: new Set(plan.members.filter(isExisting).map(({ id }) => id)),
    continuous: continuousPieces(plan, books),
  };
}
