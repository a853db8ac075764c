import { type Revision } from '@gyrus/contract';
import { MAIN_BRANCH } from '@gyrus/contract/constants';
import { type FieldChange, isSameData, type Plan, type PlanClash } from '@gyrus/core';
import { type Draft as Mutable, produce } from 'immer';
import { toast } from '../../shared/frame/toast.ts';
import { create } from 'zustand';
import {
  type Doc,
  type Draft,
  dropDraft,
  dropLeft,
  findDraft,
  isDoc,
  keepDraft,
  type LeftDraft,
  rememberBranch,
} from './draft.ts';
import { begin, edit, type History, redo, seal, undo } from './history.ts';

/** How far the plan on screen is saved. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'no-answer' | 'clash' | 'refused';

interface SavedRevision {
  id: string;
  number: number;
}

/** Somebody else's plan beside the one on screen: a newer revision, or what a closed tab left behind. */
export interface Other {
  plan: Plan;
  /** The plan that both started from. */
  base: Plan;
  /** The newer revision; null for what a closed tab left. */
  revision: SavedRevision | null;
  /** What a closed tab left: kept until it is in the plan. */
  left: LeftDraft | null;
}

/** Fields that both changed, to be asked. */
export interface Clashing extends Other {
  clashes: PlanClash[];
  /** Tubes that would not stand if the two were put together. */
  fallen: string[];
}

/** Somebody else's changes that were put into the plan on screen, for telling. */
interface Merged {
  revision: SavedRevision | null;
  before: Plan;
  changes: FieldChange[];
}

interface JobState {
  jobId: string | null;
  /** The revision that the plan on screen goes on from. */
  base: SavedRevision;
  /** The plan of that revision: what is not saved yet is what differs from it. */
  savedPlan: Plan | null;
  /** The variant that is worked on. */
  branch: string;
  history: History<Plan> | null;
  typing: Record<string, string>;
  /** Somebody closed the job: nothing in it is changed. */
  closed: boolean;
  saveState: SaveState;
  /** Why the server refused a save. */
  refusal: string;
  /** Saves that were sent and not answered. */
  sent: string[];
  clash: Clashing | null;
  merged: Merged | null;
  /** What closed tabs left behind. */
  left: LeftDraft[];

  /** left: what closed tabs left of it; where this tab left nothing itself, the first of them is gone on with. */
  open: (jobId: string, head: Revision, left?: LeftDraft[]) => void;
  /** Takes the job off the screen. What is not saved stays in the browser. */
  close: () => void;
  /** Whether the job on screen is closed, as the server has it. */
  setClosed: (closed: boolean) => void;
  /** Changes the plan; edits of one key in a row are one undo. */
  change: (key: string, recipe: (plan: Mutable<Plan>) => void) => void;
  /** Puts another plan in place of this one, as one undo step: an earlier revision, restored. */
  replace: (key: string, plan: Plan) => void;
  /** Goes on with another variant of the open job; what is on screen is saved before. */
  switchTo: (head: Revision, left?: LeftDraft[]) => void;
  setTyping: (field: string, text: string | undefined) => void;
  seal: () => void;
  undo: () => void;
  redo: () => void;
  /** A save of the plan on screen is on its way, under this id. */
  saving: (id: string) => void;
  /** The server has a plan of this job and variant, on screen or not any more. */
  savedAs: (doc: Doc, revision: SavedRevision, plan: Plan) => void;
  notSaved: (doc: Doc, state: 'no-answer' | 'refused', refusal?: string) => void;
  /** The newest revision is our own save, whose answer was lost: it is gone on from. */
  goOnFrom: (revision: SavedRevision, plan: Plan) => void;
  /** A newer revision is there, and is being put together with the plan on screen. */
  comparing: () => void;
  /** Fields that both changed are asked. */
  ask: (clash: Clashing) => void;
  /** Puts the two plans together as one undo step. */
  merge: (other: Other, plan: Plan, changes: FieldChange[]) => void;
  seenMerge: () => void;
  dropLeft: (left: LeftDraft) => void;
}

/** No job is open. */
const NOTHING = {
  jobId: null,
  base: { id: '', number: 0 },
  savedPlan: null,
  branch: MAIN_BRANCH,
  history: null,
  typing: {},
  closed: false,
  saveState: 'saved',
  refusal: '',
  sent: [] as string[],
  clash: null,
  merged: null,
  left: [] as LeftDraft[],
} as const;

