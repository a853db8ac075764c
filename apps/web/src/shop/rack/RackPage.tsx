import { type OnRack } from '@gyrus/contract';
import { writtenLength } from '@gyrus/core';
import { tubeWords } from '@gyrus/formats';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { ShopSubPage } from '../ShopSubPage.tsx';
import { useLengthStyle } from '../../shared/fields/useLengthStyle.tsx';
import { type Column, DataTable } from '../../shared/figures/DataTable.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { Dialog } from '../../shared/frame/Dialog.tsx';
import { Loading, Trouble } from '../../shared/frame/Waiting.tsx';
import { useJobs } from '../../shared/server/queries.ts';
import { RackForm } from './RackForm.tsx';
import { useRack, useRackChange } from './useRack.ts';

/** The rack: sticks, offcuts and bent pieces, where each lies, and which job it is reserved for. */
export function RackPage() {
  const rack = useRack();
  const jobs = useJobs().data ?? [];
  const change = useRackChange();
  const [style, unitSwitch] = useLengthStyle();
  const [adding, setAdding] = useState(false);
  const nameOf = (id: string) => jobs.find((job) => job.id === id)?.name ?? 'a job';
  const take = (piece: OnRack) => change.mutate({ take: piece.id });
  return (
    <ShopSubPage
      title="Rack"
      unitSwitch={unitSwitch}
      action={
        <Button kind="strong" onClick={() => setAdding(true)}>
          <Plus aria-hidden="true" className="size-5" />
          Put tube on the rack
        </Button>
      }
    >
      {rack.isPending && <Loading what="the rack" />}
      {rack.isError && <Trouble error={rack.error} retry={() => void rack.refetch()} />}
      {rack.data?.length === 0 && (
        <p className="bg-sheet border-rule rounded-machined border p-5">
          Nothing lies on the rack. Put what you have there, sticks and offcuts: a job’s cut plan uses it
          before anything is bought, and offcuts come back here when a stick is sawn.
        </p>
      )}
      {rack.data && rack.data.length > 0 && (
        <DataTable
          caption="On the rack"
          rows={rack.data}
          columns={columnsOf(nameOf, take)}
          rowKey={({ id }) => id}
        />
      )}
      <Dialog title="Put tube on the rack" open={adding} onClose={() => setAdding(false)}>
        <RackForm style={style} done={() => setAdding(false)} />
      </Dialog>
    </ShopSubPage>
  );
}

const whatIs = ({ bends, whole }: OnRack): string =>
  bends
    ? `bent, ${bends.bends.length} bend${bends.bends.length === 1 ? '' : 's'}`
    : whole
      ? 'stick'
      : 'offcut';

const columnsOf = (nameOf: (job: string) => string, take: (piece: OnRack) => void): Column<OnRack>[] => [
  {
    name: 'tube',
    sortBy: ({ od, wall }) => od.mm * 1000 + wall.mm,
    cell: (piece) => <Typeset text={tubeWords({ ...piece, batch: '' })} />,
  },
  {
    name: 'length',
    sortBy: ({ length }) => length.mm,
    cell: ({ length }) => (
      <span className="figure">
        <Typeset text={writtenLength(length)} />
      </span>
    ),
  },
  { name: 'what', sortBy: whatIs, cell: whatIs },
  { name: 'batch', sortBy: ({ batch }) => batch, cell: ({ batch }) => batch || '–' },
  { name: 'place', sortBy: ({ place }) => place, cell: ({ place }) => place || '–' },
  {
    name: 'reserved for',
    sortBy: ({ promised }) => promised?.who ?? '',
    cell: ({ promised }) =>
      promised ? `${promised.jobs.map(nameOf).join(', ')}, by ${promised.who}` : 'nobody',
  },
  { name: 'note', cell: ({ note }) => note || '–' },
  {
    name: 'what can be done',
    unseen: true,
    cell: (piece) => (
      <Button
        kind="quiet"
        disabled={piece.promised !== null}
        aria-label={`Take ${writtenLength(piece.length)} of ${writtenLength(piece.od)} off the rack`}
        onClick={() => take(piece)}
      >
        <Trash2 aria-hidden="true" className="size-5" />
      </Button>
    ),
  },
];
