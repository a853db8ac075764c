import { formatWithUnit, type Stretch } from '@gyrus/core';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { type Column, DataTable } from '../../shared/figures/DataTable.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';

/** What to cut of the padding: which tube, from where to where along it, how long. */
export function PaddingTable({ stretches }: { stretches: Stretch[] }) {
  const style = useJobStyle();
  const length = (mm: number) => (
    <span className="figure">
      <Typeset text={formatWithUnit(mm, style)} />
    </span>
  );
  const total = stretches.reduce((sum, { from, to }) => sum + to - from, 0);
  const columns: Column<Stretch>[] = [
    { name: 'tube', cell: (one) => <strong>{one.stamp}</strong>, sortBy: (one) => one.stamp },
    { name: 'from end A', cell: (one) => length(one.from) },
    { name: 'to', cell: (one) => length(one.to) },
    { name: 'length', cell: (one) => length(one.to - one.from), sortBy: (one) => one.to - one.from },
    {
      name: 'for',
      cell: (one) => `${one.parts.join(', ')} of ${one.who.map((who) => who || 'somebody').join(', ')}`,
    },
  ];
  return (
    <section aria-label="Padding" className="space-y-2">
      <h2 className="text-xl">Padding</h2>
      {stretches.length === 0 ? (
        <p className="text-quiet">Neither helmet nor limbs reach a tube.</p>
      ) : (
        <>
          <p>
            <Typeset
              text={`${formatWithUnit(total, style)} in ${stretches.length} stretches. Hard, energy-absorbing padding where a helmet strikes; soft foam is for knees and elbows.`}
            />
          </p>
          <DataTable
            caption="Padding"
            rows={stretches}
            columns={columns}
            rowKey={(one) => `${one.piece}/${one.from}`}
          />
        </>
      )}
    </section>
  );
}
