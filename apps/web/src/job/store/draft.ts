import { MAIN_BRANCH } from '@gyrus/contract/constants';
import { type Plan, readPlan } from '@gyrus/core';
import { dropText, keepText, keptKeys, keptText } from '../../shared/server/browserStore.ts';
import { tabName } from './tab.ts';

/** One variant of one job: what is typed, kept and saved belongs to it, whatever is on screen by then. */
export interface Doc {
  jobId: string;
  branch: string;
}

/** Whether two are the same variant of the same job. */
export const isDoc = (a: Doc, b: Doc): boolean => a.jobId === b.jobId && a.branch === b.branch;

/** What was entered and is not on the server yet, kept in the browser with every key. */
export interface Draft {
  base: { id: string; number: number };
  plan: Plan;
  /** Half-typed texts by field. */
  typing: Record<string, string>;
  /** Ids of saves that were sent and not answered: the server may have them. */
  sent: string[];
}

const prefixOf = ({ jobId, branch }: Doc) => `gyrus-draft/${jobId}/${branch}/`;
const keyOf = (doc: Doc) => prefixOf(doc) + tabName();

/** False where the browser keeps nothing more. */
export const keepDraft = (doc: Doc, draft: Draft): boolean => keepText(keyOf(doc), JSON.stringify(draft));

/** Everything of it is saved: nothing is kept. */
export const dropDraft = (doc: Doc): void => dropText(keyOf(doc));

/** What this tab left behind by a reload or a lost connection; null where there is nothing that can be read. */
export const findDraft = (doc: Doc): Draft | null => draftAt(keyOf(doc));

/** A draft of a tab that was closed before the server had it. */
export interface LeftDraft {
  key: string;
  draft: Draft;
}

/** Drafts that closed tabs left behind, and the one from before drafts knew tabs. open: the names of the tabs that are open. */
export function leftDrafts(doc: Doc, open: ReadonlySet<string>): LeftDraft[] {
  const prefix = prefixOf(doc);
  const before = branchOf(doc.jobId) === doc.branch ? [`gyrus-draft-${doc.jobId}`] : [];
  return keptKeys(prefix)
    .filter((key) => key !== keyOf(doc) && !open.has(key.slice(prefix.length)))
    .concat(before)
    .flatMap((key) => {
      const draft = draftAt(key);
      return draft ? [{ key, draft }] : [];
    });
}

/** What a closed tab left is in the plan, or is not wanted. */
export const dropLeft = ({ key }: LeftDraft): void => dropText(key);

function draftAt(key: string): Draft | null {
  const text = keptText(key);
  if (text === null) return null;
  try {
    const draft = JSON.parse(text) as Draft;
    const plan = readPlan(draft.plan);
    const { sent = [] } = draft as Partial<Draft>;
    return plan.ok ? { ...draft, sent, plan: plan.value } : null;
  } catch {
    return null;
  }
}

const branchKeyOf = (jobId: string) => `gyrus-variant-${jobId}`;

/** The variant of a job that was worked on last: in this tab, else in this browser. */
export function branchOf(jobId: string): string {
  const key = branchKeyOf(jobId);
  return sessionStorage.getItem(key) ?? keptText(key) ?? MAIN_BRANCH;
}

/** The variant that a job is gone on with when it is opened again. */
export function rememberBranch(jobId: string, branch: string): void {
  sessionStorage.setItem(branchKeyOf(jobId), branch);
  keepText(branchKeyOf(jobId), branch);
}
