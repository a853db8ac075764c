/** Undo and redo of whole documents. Edits of one key in a row are one step, so that typing a number is one undo. */
export interface History<T> {
  past: T[];
  present: T;
  future: T[];
  lastKey: string | null;
}

const DEEPEST = 200;

/** A history that begins with a plan. */
export const begin = <T>(present: T): History<T> => ({ past: [], present, future: [], lastKey: null });

/** One step further; edits of one key in a row are one step. */
export function edit<T>(history: History<T>, key: string, next: T): History<T> {
  if (next === history.present) return history;
  if (key === history.lastKey) return { ...history, present: next, future: [] };
  return {
    past: [...history.past, history.present].slice(-DEEPEST),
    present: next,
    future: [],
    lastKey: key,
  };
}

/** The next edit is a step of its own, whatever its key. */
export const seal = <T>(history: History<T>): History<T> => ({ ...history, lastKey: null });

/** One step back; the same where there is none. */
export function undo<T>(history: History<T>): History<T> {
  const present = history.past.at(-1);
  if (present === undefined) return history;
  return {
    past: history.past.slice(0, -1),
    present,
    future: [history.present, ...history.future],
    lastKey: null,
  };
}

/** One step forward again; the same where there is none. */
export function redo<T>(history: History<T>): History<T> {
  const [present, ...future] = history.future;
  if (present === undefined) return history;
  return { past: [...history.past, history.present], present, future, lastKey: null };
}
