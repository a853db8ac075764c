import { type Clash, type RevisionSummary, type SaveRevisionDto } from '@gyrus/contract';
import { MOST_CHANGES } from '@gyrus/contract/constants';
import { type Plan } from '@gyrus/core';
import { planChangesWords } from '@gyrus/formats';
import { useEffect } from 'react';
import { api, ApiFault } from '../../shared/server/api.ts';
import { whoHere } from '../../shared/server/useWho.ts';
import { styleOf } from '../useJobStyle.ts';
import { type Doc } from './draft.ts';
import { putTogetherWith } from './merging.ts';
import { isOpen, openDoc, usePlanStore } from './planStore.ts';
import { tellTabs } from './tabNews.ts';

/** A pause in typing after which the plan is saved, and how long a lost server is waited for. ms */
const PAUSE = 900;
const RETRY = 4000;

/** One save at a time of a job's variant; its id stays the same until it is answered, so a repeated save is one save. */
const running = new Map<string, Promise<boolean>>();
const unanswered = new Map<string, { id: string; plan: unknown }>();

const keyOf = ({ jobId, branch }: Doc): string => `${jobId}/${branch}`;

/**
 * Saves the plan on screen. A save that is under way is waited for: it may be of an older plan. True when the server has the one on screen;
 * false when it has not, and the store says why.
 */
export function saveNow(): Promise<boolean> {
  const doc = openDoc();
  if (!doc) return Promise.resolve(false);
  const key = keyOf(doc);
  const before = running.get(key);
  const save = (before ? before.then(() => saveOnce(doc)) : saveOnce(doc)).finally(() => {
    if (running.get(key) === save) running.delete(key);
  });
  running.set(key, save);
  return save;
}

/** So often a save goes on top of what others saved meanwhile before it waits for the next pause. */
const MOST_MERGES = 3;

async function saveOnce(doc: Doc, merges = 0): Promise<boolean> {
  const { base, history, savedPlan, saveState, saving, savedAs, notSaved } = usePlanStore.getState();
  if (!history || !isOpen(doc) || saveState === 'clash') return false;
  if (saveState === 'saved') return true;
  const plan = history.present;
  const key = keyOf(doc);
  const before = unanswered.get(key);
  const { id } = before?.plan === plan ? before : { id: crypto.randomUUID() };
  unanswered.set(key, { id, plan });
  saving(id);
  const dto: SaveRevisionDto = {
    id,
    parent: base.id,
    branch: doc.branch,
    author: whoHere(),
    note: '',
    changes: changesSince(savedPlan, plan),
    plan,
  };
  try {
    const revision = await api<RevisionSummary>(`jobs/${doc.jobId}/revisions`, 'POST', dto);
    unanswered.delete(key);
    savedAs(doc, revision, plan);
    tellTabs(doc, revision);
    return isOpen(doc) && usePlanStore.getState().saveState === 'saved';
  } catch (error) {
    if (error instanceof ApiFault && error.fault.code === 'clash')
      return isOpen(doc) && (await onTopOf(doc, (error.body as Clash).head, merges));
    if (error instanceof ApiFault && error.status < 500) notSaved(doc, 'refused', refusalWords(error.fault));
    else notSaved(doc, 'no-answer');
    return false;
  }
}

/** What is changed since the revision that is gone on from, in the job's unit. */
const changesSince = (saved: Plan | null, plan: Plan): string =>
  saved === null ? '' : planChangesWords(saved, plan, styleOf(plan)).slice(0, MOST_CHANGES);

/** Why a save was refused, and of which field where it is of one. */
const refusalWords = ({ message, path }: ApiFault['fault']): string =>
  path ? `${message} (${path})` : message;

/** Puts the plan on screen together with a newer revision, and saves it on top where there is nothing to ask. */
async function onTopOf(doc: Doc, head: Clash['head'], merges: number): Promise<boolean> {
  try {
    const settled = await putTogetherWith(doc, head);
    return settled && merges < MOST_MERGES && (await saveOnce(doc, merges + 1));
  } catch {
    // The base could not be fetched, or the merge not be worked out: the next try asks for the newest again.
    usePlanStore.getState().notSaved(doc, 'no-answer');
    return false;
  }
}

/** Saves after every pause in typing, and again when the server was lost. */
export function useAutosave(): void {
  const saveState = usePlanStore((state) => state.saveState);
  const plan = usePlanStore((state) => state.history?.present);
  useEffect(() => {
    if (saveState !== 'waiting' && saveState !== 'no-answer') return;
    const timer = setTimeout(() => void saveNow(), saveState === 'waiting' ? PAUSE : RETRY);
    return () => clearTimeout(timer);
  }, [saveState, plan]);
}
