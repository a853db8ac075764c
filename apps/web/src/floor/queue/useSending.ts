import { useEffect } from 'react';
import { followOtherTabs, useFloorQueue } from './floorQueue.ts';
import { sendWaiting } from './sending.ts';
import { useAskAgain } from '../../shared/server/useAskAgain.ts';

/** After which what waits is tried again. ms */
const AGAIN = 2000;

/** Sends what was done on this device for as long as a floor page is open, and asks for the sheets' state when something arrived. */
export function useSending(): void {
  const askAgain = useAskAgain();
  const waiting = useFloorQueue(({ items }) => items.filter(({ fate }) => fate.at === 'waiting').length);
  useEffect(() => followOtherTabs(), []);
  useEffect(() => {
    if (waiting === 0) return;
    const send = () => void sendWaiting().then(() => askAgain({ queryKey: ['floor-state'] }));
    send();
    const timer = setInterval(send, AGAIN);
    window.addEventListener('online', send);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, [waiting, askAgain]);
}
