import { lazy, Suspense, useEffect, useState } from 'react';

/** It comes when it is asked for: it stands over every page, and is seldom wanted. */
const ShortcutsDialog = lazy(async () => ({
  default: (await import('./ShortcutsDialog.tsx')).ShortcutsDialog,
}));

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
  if (!open) return null;
  return (
    <Suspense fallback={null}>
      <ShortcutsDialog onClose={() => setOpen(false)} />
    </Suspense>
  );
}
