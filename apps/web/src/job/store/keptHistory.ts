import { type Plan, itemAt } from '@gyrus/core';
import fastJsonPatch, { type Operation } from 'fast-json-patch';
import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { produce } from 'immer';
import microdiff from 'microdiff';
import { type History } from './history.ts';

/** An undo history as it is kept: the plan it leads from, and the differences of each step to the one beside it. */
export interface KeptHistory {
  present: Plan;
  /** The oldest first; each leads from the plan after it back to its own. */
  past: Operation[][];
  /** The next one first; each leads on from the plan before it. */
  future: Operation[][];
}

/** The differences from one plan to another; steps that were worked out before are kept in mind. */
const worked = new WeakMap<Plan, { to: Plan; steps: Operation[] }>();

function stepsTo(from: Plan, to: Plan): Operation[] {
  const known = worked.get(from);
  if (known?.to === to) return known.steps;
  const steps = fastJsonPatch.compare(from, to);
  worked.set(from, { to, steps });
  return steps;
}

const stepped = (plan: Plan, steps: Operation[]): Plan =>
  produce(plan, (draft) => void fastJsonPatch.applyPatch(draft, steps));

/** A history as differences. */
export const asKept = ({ past, present, future }: History<Plan>): KeptHistory => ({
  present,
  past: past.map((plan, i) => stepsTo(past[i + 1] ?? present, plan)),
  future: future.map((plan, i) => stepsTo(i === 0 ? present : itemAt(future, i - 1), plan)),
});

/** The history back from its differences, where it still leads from the plan on screen; null where it does not. */
export function fromKept({ present, past, future }: KeptHistory, onScreen: Plan): History<Plan> | null {
  if (microdiff(present, onScreen).length > 0) return null;
  const plans: Plan[] = [];
  let plan = onScreen;
  for (const steps of [...past].reverse()) plans.unshift((plan = stepped(plan, steps)));
  plan = onScreen;
  return {
    past: plans,
    present: onScreen,
    future: future.map((steps) => (plan = stepped(plan, steps))),
    lastKey: null,
  };
}

interface Kept extends DBSchema {
  histories: { key: string; value: KeptHistory };
}

let database: Promise<IDBPDatabase<Kept>> | null = null;
const open = () =>
  (database ??= openDB<Kept>('gyrus-undo', 1, { upgrade: (db) => void db.createObjectStore('histories') }));

const keyOf = (jobId: string, branch: string): string => `${jobId}/${branch}`;

/** Undo is a convenience: where the browser keeps nothing, it ends with the page. */
export async function keepHistory(jobId: string, branch: string, history: History<Plan>): Promise<void> {
  try {
    await (await open()).put('histories', asKept(history), keyOf(jobId, branch));
  } catch (error) {
    console.warn('undo is not kept over a reload', error);
  }
}

/** The steps that were kept of a job; none where the plan is another one by now. */
export async function findHistory(
  jobId: string,
  branch: string,
  onScreen: Plan,
): Promise<History<Plan> | null> {
  try {
    const kept = await (await open()).get('histories', keyOf(jobId, branch));
    return kept ? fromKept(kept, onScreen) : null;
  } catch {
    return null;
  }
}
