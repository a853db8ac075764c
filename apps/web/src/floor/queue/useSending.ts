import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { followOtherTabs, useFloorQueue } from './floorQueue.ts';
import { sendWaiting } from './sending.ts';

/** After which what waits is tried again. ms */
const AGAIN = 2000;

/** Sends what was done on this device for as long as a floor page is open, and asks for the sheets' state when something arrived. */
export function useSending(): void {
  const client = useQueryClient();
  const waiting = useFloorQueue(({ items }) => items.filter(({ fate }) => fate.at === 'waiting').length);
  useEffect(() => followOtherTabs(), []);
  useEffect(() => {
    if (waiting === 0) return;
    const send = () => void sendWaiting().then(() => client.invalidateQueries({ queryKey: ['floor-state'] }));
    send();
    const timer = setInterval(send, AGAIN);
    window.addEventListener('online', send);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, [waiting, client]);
}
