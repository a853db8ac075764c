import { type BuildAnswer, itemAt } from '@gyrus/core';
import { usePlan } from '../../../job/store/planStore.ts';
import { Button } from '../../../shared/frame/Button.tsx';
import { Dialog } from '../../../shared/frame/Dialog.tsx';
import { type Move } from './moveTubes.ts';

interface CopesDialogProps {
  answer: BuildAnswer;
  move: Move;
  onAnswer: (yes: boolean) => void;
}

/** Asks before an order is taken that changes who is coped to whom. */
export function CopesDialog({ answer, move, onAnswer }: CopesDialogProps) {
  const { copeTicks } = usePlan();
  const stamp = (tube: number) => itemAt(answer.tubes, tube).stamp;
  const changing = new Set(
    move.copes.flatMap((fault) => (fault.kind === 'coped-to' ? [fault.tube, fault.header] : [])),
  );
  const cut = [...changing].filter((tube) =>
    copeTicks.some(
      ({ piece, state }) =>
        piece === itemAt(answer.tubes, tube).piece && (state === 'cut' || state === 'fitted'),
    ),
  );
  return (
    <Dialog title="Other copes" open onClose={() => onAnswer(false)}>
      <p>In this order who is coped to whom changes:</p>
      <ul className="my-3 list-disc pl-6">
        {move.copes.map(
          (fault, i) =>
            fault.kind === 'coped-to' && (
              <li key={i}>
                {stamp(fault.header)} is coped to {stamp(fault.tube)}, where {stamp(fault.tube)} is coped to{' '}
                {stamp(fault.header)} now.
              </li>
            ),
        )}
      </ul>
      {cut.length > 0 && (
        <p className="text-out mb-3 font-semibold">
          Cut already, and to be cut anew or made new: {cut.map(stamp).join(', ')}.
        </p>
      )}
      <p>Lengths, templates and the cut plan follow from it.</p>
      <div className="mt-5 flex gap-3">
        <Button kind="strong" onClick={() => onAnswer(true)}>
          Change the copes
        </Button>
        <Button onClick={() => onAnswer(false)}>Leave the order</Button>
      </div>
    </Dialog>
  );
}
