import { type Member, standsOn } from '@gyrus/core';
import { roleWords } from '@gyrus/formats';
import { Trash2 } from 'lucide-react';
import { toast } from '../../../shared/frame/toast.ts';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { Button } from '../../../shared/frame/Button.tsx';

/** Nothing is left dangling in silence: what stands on it is named before it goes, and found out after. */
export function RemoveMember({ member, onRemoved }: { member: Member; onRemoved: () => void }) {
  const { members } = usePlan();
  const change = usePlanStore((state) => state.change);
  const hanging = members.filter((one) => one.id !== member.id && standsOn(one).includes(member.id));
  const remove = () => {
    change(`members/remove/${member.id}`, (plan) => {
      const gone = new Set(member.pieces.map((piece) => piece.id));
      plan.members = plan.members.filter((one) => one.id !== member.id);
      plan.fitOrder = plan.fitOrder.filter((piece) => !gone.has(piece));
    });
    if (hanging.length > 0)
      toast.warning(
        `${hanging.map((one) => one.stamp).join(', ')} stood on it and now cannot be placed: give them another place, or undo.`,
      );
    onRemoved();
  };
  return (
    <Button
      kind="quiet"
      aria-label={`Take out the ${roleWords(member.role)}`}
      title="Take it out"
      onClick={remove}
    >
      <Trash2 aria-hidden="true" className="size-5" />
    </Button>
  );
}
