import { useEffect } from 'react';
import { usePlanStore } from './planStore.ts';

/** Ctrl+Z undoes, Ctrl+Y or Ctrl+Shift+Z redoes, in a field too: every key of a field is in the plan's history. */
export function useUndoKeys(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
      const key = event.key.toLowerCase();
      const { undo, redo } = usePlanStore.getState();
      if (key === 'z' && !event.shiftKey) undo();
      else if (key === 'y' || (key === 'z' && event.shiftKey)) redo();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
