import {
  type Die,
  formatAngle,
  INCHES,
  type LengthStyle,
  MILLIMETRES,
  type Shop,
  type Unit,
  writtenLength,
} from '@gyrus/core';
import { Pencil, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../shared/frame/Button.tsx';
import { Dialog } from '../shared/frame/Dialog.tsx';
import { ErrorBoundary } from '../shared/frame/ErrorBoundary.tsx';
import { Typeset } from '../shared/figures/Figure.tsx';
import { Header } from '../shared/frame/Header.tsx';
import { useShop } from '../shared/server/queries.ts';
import { Segmented } from '../shared/fields/Segmented.tsx';
import { Loading, Trouble } from '../shared/frame/Waiting.tsx';
import { DieForm } from './DieForm.tsx';
import { MachineForm } from './MachineForm.tsx';
import { TestBends } from './TestBends.tsx';
import { TubeStock } from './TubeStock.tsx';
import { useShopForm } from './useShopForm.ts';

type Machine = Shop['machines'][number];

/** What is open over the page. Dies and machines are named by id, so that they stay fresh as they change. */
type Open =
  | { what: 'machine'; machine: Machine | null }
  | { what: 'die'; machine: string; die: Die | null }
  | { what: 'tests'; die: string }
  | { what: 'remove'; path: string; name: string };

const UNITS = [
  { value: 'in', text: 'type inches' },
  { value: 'mm', text: 'type millimetres' },
] as const;

/** Machines with their dies and test bends, and the tube. */
export function ShopPage() {
  const shop = useShop();
  const [open, setOpen] = useState<Open | null>(null);
  const [unit, setUnit] = useState<Unit>('in');
  const style = unit === 'in' ? INCHES : MILLIMETRES;
  const close = () => setOpen(null);
  return (
    <div className="flex min-h-full flex-col">
      <Header
        actions={<Segmented quiet label="type lengths in" value={unit} options={UNITS} onChange={setUnit} />}
      />
      <main className="mx-auto w-full max-w-5xl space-y-8 p-6">
        <div className="flex items-center justify-between">
          <h1 className="text-3xl">Shop</h1>
          <Button kind="strong" onClick={() => setOpen({ what: 'machine', machine: null })}>
            <Plus aria-hidden="true" className="size-5" />
            Add a machine
          </Button>
        </div>
        {shop.isPending && <Loading what="the shop" />}
        {shop.isError && <Trouble error={shop.error} retry={() => void shop.refetch()} />}
        {shop.data && shop.data.machines.length === 0 && (
          <p className="bg-sheet border-rule rounded-machined border p-5">
            No machine yet. Add your bender, then its dies, then a test bend or two: the marks and readings
            come from them.
          </p>
        )}
        {shop.data?.machines.map((machine) => (
          <MachineCard key={machine.id} machine={machine} open={setOpen} />
        ))}
        {shop.data && <TubeStock tubes={shop.data.tubes} style={style} />}
      </main>
      {open && shop.data && <OpenDialog open={open} shop={shop.data} style={style} close={close} />}
    </div>
  );
}

function OpenDialog({
  open,
  shop,
  style,
  close,
}: {
  open: Open;
  shop: Shop;
  style: LengthStyle;
  close: () => void;
}) {
  if (open.what === 'machine')
    return (
      <Dialog open title={open.machine ? 'Machine' : 'New machine'} onClose={close}>
        <MachineForm machine={open.machine} done={close} />
      </Dialog>
    );
  if (open.what === 'die')
    return (
      <Dialog open title={open.die ? 'Die' : 'New die'} onClose={close}>
        <DieForm machine={open.machine} die={open.die} style={style} done={close} />
      </Dialog>
    );
  if (open.what === 'remove')
    return (
      <Dialog open title={`Remove ${open.name}?`} onClose={close}>
        <RemoveForm path={open.path} close={close} />
      </Dialog>
    );
  const die = shop.machines.flatMap((machine) => machine.dies).find((one) => one.id === open.die);
  return die ? (
    <Dialog open title={`Test bends, ${die.name}`} onClose={close}>
      <TestBends die={die} style={style} />
    </Dialog>
  ) : null;
}

function RemoveForm({ path, close }: { path: string; close: () => void }) {
  const { send, sending } = useShopForm(close);
  return (
    <div>
      <p className="mb-4">
        What belongs to it goes with it. Plans keep the data that they were designed with.
      </p>
      <div className="flex gap-3">
        <Button kind="danger" disabled={sending} onClick={() => send({ path, method: 'DELETE' })}>
          Remove it
        </Button>
        <Button onClick={close}>Keep it</Button>
      </div>
    </div>
  );
}

function MachineCard({ machine, open }: { machine: Machine; open: (open: Open) => void }) {
  return (
    <section aria-label={machine.name} className="bg-sheet border-rule rounded-machined border">
      <div className="border-rule flex flex-wrap items-center justify-between gap-2 border-b px-4 py-2">
        <h2 className="text-xl">
          {machine.name} <span className="text-quiet text-base font-medium">{machine.note}</span>
        </h2>
        <div className="flex gap-1">
          <Button onClick={() => open({ what: 'die', machine: machine.id, die: null })}>
            <Plus aria-hidden="true" className="size-5" />
            Add a die
          </Button>
          <Button
            kind="quiet"
            aria-label={`Change ${machine.name}`}
            onClick={() => open({ what: 'machine', machine })}
          >
            <Pencil aria-hidden="true" className="size-5" />
          </Button>
          <Button
            kind="quiet"
            aria-label={`Remove ${machine.name}`}
            onClick={() => open({ what: 'remove', path: `machines/${machine.id}`, name: machine.name })}
          >
            <Trash2 aria-hidden="true" className="size-5" />
          </Button>
        </div>
      </div>
      {machine.dies.length === 0 && (
        <p className="text-quiet p-4">No die yet: add one with its radius and where its mark is set.</p>
      )}
      <ul>
        {machine.dies.map((die) => (
          <ErrorBoundary
            key={die.id}
            what="This die"
            fallback={
              <BrokenDie onRemove={() => open({ what: 'remove', path: `dies/${die.id}`, name: die.name })} />
            }
          >
            <DieRow machine={machine.id} die={die} open={open} />
          </ErrorBoundary>
        ))}
      </ul>
    </section>
  );
}

const BrokenDie = ({ onRemove }: { onRemove: () => void }) => (
  <li className="border-rule text-out flex items-center justify-between border-b px-4 py-2 font-semibold">
    This die could not be shown.
    <Button kind="danger" onClick={onRemove}>
      Remove it
    </Button>
  </li>
);

const REFERENCE_WORDS = {
  start: "at the bend's start",
  centre: "at the bend's centre",
  end: "at the bend's end",
};

function DieRow({ machine, die, open }: { machine: string; die: Die; open: (open: Open) => void }) {
  const offset = die.offset.mm === 0 ? '' : `, ${writtenLength(die.offset)} toward the clamp`;
  const most = die.largestAngle ? `, to ${formatAngle(die.largestAngle.deg)}°` : '';
  return (
    <li className="border-rule flex flex-wrap items-center justify-between gap-3 border-b px-4 py-2 last:border-b-0">
      <div>
        <div className="font-semibold">
          <Typeset text={die.name} />
        </div>
        <div className="text-quiet text-sm">
          <Typeset
            text={`mark ${REFERENCE_WORDS[die.reference]}${offset}; clamp needs ${writtenLength(die.clampLength)}${most}`}
          />
        </div>
      </div>
      <div className="flex items-center gap-1">
        <Button onClick={() => open({ what: 'tests', die: die.id })}>
          {die.tests.length === 0
            ? 'Test bend due'
            : `${die.tests.length} test bend${die.tests.length === 1 ? '' : 's'}`}
        </Button>
        <Button
          kind="quiet"
          aria-label={`Change ${die.name}`}
          onClick={() => open({ what: 'die', machine, die })}
        >
          <Pencil aria-hidden="true" className="size-5" />
        </Button>
        <Button
          kind="quiet"
          aria-label={`Remove ${die.name}`}
          onClick={() => open({ what: 'remove', path: `dies/${die.id}`, name: die.name })}
        >
          <Trash2 aria-hidden="true" className="size-5" />
        </Button>
      </div>
    </li>
  );
}
