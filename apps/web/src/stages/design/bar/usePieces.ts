import { type Bar, withPieces } from '@gyrus/core';
import { usePlanStore } from '../../../job/store/planStore.ts';

/** Edits of a bar that change how many tubes it makes: its pieces and the fit order follow. */
export function usePieceEdit(bar: Bar) {
  const change = usePlanStore((state) => state.change);
  return (key: string, changed: Bar) => {
    const next = withPieces(changed, () => crypto.randomUUID());
    change(`member/${bar.id}/${key}`, (plan) => {
      const index = plan.members.findIndex((one) => one.id === bar.id);
      if (index < 0) return;
      plan.members[index] = next;
      const before = bar.pieces.map(({ id }) => id);
      const after = next.pieces.map(({ id }) => id);
      const kept = plan.fitOrder.filter((id) => !before.includes(id) || after.includes(id));
      plan.fitOrder = [...kept, ...after.filter((id) => !kept.includes(id))];
    });
  };
}