/** The plan of the open job with its undo history, and how far it is saved. */
export const usePlanStore = create<JobState>()((set, get) => {
  const keep = (changes: Partial<JobState>) => {
    set(changes);
    const { base, history, typing, sent } = get();
    const of = openDoc();
    if (of && history) keepDraft(of, { base, plan: history.present, typing, sent });
  };
  const move = (next: (history: History<Plan>) => History<Plan>) => {
    const { history, closed } = get();
    if (!history) return;
    if (closed) return void toast.error('This job is closed: open it again to change it.', { id: 'closed' });
    const moved = next(history);
    if (moved !== history) keep({ history: moved, saveState: unsaved(get().saveState) });
  };
  return {
    ...NOTHING,
    open: (jobId, head, left = []) => {
      const of = { jobId, branch: head.branch };
      const own = findDraft(of);
      const [first] = left;
      const draft = own ?? first?.draft;
      set({
        ...NOTHING,
        jobId,
        branch: head.branch,
        // Another variant of a closed job is closed as well.
        closed: get().jobId === jobId && get().closed,
        ...stateOf(head, draft),
        left: own ? left : left.slice(1),
      });
      if (!own && first) {
        keep({});
        dropLeft(first);
      }
    },
    close: () => set(NOTHING),
    setClosed: (closed) => set({ closed }),
    change: (key, recipe) => move((history) => edit(history, key, produce(history.present, recipe))),
    replace: (key, plan) => {
      set({ typing: {} });
      move((history) => edit(seal(history), key, plan));
    },
    switchTo: (head, left) => {
      const { jobId } = get();
      if (!jobId) return;
      rememberBranch(jobId, head.branch);
      get().open(jobId, head, left);
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
    saving: (id) => {
      const { sent } = get();
      keep({ saveState: 'saving', sent: sent.includes(id) ? sent : [...sent, id] });
    },
    savedAs: (of, { id, number }, plan) => {
      const base = { id, number };
      const { history, typing } = get();
      if (!isOpen(of)) return draftSaved(of, base, plan);
      const done = history?.present === plan;
      keep({ base, savedPlan: plan, saveState: done ? 'saved' : 'waiting', refusal: '', sent: [] });
      if (done && Object.keys(typing).length === 0) dropDraft(of);
    },
    notSaved: (of, saveState, refusal = '') => {
      if (isOpen(of)) set({ saveState, refusal });
    },
    goOnFrom: ({ id, number }, plan) => {
      const same = isSameData(get().history?.present, plan);
      keep({ base: { id, number }, savedPlan: plan, sent: [], saveState: same ? 'saved' : 'waiting' });
    },
    comparing: () => set({ saveState: 'clash' }),
    ask: (clash) => set({ clash }),
    merge: ({ revision, plan: theirs, left }, plan, changes) => {
      const { history, base, merged, savedPlan } = get();
      if (!history) return;
      const saved = revision !== null && isSameData(plan, theirs);
      keep({
        base: revision ?? base,
        savedPlan: revision ? theirs : savedPlan,
        history: changes.length === 0 ? history : edit(seal(history), 'merge', plan),
        clash: null,
        saveState: saved ? 'saved' : 'waiting',
        sent: [],
        merged: changes.length === 0 ? merged : { revision, before: history.present, changes },
      });
      if (left) get().dropLeft(left);
    },
    seenMerge: () => set({ merged: null }),
    dropLeft: (left) => {
      dropLeft(left);
      set({ left: get().left.filter(({ key }) => key !== left.key) });
    },
  };
});

/** A job as it is gone on with: from its newest revision, or from what was left unsaved. */
function stateOf(head: Revision, draft: Draft | undefined | null) {
  const newest = { id: head.id, number: head.number };
  if (!draft) return { base: newest, savedPlan: head.plan, history: begin(head.plan) };
  const changed = !isSameData(draft.plan, head.plan);
  // A save that was sent and never answered: the server had it.
  const arrived = draft.sent.includes(head.id);
  return {
    base: changed && !arrived ? draft.base : newest,
    savedPlan: head.plan,
    history: begin(changed ? draft.plan : head.plan),
    typing: draft.typing,
    sent: changed && !arrived ? draft.sent : [],
    saveState: changed ? ('waiting' as const) : ('saved' as const),
  };
}

/** A save of a plan that is off the screen by now was answered: its draft goes on from there, or is done with. */
function draftSaved(of: Doc, base: SavedRevision, plan: Plan): void {
  const draft = findDraft(of);
  if (!draft) return;
  const done = isSameData(draft.plan, plan);
  if (done && Object.keys(draft.typing).length === 0) dropDraft(of);
  else keepDraft(of, { ...draft, base, sent: [] });
}

/** A change during a clash does not make the clash go away. */
const unsaved = (state: SaveState): SaveState => (state === 'clash' ? 'clash' : 'waiting');

/** Which job and variant are on screen; null where none is. */
export function openDoc(): Doc | null {
  const { jobId, branch } = usePlanStore.getState();
  return jobId === null ? null : { jobId, branch };
}

/** Whether a job and variant are still those on screen: what was waited for belongs to no other. */
export function isOpen(doc: Doc): boolean {
  const current = openDoc();
  return current !== null && isDoc(doc, current);
}

/** The plan on screen. Only inside an open job. */
export function usePlan(): Plan {
  const plan = usePlanStore((state) => state.history?.present);
  if (!plan) throw new Error('no job is open');
  return plan;
}
