import { create } from 'zustand';
import { type Asked } from './given.ts';

interface Trouble {
  /** Why an answer could not be worked out, as the program says it: the answers on screen are older than the plan. */
  failed: Partial<Record<Asked, string>>;
  /** How often everything was asked for anew. */
  tries: number;
}

/** Answers that could not be worked out, as pages tell them. */
export const useTrouble = create<Trouble>()(() => ({ failed: {}, tries: 0 }));

/** Whether any answer on screen is older than the plan. */
export const useIsStale = (): boolean => useTrouble(({ failed }) => Object.keys(failed).length > 0);

/** Asks again for whatever is on screen. */
export const tryAgain = (): void => useTrouble.setState(({ tries }) => ({ failed: {}, tries: tries + 1 }));

/** The troubles of a job that is left behind are no others'. */
export const forgetTrouble = (): void => useTrouble.setState({ failed: {} });

/** An answer, or null where it failed, which is told on screen. wanted: whether anybody still waits for it. */
export async function told<T>(what: Asked, answer: Promise<T>, wanted: () => boolean): Promise<T | null> {
  try {
    const found = await answer;
    if (wanted()) tell(what, undefined);
    return found;
  } catch (error) {
    if (wanted()) tell(what, error instanceof Error ? error.message : String(error));
    return null;
  }
}

function tell(what: Asked, why: string | undefined): void {
  const { failed } = useTrouble.getState();
  if (failed[what] === why) return;
  const others = Object.entries(failed).filter(([key]) => key !== what);
  useTrouble.setState({ failed: Object.fromEntries(why === undefined ? others : [...others, [what, why]]) });
}
