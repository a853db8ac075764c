import { type BarRole, type Evaluation, proposeBar, standingIn } from '@gyrus/core';
import { roleWords } from '@gyrus/formats';
import { toast } from 'sonner';
import { usePlanStore } from './planStore.ts';

/** Adds the proposed bars of a role to the plan; the first piece, or null where something must stand first. */
export function addRole(evaluation: Evaluation, role: BarRole, way: string): string | null {
  const { history, change } = usePlanStore.getState();
  if (!history) return null;
  const proposed = proposeBar(history.present, standingIn(evaluation), role, way, () => crypto.randomUUID());
  if ('needs' in proposed) {
    toast.error(`A ${roleWords(role)} stands on a ${roleWords(proposed.needs)}: add that first.`);
    return null;
  }
  const [first] = proposed.bars;
  change(`members/${first?.id}`, (draft) => {
    draft.members.push(...proposed.bars);
    draft.fitOrder.push(...proposed.bars.flatMap(({ pieces }) => pieces.map((piece) => piece.id)));
  });
  return first?.pieces[0]?.id ?? null;
}
