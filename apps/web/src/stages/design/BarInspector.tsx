import { type Bar, type PieceAnswer, standsOn } from '@gyrus/core';
import { roleWords } from '@gyrus/formats';
import { Trash2 } from 'lucide-react';
import { toast } from 'sonner';
import { usePlan, usePlanStore } from '../../job/planStore.ts';
import { Button } from '../../shared/Button.tsx';
import { Stamp } from '../../shared/Stamp.tsx';
import { AttachmentFields } from './AttachmentFields.tsx';
import { PlaceFields } from './PlaceFields.tsx';
import { TubeSelect } from './TubeSelect.tsx';

/** A bar by what its ends stand on and the points it bends at. */
export function BarInspector({
  bar,
  answer,
  onRemoved,
}: {
  bar: Bar;
  answer: PieceAnswer;
  onRemoved: () => void;
}) {
  return (
    <div className="space-y-4">
      <div className="flex items-center justify-between gap-3">
        <div className="flex items-center gap-3">
          <Stamp text={answer.stamp} />
          <h2 className="text-xl">{roleWords(bar.role)}</h2>
        </div>
        <RemoveBar bar={bar} onRemoved={onRemoved} />
      </div>
      {bar.pair === 'mirrored' && (
        <p className="text-quiet">
          A pair: the left tube is described, the right one mirrors it. Two of one hand is the classic
          mistake; each sheet names its hand.
        </p>
      )}
      <AttachmentFields bar={bar} end="a" />
      {bar.via.map(({ feature }, i) => (
        <PlaceFields
          key={feature}
          legend={`bends at ${feature.replaceAll('-', ' ')}`}
          field={`member/${bar.id}/via/${feature}`}
          at={bar.via[i]?.at ?? null}
          set={(plan, axis, value) => {
            const found = plan.members.find((one) => one.id === bar.id);
            const place = found && found.role !== 'main-hoop' ? found.via[i]?.at : undefined;
            if (place) place[axis] = value;
          }}
        />
      ))}
      <AttachmentFields bar={bar} end="b" />
      <TubeSelect member={bar} />
    </div>
  );
}

/** Nothing is left dangling in silence: what stands on the bar is named before it goes, and found out after. */
function RemoveBar({ bar, onRemoved }: { bar: Bar; onRemoved: () => void }) {
  const { members } = usePlan();
  const change = usePlanStore((state) => state.change);
  const hanging = members.filter((one) => one.id !== bar.id && standsOn(one).includes(bar.id));
  const remove = () => {
    change(`members/remove/${bar.id}`, (plan) => {
      const gone = new Set(bar.pieces.map((piece) => piece.id));
      plan.members = plan.members.filter((one) => one.id !== bar.id);
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
      aria-label={`Take out the ${roleWords(bar.role)}`}
      title="Take it out"
      onClick={remove}
    >
      <Trash2 aria-hidden="true" className="size-5" />
    </Button>
  );
}
