import { type ReactNode } from 'react';
import { ResponsiveContainer } from 'recharts';

/** A chart under its name. */
export const ChartFrame = ({ name, children }: { name: string; children: ReactNode }) => (
  <figure aria-label={name} className="bg-sheet border-rule rounded-machined self-start border p-3">
    <figcaption className="text-quiet mb-1 text-sm">{name}</figcaption>
    <ResponsiveContainer width="100%" height={230}>
      {children}
    </ResponsiveContainer>
  </figure>
);
