import { type Bar, type PieceAnswer, standsOn, type Vec3 } from '@gyrus/core';
import { roleWords } from '@gyrus/formats';
import { Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { into, narrowed, PLAN_PATH, type PlanPath } from '../../../job/store/planPath.ts';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { Button } from '../../../shared/frame/Button.tsx';
import { Stamp } from '../../../shared/figures/Stamp.tsx';
import { AttachmentFields } from './AttachmentFields.tsx';
import { BarMore } from './BarMore.tsx';
import { OutOfLoop } from './OutOfLoop.tsx';
import { PairFields } from './PairFields.tsx';
import { ShapeFields } from '../shape/ShapeFields.tsx';
import { TubeSelect } from './TubeSelect.tsx';

interface BarInspectorProps {
  bar: Bar;
  answer: PieceAnswer;
  onRemoved: () => void;
}

/** A bar by what its ends stand on and how it runs between them. */
export function BarInspector({ bar, answer, onRemoved }: BarInspectorProps) {
  const { members } = usePlan();
  const index = members.findIndex((one) => one.id === bar.id);
  const [a, b] = useEnds(bar);
  const path: PlanPath<Bar> = narrowed(into(into(PLAN_PATH, 'members'), index));
  const ends = into(path, 'ends');
  return (
    <div className="space-y-4">
      <div className="flex items-center justify-between gap-3">
        <div className="flex items-center gap-3">
          <Stamp text={answer.stamp} />
          <h2 className="text-xl">{roleWords(bar.role)}</h2>
        </div>
        <RemoveBar bar={bar} onRemoved={onRemoved} />
      </div>
      <OutOfLoop bar={bar} />
      {bar.role === 'harness-bar' && (
        <Link to="../harness" className="font-semibold underline">
          Its height from the straps: seats, slots and windows
        </Link>
      )}
      <AttachmentFields bar={bar} name="end A" attachment={bar.ends.a} path={into(ends, 'a')} at={a} />
      <ShapeFields shape={bar.shape} path={into(path, 'shape')} a={a} b={b} />
      <AttachmentFields bar={bar} name="end B" attachment={bar.ends.b} path={into(ends, 'b')} at={b} />
      <PairFields bar={bar} path={path} a={a} b={b} />
      <TubeSelect member={bar} />
      <BarMore bar={bar} path={path} />
    </div>
  );
}

/** Where the ends are now, from the first and the last of the pieces that the bar's own side makes. */
function useEnds(bar: Bar): [Vec3, Vec3] {
  const { members } = useEvaluation();
  const tubes = members
    .find((one) => one.member === bar.id)
    ?.pieces.filter(({ side }) => side !== 'right')
    .flatMap(({ tube }) => tube ?? []);
  return [tubes?.[0]?.points[0] ?? [0, 0, 0], tubes?.at(-1)?.points.at(-1) ?? [0, 0, 0]];
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
