import { MAIN_BRANCH } from '@gyrus/contract';
import { type Plan, readPlan } from '@gyrus/core';

/** What was entered and is not on the server yet, kept in the browser with every key. */
export interface Draft {
  base: { id: string; number: number };
  plan: Plan;
  /** Half-typed texts by field. */
  typing: Record<string, string>;
}

const keyOf = (jobId: string) => `gyrus-draft-${jobId}`;

export function keepDraft(jobId: string, draft: Draft): void {
  try {
    localStorage.setItem(keyOf(jobId), JSON.stringify(draft));
  } catch {
    // A full or forbidden store: the page still saves to the server.
  }
}

export const dropDraft = (jobId: string): void => localStorage.removeItem(keyOf(jobId));

/** The draft left behind by a reload or a lost connection; null where there is none that can be read. */
export function findDraft(jobId: string): Draft | null {
  const text = localStorage.getItem(keyOf(jobId));
  if (text === null) return null;
  try {
    const draft = JSON.parse(text) as Draft;
    const plan = readPlan(draft.plan);
    return plan.ok ? { ...draft, plan: plan.value } : null;
  } catch {
    return null;
  }
}

const branchKeyOf = (jobId: string) => `gyrus-variant-${jobId}`;

/** The variant of a job that was worked on last in this browser. */
export const branchOf = (jobId: string): string => localStorage.getItem(branchKeyOf(jobId)) ?? MAIN_BRANCH;

export function rememberBranch(jobId: string, branch: string): void {
  if (branch === MAIN_BRANCH) localStorage.removeItem(branchKeyOf(jobId));
  else localStorage.setItem(branchKeyOf(jobId), branch);
}
