import { type BendSheet } from '../cage/index.ts';

/** What is done at one pull, in this order; a roll has no dial, and is tried on its template. */
const PULL_STEPS = ['turn', 'clamp', 'zero', 'pull', 'release', 'now'] as const;
const ROLL_STEPS = ['turn', 'roll', 'rise'] as const;

/** A step of floor mode: what one screen shows. */
export type FloorStepKind = 'mark' | (typeof PULL_STEPS)[number] | (typeof ROLL_STEPS)[number];

/** One step at the bender. */
export interface FloorStep {
  /** Names it for good within its sheet: `mark`, `2/pull`. */
  key: string;
  kind: FloorStepKind;
  /** Number of its bend, A → B; null for what is done to the whole tube. */
  bend: number | null;
}

/** Every step of a sheet: the marks, then bend by bend in the order of the pulls. */
export function floorSteps(sheet: BendSheet): FloorStep[] {
  const ofBend = (bend: number): FloorStep[] => {
    const rolled = sheet.bends.find(({ number }) => number === bend)?.school === 'rolled';
    return (rolled ? ROLL_STEPS : PULL_STEPS).map((kind) => ({ key: `${bend}/${kind}`, kind, bend }));
  };
  return [{ key: 'mark', kind: 'mark', bend: null }, ...sheet.steps.flatMap(({ bend }) => ofBend(bend))];
}

/** A step as it was ticked: a pull that fell short is made again, so that pull, release and what follows have a number. */
export interface TickedStep {
  step: string;
  /** Which time, from 1. */
  time: number;
  /** After a measured bend: it is pulled farther, and measured again. */
  again: boolean;
}

/** Where the work stands: the step to be done next, and which time; null when the last one is done. */
export interface FloorPlace {
  index: number;
  time: number;
}

/** The first step that is not ticked, pulls that were asked for again among them. */
export function floorPlace(steps: readonly FloorStep[], ticked: readonly TickedStep[]): FloorPlace | null {
  const tick = (key: string, time: number) =>
    ticked.find((one) => one.step === key && one.time === time) ?? null;
  let time = 1;
  for (let index = 0; index < steps.length; index += 1) {
    const step = steps[index];
    if (!step) break;
    if (!REPEATED.has(step.kind)) time = 1;
    const done = tick(step.key, time);
    if (!done) return { index, time };
    if (step.kind === 'now' && done.again) {
      time += 1;
      // Back to the pull of the same bend: two steps before, and the loop adds one.
      index -= 3;
    } else if (step.kind === 'now') time = 1;
  }
  return null;
}

/** What is done again when a bend is pulled farther. */
const REPEATED = new Set<FloorStepKind>(['pull', 'release', 'now']);
