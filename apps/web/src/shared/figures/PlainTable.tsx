import { type ReactNode } from 'react';

interface PlainTableProps {
  /** The heads of its columns; one that is unseen is read out, where what stands below speaks for itself. */
  names: readonly (string | { unseen: string })[];
  /** As wide as its place, where its cells are sentences. */
  wide?: boolean;
  /** What it is, where no heading says it. */
  caption?: string;
  /** Its rows. */
  children: ReactNode;
}

/** A table that is read and not sorted. */
export const PlainTable = ({ names, wide = false, caption, children }: PlainTableProps) => (
  <table className={`bg-sheet border-rule border text-left ${wide ? 'w-full' : ''}`}>
    {caption !== undefined && <caption className="mb-1 text-left font-semibold">{caption}</caption>}
    <thead className="bg-sheet2 text-quiet text-sm">
      <tr>
        {names.map((name, i) => (
          <th key={i} scope="col" className="px-3 py-1.5 font-medium">
            {typeof name === 'string' ? name : <span className="sr-only">{name.unseen}</span>}
          </th>
        ))}
      </tr>
    </thead>
    <tbody>{children}</tbody>
  </table>
);

interface CellProps {
  /** Figures stand under each other. */
  figure?: boolean;
  /** Kept on one line: a clause, a measured figure. */
  whole?: boolean;
  children: ReactNode;
}

/** A cell of a plain table. */
export const Cell = ({ figure = false, whole = false, children }: CellProps) => (
  <td className={`px-3 py-1.5 ${figure ? 'figure' : ''} ${whole ? 'whitespace-nowrap' : ''}`}>{children}</td>
);

/** A row of a plain table. */
export const TableRow = ({ children }: { children: ReactNode }) => (
  <tr className="border-rule border-t align-top">{children}</tr>
);
