import { formatWithUnit, type HarnessAnswer, millimetres } from '@gyrus/core';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Button } from '../../shared/frame/Button.tsx';

/** Writes the height back to both ends of the bar, one undo. */
export function SetHeight({ answer, aim }: { answer: HarnessAnswer; aim: number }) {
  const style = useJobStyle();
  const member = usePlan().members.find(({ id }) => id === answer.member);
  const change = usePlanStore((state) => state.change);
  if (!member || member.role === 'main-hoop') return null;
  const { a, b } = member.ends;
  const by = aim - answer.bar.z;
  if (a.kind !== 'height' || b.kind !== 'height')
    return <p className="text-quiet">Its ends do not hang by their height: move them at Design.</p>;
  if (Math.abs(by) < 0.5) return null;
  const moved = (mm: number) => millimetres(mm + by, 1);
  return (
    <Button
      kind="strong"
      onClick={() =>
        change(`harness/${answer.member}`, (plan) => {
          const found = plan.members.find(({ id }) => id === answer.member);
          if (!found || found.role === 'main-hoop') return;
          for (const end of [found.ends.a, found.ends.b])
            if (end.kind === 'height') end.height = moved(end.height.mm);
        })
      }
    >
      {by > 0 ? 'Raise' : 'Lower'} the bar by {formatWithUnit(Math.abs(by), style)} to its aim
    </Button>
  );
}
