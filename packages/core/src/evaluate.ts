import { kept } from './kept/index.ts';
import {
  alongBody,
  type Copes,
  copesOf,
  type CopeSetting,
  driftOf,
  rollerIn,
  gapsOf,
  gussetsOf,
  isExisting,
  loopsOf,
  nodesOf,
  panelHolesOf,
  partsOf,
  platesOf,
  resolveCage,
  symmetryOf,
  type ResolvedMember,
} from './cage/index.ts';
import { longestStick, type Plan, type Shop } from './plan/index.ts';
import { type CockpitAnswer, cockpitOf, pastPillars } from './occupant/index.ts';
import { assumedIn } from './known/index.ts';
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
import { type MemberAnswer, type Evaluation, tubesIn } from './evaluation.ts';
import { asymmetry } from './survey/index.ts';
import { totalsOf } from './totals.ts';

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
