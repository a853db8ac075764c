import { type Plan } from '@gyrus/core';
import { planChangesWords } from '@gyrus/formats';
import { Redo2, Undo2 } from 'lucide-react';
import { useMemo } from 'react';
import { Button } from '../../shared/frame/Button.tsx';
import { usePlan, usePlanStore } from '../store/planStore.ts';
import { styleOf } from '../useJobStyle.ts';

/** One step back and one forward, each with what it would change. */
export function UndoButtons() {
  const plan = usePlan();
  const undo = usePlanStore((state) => state.undo);
  const redo = usePlanStore((state) => state.redo);
  const back = usePlanStore((state) => state.history?.past.at(-1));
  const forward = usePlanStore((state) => state.history?.future[0]);
  // What undo takes away is told as it was done.
  const undone = useWords(back, plan, plan);
  const redone = useWords(plan, forward, plan);
  return (
    <>
      <Button disabled={!back} onClick={undo} aria-label="Undo" title={`Undo${undone} (Ctrl+Z)`}>
        <Undo2 aria-hidden="true" className="size-5" />
      </Button>
      <Button disabled={!forward} onClick={redo} aria-label="Redo" title={`Redo${redone} (Ctrl+Y)`}>
        <Redo2 aria-hidden="true" className="size-5" />
      </Button>
    </>
  );
}

const useWords = (from: Plan | undefined, to: Plan | undefined, { units }: Plan): string =>
  useMemo(() => {
    const words = from && to ? planChangesWords(from, to, styleOf({ units })) : '';
    return words === '' ? '' : `: ${words}`;
  }, [from, to, units]);
