import { type ReactNode } from 'react';

/** A control under its label. */
export const Labelled = ({ id, label, children }: { id: string; label: string; children: ReactNode }) => (
  <div>
    <label htmlFor={id} className="text-quiet mb-1 block text-sm">
      {label}
    </label>
    {children}
  </div>
);
