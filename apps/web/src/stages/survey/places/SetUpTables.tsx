import {
  formatAngle,
  formatWithUnit,
  type Loop,
  type Node,
  type PanelHole,
  type Plan,
  type Vec3,
} from '@gyrus/core';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { fieldsOf } from '../../../job/fields/recordField.ts';
import { RecordFields } from '../../../job/fields/RecordFields.tsx';
import { into, PLAN_PATH } from '../../../job/store/planPath.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { type Column, DataTable } from '../../../shared/figures/DataTable.tsx';
import { Typeset } from '../../../shared/figures/Figure.tsx';

/** What a frame is set up by: nodes with stand heights, bay diagonals; and the holes where bars pass panels. */
export function SetUpTables() {
  return (
    <>
      <PanelHoles />
      <Nodes />
      <BayDiagonals />
    </>
  );
}

function LengthOf({ mm }: { mm: number }) {
  return <Typeset text={formatWithUnit(mm, useJobStyle())} />;
}

function PlaceAt({ at }: { at: Vec3 }) {
  const style = useJobStyle();
  return <Typeset text={at.map((one) => formatWithUnit(one, style)).join(', ')} />;
}

const { extent, length } = fieldsOf<Plan['weldPosition']>();

const WELD_POSITION = [
  length('forward', 'cage slid forward to weld'),
  extent('drop', 'cage dropped to weld'),
];

const HOLE_COLUMNS: Column<PanelHole>[] = [
  { name: 'bar', cell: (hole) => `${hole.stamp} through ${hole.name}` },
  { name: 'centre', cell: (hole) => <PlaceAt at={hole.at} /> },
  {
    name: 'hole',
    cell: (hole) => (
      <>
        <LengthOf mm={hole.width} /> by <LengthOf mm={hole.length} />, {formatAngle(hole.slant)}° off square
      </>
    ),
  },
  { name: 'slot to weld', cell: (hole) => (hole.slid ? <LengthOf mm={hole.slid.slot} /> : 'none') },
];

function PanelHoles() {
  const { panelHoles } = useEvaluation();
  return (
    <section aria-label="Holes in panels" className="space-y-2">
      <h2 className="text-lg">Holes in panels</h2>
      <RecordFields path={into(PLAN_PATH, 'weldPosition')} fields={WELD_POSITION} />
      {panelHoles.length === 0 ? (
        <p className="text-quiet text-sm">No bar passes a panel.</p>
      ) : (
        <DataTable
          caption="Holes in panels"
          rows={panelHoles}
          columns={HOLE_COLUMNS}
          rowKey={(hole) => `${hole.panel}/${hole.piece}/${hole.at[0]}`}
        />
      )}
    </section>
  );
}

const NODE_COLUMNS: Column<Node>[] = [
  { name: 'node', cell: (node) => node.name },
  { name: 'forward, left, up', cell: (node) => <PlaceAt at={node.at} /> },
  { name: 'stand', cell: (node) => <LengthOf mm={node.standHeight} />, sortBy: (node) => node.standHeight },
  { name: 'tubes', cell: (node) => node.stamps.join(', ') },
];

function Nodes() {
  const { nodes } = useEvaluation();
  return (
    <section aria-label="Nodes to set up by" className="space-y-2">
      <h2 className="text-lg">Nodes to set up by</h2>
      <p className="text-quiet text-sm">
        For a frame on a table: each place where tubes end, and the height of a stand under it.
      </p>
      <div className="max-h-80 overflow-auto">
        <DataTable caption="Nodes" rows={nodes} columns={NODE_COLUMNS} rowKey={(node) => node.name} />
      </div>
    </section>
  );
}

function BayDiagonals() {
  const { loops, members } = useEvaluation();
  const bays = loops.filter(({ diagonals }) => diagonals !== null);
  if (bays.length === 0) return null;
  const stampOf = (piece: string) =>
    members.flatMap(({ pieces }) => pieces).find((one) => one.piece === piece)?.stamp ?? piece;
  const columns: Column<Loop>[] = [
    { name: 'bay', cell: (bay) => bay.pieces.map(stampOf).join(', ') },
    { name: 'one diagonal', cell: (bay) => <LengthOf mm={bay.diagonals?.[0] ?? 0} /> },
    { name: 'the other', cell: (bay) => <LengthOf mm={bay.diagonals?.[1] ?? 0} /> },
  ];
  return (
    <section aria-label="Bay diagonals" className="space-y-2">
      <h2 className="text-lg">Bay diagonals</h2>
      <DataTable
        caption="Bay diagonals"
        rows={bays}
        columns={columns}
        rowKey={(bay) => bay.pieces.join('/')}
      />
    </section>
  );
}
