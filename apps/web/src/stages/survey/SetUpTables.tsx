import { formatAngle, formatWithUnit, type Loop, type Node, type PanelHole, type Vec3 } from '@gyrus/core';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { RecordFields } from '../../job/fields/RecordFields.tsx';
import { type Column, DataTable } from '../../shared/figures/DataTable.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';

/** What a frame is set up by: nodes with stand heights, bay diagonals; and the holes where bars pass panels. */
export function SetUpTables() {
  const { nodes, loops, panelHoles, members } = useEvaluation();
  const style = useJobStyle();
  const length = (mm: number) => <Typeset text={formatWithUnit(mm, style)} />;
  const place = (at: Vec3) => <Typeset text={at.map((one) => formatWithUnit(one, style)).join(', ')} />;
  const stampOf = (piece: string) =>
    members.flatMap(({ pieces }) => pieces).find((one) => one.piece === piece)?.stamp ?? piece;
  const bays = loops.filter(({ diagonals }) => diagonals !== null);
  const nodeColumns: Column<Node>[] = [
    { name: 'node', cell: (node) => node.name },
    { name: 'forward, left, up', cell: (node) => place(node.at) },
    { name: 'stand', cell: (node) => length(node.standHeight), sortBy: (node) => node.standHeight },
    { name: 'tubes', cell: (node) => node.stamps.join(', ') },
  ];
  const bayColumns: Column<Loop>[] = [
    { name: 'bay', cell: (bay) => bay.pieces.map(stampOf).join(', ') },
    { name: 'one diagonal', cell: (bay) => length(bay.diagonals?.[0] ?? 0) },
    { name: 'the other', cell: (bay) => length(bay.diagonals?.[1] ?? 0) },
  ];
  const holeColumns: Column<PanelHole>[] = [
    { name: 'bar', cell: (hole) => `${hole.stamp} through ${hole.name}` },
    { name: 'centre', cell: (hole) => place(hole.at) },
    {
      name: 'hole',
      cell: (hole) => (
        <>
          {length(hole.width)} by {length(hole.length)}, {formatAngle(hole.slant)}° off square
        </>
      ),
    },
    { name: 'slot to weld', cell: (hole) => (hole.slid ? length(hole.slid.slot) : 'none') },
  ];
  return (
    <>
      <section aria-label="Holes in panels" className="space-y-2">
        <h2 className="text-lg">Holes in panels</h2>
        <RecordFields
          path={['weldPosition']}
          fields={[
            { type: 'length', at: 'forward', label: 'cage slid forward to weld' },
            { type: 'length', at: 'drop', label: 'cage dropped to weld', least: 0 },
          ]}
        />
        {panelHoles.length === 0 ? (
          <p className="text-quiet text-sm">No bar passes a panel.</p>
        ) : (
          <DataTable
            caption="Holes in panels"
            rows={panelHoles}
            columns={holeColumns}
            rowKey={(hole) => `${hole.panel}/${hole.piece}/${hole.at[0]}`}
          />
        )}
      </section>
      <section aria-label="Nodes to set up by" className="space-y-2">
        <h2 className="text-lg">Nodes to set up by</h2>
        <p className="text-quiet text-sm">
          For a frame on a table: each place where tubes end, and the height of a stand under it.
        </p>
        <div className="max-h-80 overflow-auto">
          <DataTable caption="Nodes" rows={nodes} columns={nodeColumns} rowKey={(node) => node.name} />
        </div>
      </section>
      {bays.length > 0 && (
        <section aria-label="Bay diagonals" className="space-y-2">
          <h2 className="text-lg">Bay diagonals</h2>
          <DataTable
            caption="Bay diagonals"
            rows={bays}
            columns={bayColumns}
            rowKey={(bay) => bay.pieces.join('/')}
          />
        </section>
      )}
    </>
  );
}
