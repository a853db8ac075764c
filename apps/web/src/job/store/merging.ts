import { type Revision, type RevisionSummary } from '@gyrus/contract';
import { changesBetween, type Choices, type Plan } from '@gyrus/core';
import { fetchRevision, fetchRevisions } from '../../shared/server/queries.ts';
import { mergeAway } from '../../answers/away.ts';
import { type Doc, type Draft, type LeftDraft } from './draft.ts';
import { isOpen, type Other, usePlanStore } from './planStore.ts';

/**
 * A newer revision than the one gone on from is there. Ours, whose answer was lost, is gone on from in silence; somebody else's is put
 * together with the plan on screen, and what both changed is asked. True once there is nothing to ask.
 */
export async function putTogetherWith(doc: Doc, head: Revision): Promise<boolean> {
  const { base, sent, goOnFrom, comparing } = usePlanStore.getState();
  if (!isOpen(doc)) return false;
  if (sent.includes(head.id)) {
    goOnFrom(head, head.plan);
    return true;
  }
  comparing();
  return mergeOrAsk(doc, {
    plan: head.plan,
    base: await commonBase(doc, head.id, { base, sent }),
    revision: { id: head.id, number: head.number },
    left: null,
  });
}

/** Puts what a closed tab left together with the plan on screen. It stays kept until it is in, also while there is something to ask. */
export async function takeInLeft(doc: Doc, left: LeftDraft): Promise<void> {
  const { plan } = left.draft;
  const base = await commonBase(doc, usePlanStore.getState().base.id, left.draft);
  if (isOpen(doc)) await mergeOrAsk(doc, { plan, base, revision: null, left });
}

/** Puts the plans together with the clashes settled as chosen. */
export async function settleClash(doc: Doc, other: Other, choices: Choices): Promise<void> {
  const mine = usePlanStore.getState().history?.present;
  if (!mine || !isOpen(doc)) return;
  const { plan } = await mergeAway(other.base, mine, other.plan, choices);
  const { history, merge } = usePlanStore.getState();
  // What was typed while the merge was on its way: it is settled with that in it.
  if (history?.present !== mine) return settleClash(doc, other, choices);
  merge(other, plan, changesBetween(mine, plan));
}

async function mergeOrAsk(doc: Doc, other: Other): Promise<boolean> {
  for (;;) {
    const mine = usePlanStore.getState().history?.present;
    if (!mine || !isOpen(doc)) return false;
    const { plan, clashes, fallen } = await mergeAway(other.base, mine, other.plan);
    const { history, merge, ask } = usePlanStore.getState();
    if (!isOpen(doc)) return false;
    if (history?.present !== mine) continue;
    if (clashes.length > 0) {
      ask({ ...other, clashes, fallen });
      return false;
    }
    merge(other, plan, changesBetween(mine, plan));
    return true;
  }
}

/**
 * The plan that two went on from: the newest revision behind one of them that the other started from, or had saved without hearing an
 * answer.
 */
async function commonBase(
  { jobId }: Doc,
  from: string,
  { base, sent }: Pick<Draft, 'base' | 'sent'>,
): Promise<Plan> {
  const known = new Set([base.id, ...sent]);
  let wanted: string | null = from;
  let before: number | undefined;
  for (;;) {
    // Newest first: a parent is older than what came of it, on this page or on one of those behind it.
    const page: RevisionSummary[] = await fetchRevisions(jobId, { before });
    for (const one of page) {
      if (one.id !== wanted) continue;
      if (known.has(one.id)) return (await fetchRevision(jobId, one.number)).plan;
      wanted = one.parent;
    }
    before = page.at(-1)?.number;
    if (wanted === null || before === undefined || before <= 1)
      return (await fetchRevision(jobId, base.number)).plan;
  }
}
