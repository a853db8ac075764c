import { useEffect } from 'react';

/** Keeps the screen awake while a floor page is open: nobody wakes a tablet with a tube in both hands. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const hold = async () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (gone) await lock.release();
      } catch {
        // A device that is low on power refuses: the screen then goes dark as it would anyway.
      }
    };
    void hold();
    const again = () => void hold();
    document.addEventListener('visibilitychange', again);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, []);
}
