import { formatWithUnit, type Symmetry } from '@gyrus/core';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { type Column, DataTable } from '../../../shared/figures/DataTable.tsx';
import { Typeset } from '../../../shared/figures/Figure.tsx';

/** Each tube against its mirror image: symmetry is what is judged at a glance. */
export function SymmetryPanel() {
  const { symmetry } = useEvaluation();
  const style = useJobStyle();
  const columns: Column<Symmetry>[] = [
    { name: 'tubes', cell: (row) => row.stamps.join(' and ') },
    {
      name: 'differs by',
      cell: (row) =>
        row.difference === null ? (
          'stands on one side'
        ) : (
          <Typeset text={formatWithUnit(row.difference, style)} />
        ),
      sortBy: (row) => row.difference ?? -1,
    },
    {
      name: 'in length',
      cell: (row) => <Typeset text={formatWithUnit(Math.abs(row.lengthDifference), style)} />,
      sortBy: (row) => Math.abs(row.lengthDifference),
    },
  ];
  return (
    <section aria-label="Symmetry" className="space-y-2">
      <h2 className="text-lg">Against the mirror image</h2>
      <p className="text-quiet text-sm">
        In space the other side's tubes are laid over in orange: where they show, the sides differ.
      </p>
      <div className="max-h-96 overflow-auto">
        <DataTable
          caption="Symmetry"
          rows={symmetry}
          columns={columns}
          rowKey={(row) => row.stamps.join('/')}
        />
      </div>
    </section>
  );
}
