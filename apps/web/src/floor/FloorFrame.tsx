import { type ReactNode } from 'react';
import { useWakeLock } from './useWakeLock.ts';

/** The ground of every floor page: marking-out blue, white letters, the screen awake. */
export function FloorFrame({ children }: { children: ReactNode }) {
  useWakeLock();
  return (
    <div className="floor bg-steel-deep flex min-h-full flex-col gap-4 p-5 text-white md:p-7">{children}</div>
  );
}
