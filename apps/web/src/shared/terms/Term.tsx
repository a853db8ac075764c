import { type TermKey } from '@gyrus/formats';
import { lazy, type ReactNode, Suspense } from 'react';
import { HoverPopover } from './HoverPopover.tsx';

const TermHelp = lazy(async () => ({ default: (await import('./TermHelp.tsx')).TermHelp }));

/** A word of the trade with its help in place: by hover, focus or touch. */
export const Term = ({ of, children }: { of: TermKey; children: ReactNode }) => (
  <HoverPopover
    trigger={children}
    content={
      <Suspense fallback={null}>
        <TermHelp of={of} />
      </Suspense>
    }
  />
);
