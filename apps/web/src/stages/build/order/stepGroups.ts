import { type BuildAnswer, type BuildStep, type StepPlace } from '@gyrus/core';

/** A step with its number in the list. */
export interface NumberedStep {
  step: BuildStep;
  number: number;
}

/** Steps that are done in one place, one after the other. */
export interface StepGroup {
  where: StepPlace;
  steps: NumberedStep[];
}

/** The list of steps in runs of one place each. */
export function stepGroups(steps: readonly BuildStep[]): StepGroup[] {
  const groups: StepGroup[] = [];
  for (const [i, step] of steps.entries()) {
    const last = groups.at(-1);
    if (last?.where === step.where) last.steps.push({ step, number: i + 1 });
    else groups.push({ where: step.where, steps: [{ step, number: i + 1 }] });
  }
  return groups;
}

/** A step's name in the address and in the list: its first thing to tick. */
export const keyOfStep = ({ ticks: [first = ''] }: BuildStep): string => first;

/** The tubes that a step tacks, by their numbers; none for another kind of step. */
export const tubesOfStep = ({ work }: BuildStep, { tubes }: BuildAnswer): number[] =>
  work.kind === 'tack' ? work.tubes.map(({ piece }) => tubes.findIndex((one) => one.piece === piece)) : [];
