import { type Evaluation } from '@gyrus/core';
import { lazy, Suspense, useEffect } from 'react';
import { usePalette } from './usePalette.ts';

const CommandPalette = lazy(async () => ({
  default: (await import('./CommandPalette.tsx')).CommandPalette,
}));

/** Ctrl+K opens the list of everything that can be done, which comes when it is first asked for. */
export function PaletteKeys({ evaluation }: { evaluation: Evaluation }) {
  const { open, setOpen } = usePalette();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
      event.preventDefault();
      setOpen(!usePalette.getState().open);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [setOpen]);
  if (!open) return null;
  return (
    <Suspense fallback={null}>
      <CommandPalette evaluation={evaluation} onClose={() => setOpen(false)} />
    </Suspense>
  );
}
