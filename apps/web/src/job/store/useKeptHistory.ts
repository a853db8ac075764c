import { useEffect } from 'react';
import { usePlanStore } from './planStore.ts';

/** Fetched when it is needed: nothing on the page waits for it. */
const kept = () => import('./keptHistory.ts');

/** After the last step, before the history is written down. ms */
const PAUSE = 250;

/** Keeps the undo history of the open job in the browser, and finds it again after a reload. */
export function useKeptHistory(): void {
  const jobId = usePlanStore((state) => state.jobId);
  const branch = usePlanStore((state) => state.branch);
  const history = usePlanStore((state) => state.history);
  useEffect(() => {
    const opened = usePlanStore.getState().history;
    if (!jobId || !opened) return;
    const find = async () => {
      const found = await (await kept()).findHistory(jobId, branch, opened.present);
      const now = usePlanStore.getState();
      // Somebody who worked on in the meantime has a history of their own.
      if (found && now.jobId === jobId && now.branch === branch && now.history === opened)
        usePlanStore.setState({ history: found });
    };
    void find();
  }, [jobId, branch]);
  useEffect(() => {
    if (!jobId || !history || history.past.length + history.future.length === 0) return;
    const timer = setTimeout(
      () => void kept().then(({ keepHistory }) => keepHistory(jobId, branch, history)),
      PAUSE,
    );
    return () => clearTimeout(timer);
  }, [jobId, branch, history]);
}
