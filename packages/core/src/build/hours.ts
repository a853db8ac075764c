import { keysOf } from '../items/index.ts';
import { type BuildStep, type StepWork } from './steps/step.ts';

/** What a step is, as hours are kept of it. */
export type StepKind = StepWork['kind'];

/** How long steps of a kind took: minutes, and how much of it there was (`sizeOf`), of so many steps. */
export interface TimeTaken {
  kind: StepKind;
  minutes: number;
  size: number;
  steps: number;
}

/** A time that a step will take, and whether it is the shop's own. */
export interface TimeExpected {
  minutes: number;
  /** Nobody kept hours of such a step yet: it is a guess. */
  guessed: boolean;
}

/** Minutes for a step's size, until the shop has kept its own: guesses, and shown as such. */
const GUESSES: Record<StepKind, number> = {
  plates: 30,
  'bend-again': 20,
  sleeves: 5,
  vents: 4,
  prime: 15,
  brace: 20,
  protect: 120,
  carry: 30,
  tack: 30,
  measure: 15,
  // For 100 mm of seam, with what is between two welds.
  weld: 10,
  drop: 45,
  lift: 45,
  feet: 20,
  unbrace: 10,
};

/** Every kind of step. */
export const STEP_KINDS = keysOf(GUESSES);

/** How much of its kind a step is: plates, tubes, 100 mm of seam; 1 for what is done once. */
export function sizeOf({ work }: Pick<BuildStep, 'work'>): number {
  switch (work.kind) {
    case 'plates':
      return work.plates.length;
    case 'bend-again':
      return work.bends.length;
    case 'sleeves':
      return work.sleeves.length;
    case 'vents':
      return Math.max(1, work.vents.filter(({ hole }) => hole).length);
    case 'prime':
      return new Set(work.stretches.map(({ piece }) => piece)).size;
    case 'tack':
      return work.tubes.length;
    case 'weld':
      return work.seams.reduce((sum, { length }) => sum + length, 0) / 100;
    case 'feet':
      return work.stamps.length;
    default:
      return 1;
  }
}

/** How long a step will take: by the hours that the shop kept of its kind, else by a guess. */
export function timeOf(step: Pick<BuildStep, 'work'>, taken: readonly TimeTaken[]): TimeExpected {
  const own = taken.find(({ kind }) => kind === step.work.kind);
  const each = own && own.size > 0 ? own.minutes / own.size : GUESSES[step.work.kind];
  return { minutes: each * sizeOf(step), guessed: !own || own.size <= 0 };
}

/** What is left to be done, in minutes, and how much of that is guessed. */
export function timeLeft(
  steps: readonly BuildStep[],
  isDone: (step: BuildStep) => boolean,
  taken: readonly TimeTaken[],
): { minutes: number; guessed: number } {
  const left = steps.filter((step) => !isDone(step)).map((step) => timeOf(step, taken));
  return {
    minutes: left.reduce((sum, { minutes }) => sum + minutes, 0),
    guessed: left.reduce((sum, { minutes, guessed }) => sum + (guessed ? minutes : 0), 0),
  };
}
