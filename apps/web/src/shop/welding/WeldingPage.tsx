import { type WeldProcedure } from '@gyrus/core';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { ShopSubPage } from '../ShopSubPage.tsx';
import { useLengthStyle } from '../../shared/fields/useLengthStyle.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { Dialog } from '../../shared/frame/Dialog.tsx';
import { Loading, Trouble } from '../../shared/frame/Waiting.tsx';
import { useWelding } from '../../shared/server/useWelding.ts';
import { ProcedureCard } from './ProcedureCard.tsx';
import { ProcedureForm } from './ProcedureForm.tsx';

/** How the shop welds: its procedures, wall by wall, and the samples of each that were cut open. */
export function WeldingPage() {
  const welding = useWelding();
  const [style, unitSwitch] = useLengthStyle();
  const [adding, setAdding] = useState(false);
  const done = () => setAdding(false);
  return (
    <ShopSubPage
      title="Welding"
      unitSwitch={unitSwitch}
      action={
        <Button kind="strong" onClick={() => setAdding(true)}>
          <Plus aria-hidden="true" className="size-5" />
          Write a procedure down
        </Button>
      }
    >
      <p className="border-look border-l-4 bg-white p-3">
        A procedure is what this shop does, and no qualification: who may weld a cage, and how that is proven,
        the rule book and the law of the place say.
      </p>
      {welding.isPending && <Loading what="how the shop welds" />}
      {welding.isError && <Trouble error={welding.error} retry={() => void welding.refetch()} />}
      {welding.data && <Procedures procedures={welding.data} />}
      <Dialog title="Write a procedure down" open={adding} onClose={done} wide>
        <ProcedureForm style={style} done={done} />
      </Dialog>
    </ShopSubPage>
  );
}

function Procedures({ procedures }: { procedures: WeldProcedure[] }) {
  const used = procedures.filter(({ setAside }) => !setAside);
  const aside = procedures.filter(({ setAside }) => setAside);
  if (procedures.length === 0)
    return (
      <p className="bg-sheet border-rule rounded-machined border p-5">
        No procedure is written down. For each wall and each way that a seam lies: process, filler, amperes,
        gas, passes. Weld a sample of it, cut it open, and put its picture here; the seams of a build then say
        by which procedure they were welded.
      </p>
    );
  return (
    <>
      {used.map((one) => (
        <ProcedureCard key={one.id} procedure={one} />
      ))}
      {aside.length > 0 && <h2 className="text-xl">Set aside</h2>}
      {aside.map((one) => (
        <ProcedureCard key={one.id} procedure={one} />
      ))}
    </>
  );
}
