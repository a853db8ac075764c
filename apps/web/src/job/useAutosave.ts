import { type Clash, type Revision, type SaveRevisionDto } from '@gyrus/contract';
import { useEffect } from 'react';
import { api, ApiFault } from '../shared/api.ts';
import { usePlanStore } from './planStore.ts';

/** A pause in typing after which the plan is saved, and how long a lost server is waited for. ms */
const PAUSE = 900;
const RETRY = 4000;

/** One save at a time; its id stays the same until it is answered, so a repeated save is one save. */
let running: Promise<boolean> | null = null;
let unanswered: { id: string; plan: unknown } | null = null;

/** Saves the plan on screen. True when the server has it; false when it has not, and the store says why. */
export function saveNow(): Promise<boolean> {
  running ??= saveOnce().finally(() => (running = null));
  return running;
}

async function saveOnce(): Promise<boolean> {
  const { jobId, base, branch, history, saveState, saving, savedAs, clashed, notSaved } =
    usePlanStore.getState();
  if (!jobId || !history || saveState === 'clash') return false;
  if (saveState === 'saved') return true;
  const plan = history.present;
  saving();
  if (unanswered?.plan !== plan) unanswered = { id: crypto.randomUUID(), plan };
  const dto: SaveRevisionDto = {
    id: unanswered.id,
    parent: base.id,
    branch,
    author: '',
    note: '',
    plan,
  };
  try {
    const revision = await api<Revision>(`jobs/${jobId}/revisions`, 'POST', dto);
    unanswered = null;
    savedAs(revision, plan);
    return usePlanStore.getState().saveState === 'saved';
  } catch (error) {
    if (error instanceof ApiFault && error.fault.code === 'clash') clashed((error.body as Clash).head);
    else if (error instanceof ApiFault && error.status < 500)
      notSaved('refused', `${error.fault.message} (${error.fault.path})`);
    else notSaved('no-answer');
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
