import { type LengthStyle, type Shop } from '@gyrus/core';
import { Plus } from 'lucide-react';
import { Link } from 'react-router';
import { useState } from 'react';
import { Button } from '../shared/frame/Button.tsx';
import { Dialog } from '../shared/frame/Dialog.tsx';
import { Header } from '../shared/frame/Header.tsx';
import { useShop } from '../shared/server/queries.ts';
import { useLengthStyle } from '../shared/fields/useLengthStyle.tsx';
import { FirstStepsBand } from '../jobs/first/FirstStepsBand.tsx';
import { Loading, Trouble } from '../shared/frame/Waiting.tsx';
import { DieForm } from './DieForm.tsx';
import { MachineForm } from './MachineForm.tsx';
import { TestBends } from './TestBends.tsx';
import { ShopClock } from './ShopClock.tsx';
import { TubeStock } from './tube/TubeStock.tsx';
import { useShopForm } from './useShopForm.ts';
import { type Open, MachineCard } from './MachineCard.tsx';

/** Machines with their dies and test bends, and the tube. */
export function ShopPage() {
  const shop = useShop();
  const [open, setOpen] = useState<Open | null>(null);
  const [style, unitSwitch] = useLengthStyle();
  const close = () => setOpen(null);
  return (
    <div className="flex min-h-full flex-col">
      <Header actions={unitSwitch} />
      <main className="mx-auto w-full max-w-5xl space-y-8 p-6">
        <FirstStepsBand />
        <div className="flex items-center justify-between">
          <div>
            <h1 className="text-3xl">Shop</h1>
            <div className="flex flex-wrap gap-x-6">
              <Link to="/shop/rack" className="inline-flex min-h-8 items-center underline">
                The rack: sticks, offcuts and bent pieces
              </Link>
              <Link to="/shop/welding" className="inline-flex min-h-8 items-center underline">
                Welding: procedures and their samples
              </Link>
            </div>
          </div>
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
        <ShopClock />
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
      <Dialog open wide title={open.machine ? 'Machine' : 'New machine'} onClose={close}>
        <MachineForm machine={open.machine} style={style} done={close} />
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
