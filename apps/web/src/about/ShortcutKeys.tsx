import { lazy, Suspense, useEffect, useState } from 'react';
import { Dialog } from '../shared/frame/Dialog.tsx';

const Shortcuts = lazy(async () => ({ default: (await import('./Shortcuts.tsx')).Shortcuts }));

const WRITING = 'input, textarea, select, [contenteditable]';

/** A question mark, typed where nothing is written, lists the keys. */
export function ShortcutKeys() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== '?' || event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.target instanceof Element && event.target.closest(WRITING)) return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <Dialog title="Keys" open={open} onClose={() => setOpen(false)} kept>
      <Suspense fallback={null}>
        <Shortcuts />
      </Suspense>
    </Dialog>
  );
}
