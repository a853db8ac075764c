import { type Plan } from '@gyrus/core';
import { create } from 'zustand';

/** How far the build of a plan has come: its steps follow from the plan, and are worked out at the Build stage alone. */
interface BuildProgress {
  plan: Plan | null;
  /** The number of the step to be done next; of all steps + 1 where none is left. */
  next: number;
  steps: number;
}

const useProgress = create<BuildProgress>()(() => ({ plan: null, next: 0, steps: 0 }));

/** Says how far the build of the plan on screen has come. */
export const sayProgress = (progress: BuildProgress): void => useProgress.setState(progress);

/** The same for the tape; null where nobody worked the steps of this very plan out. */
export function useBuildProgress(plan: Plan): Omit<BuildProgress, 'plan'> | null {
  const { plan: of, next, steps } = useProgress();
  return of === plan && steps > 0 ? { next, steps } : null;
}
