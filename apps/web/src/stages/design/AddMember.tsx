import { type BarRole, hoopAnswerOf, proposeBar, USUAL_ORDER } from '@gyrus/core';
import { roleWords } from '@gyrus/formats';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { usePlan, usePlanStore } from '../../job/planStore.ts';
import { useEvaluation } from '../../job/useEvaluation.ts';
import { Button } from '../../shared/Button.tsx';
import { SelectField } from '../../shared/SelectField.tsx';

/** Adds a bar of a role in the usual order of work, with ends proposed from what stands already. */
export function AddMember({ onAdded }: { onAdded: (piece: string) => void }) {
  const plan = usePlan();
  const change = usePlanStore((state) => state.change);
  const answer = hoopAnswerOf(useEvaluation());
  const next =
    USUAL_ORDER.find((role) => plan.members.every((member) => member.role !== role)) ?? 'gusset-tube';
  const [chosen, setChosen] = useState<BarRole | null>(null);
  const role = chosen ?? next;
  const geometry = answer && 'hoop' in answer.hoop ? answer.hoop.hoop : null;
  if (!geometry) return null;
  const add = () => {
    const ids = { member: crypto.randomUUID(), left: crypto.randomUUID(), right: crypto.randomUUID() };
    const proposed = proposeBar(plan, geometry, role, ids);
    if ('needs' in proposed) {
      toast.error(`A ${roleWords(role)} stands on a ${roleWords(proposed.needs)}: add that first.`);
      return;
    }
    change(`members/${ids.member}`, (draft) => {
      draft.members.push(proposed);
      draft.fitOrder.push(...proposed.pieces.map((piece) => piece.id));
    });
    setChosen(null);
    onAdded(ids.left);
  };
  return (
    <div className="flex items-end gap-2">
      <div className="min-w-0 flex-1">
        <SelectField
          label="add, in the usual order of work"
          value={role}
          options={USUAL_ORDER.map((one) => ({
            value: one,
            text: one === next ? `${roleWords(one)} (next)` : roleWords(one),
          }))}
          onChange={(event) => setChosen(event.target.value as BarRole)}
        />
      </div>
      <Button onClick={add}>
        <Plus aria-hidden="true" className="size-5" />
        Add
      </Button>
    </div>
  );
}
