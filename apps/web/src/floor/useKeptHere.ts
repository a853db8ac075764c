import { useEffect, useState } from 'react';
import { useAskAgain } from '../shared/server/useAskAgain.ts';

/** The worker that keeps these pages and their sheets for when the network is gone; it sees to the floor alone. */
const WORKER = '/floor-worker.js';

/** Has the pages kept on this device. True once they, and the sheets that were asked for, are there without a network. */
export function useKeptHere(): boolean {
  const askAgain = useAskAgain();
  const [kept, setKept] = useState(() => Boolean(navigator.serviceWorker?.controller));
  useEffect(() => {
    const workers = navigator.serviceWorker;
    if (!workers) return;
    // What was asked before the worker was there it has not seen: it is asked again.
    const taken = () => {
      void askAgain({ predicate: ({ queryKey }) => String(queryKey[0]).startsWith('issued') }).then(() =>
        setKept(true),
      );
    };
    workers.addEventListener('controllerchange', taken);
    workers.register(WORKER, { scope: '/floor' }).catch(() => undefined);
    return () => workers.removeEventListener('controllerchange', taken);
  }, [askAgain]);
  return kept;
}
