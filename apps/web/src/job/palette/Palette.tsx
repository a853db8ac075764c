import { type Evaluation } from '@gyrus/core';
import { lazy, Suspense } from 'react';
import { usePalette } from './usePalette.ts';

const CommandPalette = lazy(async () => ({
  default: (await import('./CommandPalette.tsx')).CommandPalette,
}));

/** The list of everything that can be done, which comes when it is first asked for. */
export function Palette({ evaluation }: { evaluation: Evaluation }) {
  const { open, setOpen } = usePalette();
  if (!open) return null;
  return (
    <Suspense fallback={null}>
      <CommandPalette evaluation={evaluation} onClose={() => setOpen(false)} />
    </Suspense>
  );
}
