import { useCallback, useEffect, useRef } from 'react';

/** One function for the life of a component, that does what the newest one given does: for what is drawn anew when it changes. */
export function useStable<Args extends unknown[]>(action: (...args: Args) => void): (...args: Args) => void {
  const newest = useRef(action);
  useEffect(() => {
    newest.current = action;
  });
  return useCallback((...args: Args) => newest.current(...args), []);
}
