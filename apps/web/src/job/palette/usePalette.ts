import { useEffect } from 'react';
import { create } from 'zustand';

interface Palette {
  open: boolean;
  setOpen: (open: boolean) => void;
}

/** Whether the list of everything that can be done is open: by its key, or by its button. */
export const usePalette = create<Palette>()((set) => ({
  open: false,
  setOpen: (open) => set({ open }),
}));

/** Ctrl+K opens the list, also while the answers of a job are still on their way: it is there as soon as they are. */
export function usePaletteKeys(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
      event.preventDefault();
      const { open, setOpen } = usePalette.getState();
      setOpen(!open);
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
      usePalette.getState().setOpen(false);
    };
  }, []);
}
