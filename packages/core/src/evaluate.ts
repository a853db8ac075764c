import {
  type BendSheet,
  bendSheetOf,
  type Drift,
  driftOf,
  type Gap,
  gapsOf,
  hoopFrom,
  type HoopResult,
  type Tube,
  tubeOf,
} from './cage/index.ts';
import { longestStick, type MainHoop, type MeasureKey, type Plan, type Shop } from './plan/index.ts';
import {
  asymmetryFindings,
  bookFindings,
  briefFindings,
  driftFindings,
  type Finding,
  gapFindings,
  noHoopFindings,
  noSheetFinding,
  type RuleBook,
  settledFindings,
  sheetFindings,
  trimFindings,
} from './rules/index.ts';
import { asymmetry } from './survey/index.ts';

/** A member with everything that follows from it; null where it cannot be made yet. */
export interface MemberAnswer {
  member: string;
  hoop: HoopResult;
  tube: Tube | null;
  gaps: Gap[];
  sheet: BendSheet | null;
}

/** All answers to a plan. mm, degrees, kg. */
export interface Evaluation {
  members: MemberAnswer[];
  asymmetry: { key: MeasureKey; difference: number }[];
  drift: Drift[];
  findings: Finding[];
  totals: { mass: number; metres: number; bends: number };
}

/** Resolves the plan and computes all that follows from it. Pure: the same in browser, server and command line. */
export function evaluate(plan: Plan, shop: Shop, books: RuleBook[]): Evaluation {
  const drift = driftOf(plan, shop);
  const results = plan.members.map((member) => memberAnswer(plan, member, shop, books));
  const answers = results.map(({ answer }) => answer);
  const tubes = answers.flatMap(({ tube }) => tube ?? []);
  return {
    members: answers,
    asymmetry: asymmetry(plan.survey),
    drift,
    findings: [
      ...briefFindings(plan),
      ...results.flatMap(({ findings }) => findings),
      ...driftFindings(drift),
    ],
    totals: {
      mass: tubes.reduce((sum, tube) => sum + tube.mass, 0),
      metres: tubes.reduce((sum, tube) => sum + tube.developed, 0) / 1000,
      bends: answers.reduce((sum, { sheet }) => sum + (sheet?.bends.length ?? 0), 0),
    },
  };
}

function memberAnswer(
  plan: Plan,
  member: MainHoop,
  shop: Shop,
  books: RuleBook[],
): { answer: MemberAnswer; findings: Finding[] } {
  const result = hoopFrom(plan.survey, member, plan.measuringError);
  if ('none' in result)
    return {
      answer: { member: member.id, hoop: result, tube: null, gaps: [], sheet: null },
      findings: [
        ...asymmetryFindings(plan, member),
        ...noHoopFindings(result.none, member.id),
        ...bookFindings(plan, books, { member, hoop: null, sheet: null }),
      ],
    };
  const { hoop } = result;
  const sheet = bendSheetOf(member, hoop.points, hoop.features, plan.dies, longestStick(shop, member.tube));
  const tube = tubeOf(member, hoop.points, hoop.features, sheet);
  const gaps = tube.ok ? gapsOf(hoop, tube.value.axis, member.tube.od.mm) : [];
  const made = sheet.ok ? sheet.value : null;
  return {
    answer: { member: member.id, hoop: result, tube: tube.ok ? tube.value : null, gaps, sheet: made },
    findings: [
      ...asymmetryFindings(plan, member),
      ...settledFindings(hoop, member.id, plan.survey.trust),
      ...gapFindings(gaps, member.id, plan.measuringError.mm),
      ...trimFindings(hoop, member),
      ...(sheet.ok ? sheetFindings(sheet.value, member) : [noSheetFinding(sheet.fault, member.id)]),
      ...(!tube.ok && !sheet.ok && sheet.fault.code === 'no-die'
        ? [noSheetFinding(tube.fault, member.id)]
        : []),
      ...bookFindings(plan, books, { member, hoop, sheet: made }),
    ],
  };
}
