import { MAIN_BRANCH, type Revision } from '@gyrus/contract';
import { type Plan } from '@gyrus/core';
import { type Draft as Mutable, produce } from 'immer';
import { create } from 'zustand';
import { dropDraft, findDraft, keepDraft, rememberBranch } from './draft.ts';
import { begin, edit, type History, redo, seal, undo } from './history.ts';

export type SaveState = 'saved' | 'waiting' | 'saving' | 'no-answer' | 'clash' | 'refused';

interface JobState {
  jobId: string | null;
  /** The revision that the plan on screen goes on from. */
  base: { id: string; number: number };
  /** The variant that is worked on. */
  branch: string;
  history: History<Plan> | null;
  typing: Record<string, string>;
  saveState: SaveState;
  /** Why the server refused a save. */
  refusal: string;
  /** The newest revision, where it is not the one we went on from. */
  clash: Revision | null;

  open: (jobId: string, head: Revision) => void;
  /** Changes the plan; edits of one key in a row are one undo. */
  change: (key: string, recipe: (plan: Mutable<Plan>) => void) => void;
  /** Puts another plan in place of this one, as one undo step: an earlier revision, restored. */
  replace: (key: string, plan: Plan) => void;
  /** Goes on with another variant of the open job; what is on screen is saved before. */
  switchTo: (head: Revision) => void;
  setTyping: (field: string, text: string | undefined) => void;
  seal: () => void;
  undo: () => void;
  redo: () => void;
  saving: () => void;
  savedAs: (revision: Revision, plan: Plan) => void;
  notSaved: (state: 'no-answer' | 'refused', refusal?: string) => void;
  clashed: (head: Revision) => void;
  /** Settles a clash: mine goes on top of theirs, or theirs is taken. */
  settle: (keep: 'mine' | 'theirs') => void;
}

/** The plan of the open job with its undo history, and how far it is saved. */
export const usePlanStore = create<JobState>()((set, get) => {
  const keep = (changes: Partial<JobState>) => {
    set(changes);
    const { jobId, base, history, typing } = get();
    if (jobId && history) keepDraft(jobId, { base, plan: history.present, typing });
  };
  const move = (next: (history: History<Plan>) => History<Plan>) => {
    const { history } = get();
    if (!history) return;
    const moved = next(history);
    if (moved !== history) keep({ history: moved, saveState: unsaved(get().saveState) });
  };
  return {
    jobId: null,
    base: { id: '', number: 0 },
    branch: MAIN_BRANCH,
    history: null,
    typing: {},
    saveState: 'saved',
    refusal: '',
    clash: null,
    open: (jobId, head) => {
      const draft = findDraft(jobId);
      const base = draft?.base ?? { id: head.id, number: head.number };
      const plan = draft?.plan ?? head.plan;
      const changed = draft !== null && JSON.stringify(draft.plan) !== JSON.stringify(head.plan);
      set({
        jobId,
        base: changed ? base : { id: head.id, number: head.number },
        branch: head.branch,
        history: begin(plan),
        typing: draft?.typing ?? {},
        saveState: changed ? 'waiting' : 'saved',
        refusal: '',
        clash: null,
      });
    },
    change: (key, recipe) => move((history) => edit(history, key, produce(history.present, recipe))),
    replace: (key, plan) => {
      set({ typing: {} });
      move((history) => edit(seal(history), key, plan));
    },
    switchTo: (head) => {
      const { jobId } = get();
      if (!jobId) return;
      rememberBranch(jobId, head.branch);
      set({
        base: { id: head.id, number: head.number },
        branch: head.branch,
        history: begin(head.plan),
        typing: {},
        saveState: 'saved',
        refusal: '',
        clash: null,
      });
    },
    setTyping: (field, text) => {
      const others = Object.fromEntries(Object.entries(get().typing).filter(([key]) => key !== field));
      keep({ typing: text === undefined ? others : { ...others, [field]: text } });
    },
    seal: () => {
      const { history } = get();
      if (history) set({ history: seal(history) });
    },
    undo: () => {
      set({ typing: {} });
      move(undo);
    },
    redo: () => {
      set({ typing: {} });
      move(redo);
    },
    saving: () => set({ saveState: 'saving' }),
    savedAs: (revision, plan) => {
      const { history, jobId, typing } = get();
      const done = history?.present === plan;
      keep({
        base: { id: revision.id, number: revision.number },
        saveState: done ? 'saved' : 'waiting',
        refusal: '',
      });
      if (done && jobId && Object.keys(typing).length === 0) dropDraft(jobId);
    },
    notSaved: (saveState, refusal = '') => set({ saveState, refusal }),
    clashed: (head) => set({ saveState: 'clash', clash: head }),
    settle: (keepWhich) => {
      const { clash, history } = get();
      if (!clash || !history) return;
      const base = { id: clash.id, number: clash.number };
      const settled = keepWhich === 'theirs' ? edit(seal(history), 'theirs', clash.plan) : history;
      keep({
        base,
        history: settled,
        clash: null,
        saveState: keepWhich === 'theirs' ? 'saved' : 'waiting',
        typing: {},
      });
    },
  };
});

/** A change during a clash does not make the clash go away. */
const unsaved = (state: SaveState): SaveState => (state === 'clash' ? 'clash' : 'waiting');

/** The plan on screen. Only inside an open job. */
export function usePlan(): Plan {
  const plan = usePlanStore((state) => state.history?.present);
  if (!plan) throw new Error('no job is open');
  return plan;
}
