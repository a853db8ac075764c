import {
  type Evaluation,
  type Finding,
  hoopAnswerOf,
  MEASURE_KEYS,
  mainHoopOf,
  measuresWanted,
  type Plan,
  stageOf,
} from '@gyrus/core';
import { handsOf, openWords } from '@gyrus/formats';

/** The stages of a job, in the order of work; what else is a page of one is named beside it. */
export const STAGES = [
  { path: 'brief', name: 'Brief' },
  { path: 'survey', name: 'Survey' },
  { path: 'design', name: 'Design' },
  { path: 'harness', name: 'People', also: 'driver' },
  { path: 'bend', name: 'Bend' },
  { path: 'cope', name: 'Cope' },
  { path: 'build', name: 'Build' },
  { path: 'inspect', name: 'Inspect' },
] as const;
/** A stage, by its place in the address. */
export type StagePath = (typeof STAGES)[number]['path'];

/** What a stage says of itself on the tape. */
export interface StageSay {
  text: string;
  tone: 'quiet' | 'look' | 'out';
}

/** The number of the build's next step, past the last where all are done; null where nobody worked them out. */
type Progress = { next: number; steps: number } | null;

const quiet = (text: string): StageSay => ({ text, tone: 'quiet' });
const COUNTING = quiet('counting');

/**
 * What each stage still wants or what is wrong in it, as its tab says. evaluation, findings: null until they are there, what the plan alone
 * says stands before; findings are all of them, as Inspect counts them. typing: boxes whose text is no figure yet, by their field. progress: of the build, where its steps are worked out.
 */
export function stageSays(
  plan: Plan,
  evaluation: Evaluation | null,
  findings: Finding[] | null,
  typing: Record<string, string>,
  progress: Progress = null,
): Record<StagePath, StageSay> {
  const says = saysWithoutTyping(plan, evaluation, findings);
  if (progress) says.build = progressSays(progress);
  for (const field of Object.keys(typing)) says[stageOfField(field)] = { text: 'a box waits', tone: 'look' };
  return says;
}

/** The stage that a field of the plan is filled in at. */
function stageOfField(field: string): StagePath {
  const [first = ''] = field.split('/');
  if (first === 'survey' || first === 'occupants') return 'survey';
  if (first === 'brief' || first === 'units') return 'brief';
  if (first === 'coping') return 'cope';
  if (first === 'harness' || first === 'cockpit') return 'harness';
  return first === 'member' ? 'bend' : 'design';
}

function saysWithoutTyping(
  plan: Plan,
  evaluation: Evaluation | null,
  findings: Finding[] | null,
): Record<StagePath, StageSay> {
  const ofPlan = {
    brief: briefSays(plan),
    survey: surveySays(plan, evaluation),
    harness: peopleSays(plan, findings),
    inspect: inspectSays(findings, plan),
  };
  if (!evaluation) return { ...ofPlan, design: COUNTING, bend: COUNTING, cope: COUNTING, build: COUNTING };
  const answer = hoopAnswerOf(evaluation);
  const hoop = answer && 'hoop' in answer.hoop ? answer.hoop.hoop : null;
  const shaping = evaluation.findings.filter((finding) => finding.rule === null);
  return {
    ...ofPlan,
    design:
      hoop || evaluation.totals.tubes > 0
        ? counted(
            shaping.filter((finding) => stageOf(finding.code) === 'design'),
            plan,
            `${evaluation.totals.tubes} tube${evaluation.totals.tubes === 1 ? '' : 's'}`,
          )
        : quiet(mainHoopOf(plan) ? 'waits for the survey' : 'no tube yet'),
    bend: bendSays(evaluation, plan),
    cope: copeSays(plan, evaluation),
    build: buildSays(evaluation),
  };
}

