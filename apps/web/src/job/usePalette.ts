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
