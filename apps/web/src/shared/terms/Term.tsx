import { type TermKey } from '@gyrus/formats';
import { lazy, type ReactNode, type RefObject, Suspense, useRef, useState } from 'react';

const TermPopover = lazy(async () => ({ default: (await import('./TermPopover.tsx')).TermPopover }));

/** A word of the trade with its help in place: while a mouse is on it or it has the focus, and on a tap. */
export function Term({ of, children }: { of: TermKey; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const word = useRef<HTMLButtonElement>(null);
  return (
    <>
      <button
        ref={word}
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        className="min-h-6 cursor-help underline decoration-dotted underline-offset-4"
        onClick={() => setOpen(!open)}
        onPointerEnter={(event) => event.pointerType === 'mouse' && setOpen(true)}
        onPointerLeave={(event) => event.pointerType === 'mouse' && setOpen(false)}
        onFocus={(event) => event.target.matches(':focus-visible') && setOpen(true)}
        onBlur={() => setOpen(false)}
      >
        {children}
      </button>
      {open && (
        <Suspense fallback={null}>
          <TermPopover of={of} word={word as RefObject<HTMLButtonElement>} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