/** Who is still to be measured, or what is wrong with the room and the view that they have. */
function peopleSays(plan: Plan, findings: Finding[] | null): StageSay {
  const { brief, occupants } = plan;
  const unmeasured = occupants.filter(({ shoulder, helmetTop }) => !shoulder || !helmetTop).length;
  const toMeasure = occupants.length > 0 ? unmeasured : brief.drivers.length;
  if (toMeasure > 0) return { text: `${toMeasure} to measure`, tone: 'look' };
  if (occupants.length === 0) return quiet('nobody named');
  if (!findings) return COUNTING;
  return counted(
    findings.filter(({ code }) => stageOf(code) === 'people'),
    plan,
    `${occupants.length} in it`,
  );
}

function copeSays({ copeTicks }: Plan, { totals }: Evaluation): StageSay {
  if (totals.copes === 0) return quiet('-');
  const done = copeTicks.filter(({ state }) => state === 'cut' || state === 'fitted').length;
  return quiet(done > 0 ? `${done} ends cut` : `${totals.copes} coped ends`);
}

/** The step to be done next. */
const progressSays = ({ next, steps }: NonNullable<Progress>): StageSay =>
  quiet(next > steps ? `all ${steps} steps done` : `step ${next} of ${steps}`);

/** How much tube there is to be cut; what has no marks is told there. */
function buildSays({ totals }: Evaluation): StageSay {
  return quiet(totals.tubes === 0 ? '-' : `${totals.metres.toFixed(1)} m of tube`);
}

function briefSays({ brief }: Plan): StageSay {
  if (brief.feetOn === 'floor-sheet') return { text: 'a show bar', tone: 'look' };
  if (brief.books.length === 0) return { text: 'no rule book chosen', tone: 'look' };
  if (brief.carWeight === null) return { text: "no car's weight yet", tone: 'look' };
  return quiet(brief.car || 'no car named yet');
}

function surveySays(plan: Plan, evaluation: Evaluation | null): StageSay {
  const missing = measuresWanted(plan).length;
  if (evaluation?.findings.some((finding) => finding.code === 'contradiction'))
    return { text: 'measures contradict', tone: 'look' };
  const measured = MEASURE_KEYS.filter((key) => plan.survey.measures[key] !== undefined).length;
  if (missing > 0) return { text: `${missing} still wanted`, tone: 'look' };
  if (!evaluation) return COUNTING;
  const assumed = evaluation.assumed.reduce((sum, { figures }) => sum + figures.length, 0);
  if (assumed > 0) return { text: `${assumed} to measure`, tone: 'look' };
  return quiet(measured > 0 ? `${measured} measured` : '-');
}

function bendSays(evaluation: Evaluation, plan: Plan): StageSay {
  const hoop = hoopAnswerOf(evaluation)?.sheet;
  const all = evaluation.members.flatMap(({ pieces }) => pieces.flatMap(({ sheet }) => sheet ?? []));
  const sheets = hoop ? [hoop] : all;
  if (sheets.length === 0) {
    const noDie = evaluation.findings.some((finding) => finding.code === 'no-die');
    return noDie ? { text: 'no die chosen', tone: 'look' } : quiet('-');
  }
  return counted(
    evaluation.findings.filter((finding) => stageOf(finding.code) === 'bend'),
    plan,
    `${sheets.reduce((sum, { bends }) => sum + bends.length, 0)} marks ready`,
  );
}

/** What Inspect has to be done, counted as Inspect counts it. */
function inspectSays(findings: Finding[] | null, plan: Plan): StageSay {
  if (!findings) return COUNTING;
  const hands = handsOf(findings, plan);
  const [worst] = hands.open;
  if (!worst) return quiet(findings.length > 0 ? 'all clear' : '-');
  return { text: openWords(hands), tone: worst.worst.status === 'out' ? 'out' : 'look' };
}

/** As Inspect counts it: one for what one deed settles. */
function counted(findings: Finding[], plan: Plan, otherwise: string): StageSay {
  const { open } = handsOf(findings, plan);
  const of = (status: Finding['status']) => open.filter(({ worst }) => worst.status === status).length;
  if (of('out') > 0) return { text: `${of('out')} out`, tone: 'out' };
  return of('look') > 0 ? { text: `${of('look')} to look at`, tone: 'look' } : quiet(otherwise);
}
