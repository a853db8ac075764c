import { type ReactNode } from 'react';

interface BandProps {
  label: string;
  /** `loud` interrupts who listens; `calm` waits its turn. */
  kind: 'loud' | 'calm';
  children: ReactNode;
  actions?: ReactNode;
}

/** A message over the whole width of the page, above the work it is about. */
export const Band = ({ label, kind, children, actions }: BandProps) => (
  <section
    aria-label={label}
    role={kind === 'loud' ? 'alert' : 'status'}
    className={`flex flex-wrap items-center gap-x-4 gap-y-2 border-y-2 px-5 py-2 ${kind === 'loud' ? 'border-out bg-white' : 'border-chalk bg-sheet'}`}
  >
    <div className="min-w-60 flex-1">{children}</div>
    {actions && <div className="flex flex-wrap gap-2">{actions}</div>}
  </section>
);
