import { type Bar, type ChordShape, type PieceAnswer, type Vec3 } from '@gyrus/core';
import { roleWords } from '@gyrus/formats';
import { Link } from 'react-router';
import { into, narrowed } from '../../../job/store/planPath.ts';
import { memberPath } from '../../../job/fields/useMember.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { Stamp } from '../../../shared/figures/Stamp.tsx';
import { AlongBodyTable } from './AlongBodyTable.tsx';
import { AttachmentFields } from './AttachmentFields.tsx';
import { BarMore } from './BarMore.tsx';
import { OutOfLoop } from './OutOfLoop.tsx';
import { PairFields } from './PairFields.tsx';
import { RemoveMember } from './RemoveMember.tsx';
import { ShapeFields } from '../shape/ShapeFields.tsx';
import { FrontHoopFields } from '../hoop/FrontHoopFields.tsx';
import { TubeSelect } from './TubeSelect.tsx';

interface BarInspectorProps {
  bar: Bar;
  answer: PieceAnswer;
  onRemoved: () => void;
}

/** A bar by what its ends stand on and how it runs between them. */
export function BarInspector({ bar, answer, onRemoved }: BarInspectorProps) {
  const path = memberPath(usePlan(), bar);
  return (
    <div className="space-y-4">
      <div className="flex items-center justify-between gap-3">
        <div className="flex items-center gap-3">
          <Stamp text={answer.stamp} />
          <h2 className="text-xl">{roleWords(bar.role)}</h2>
        </div>
        <RemoveMember member={bar} onRemoved={onRemoved} />
      </div>
      <OutOfLoop bar={bar} />
      {bar.role === 'harness-bar' && (
        <Link to="../harness" className="font-semibold underline">
          Its height from the straps: seats, slots and windows
        </Link>
      )}
      {bar.shape.kind === 'hoop' ? (
        <FrontHoopFields
          bar={bar}
          shape={bar.shape}
          path={narrowed(into(path, 'shape'))}
          tube={answer.tube}
        />
      ) : (
        <EndsAndShape bar={bar} shape={bar.shape} />
      )}
      <AlongBodyTable member={bar.id} />
      <TubeSelect member={bar} />
      <BarMore bar={bar} path={path} features={answer.tube?.features ?? []} />
    </div>
  );
}

/** What the ends stand on, how the bar runs between them, and its twin. */
function EndsAndShape({ bar, shape }: { bar: Bar; shape: ChordShape }) {
  const [a, b] = useEnds(bar);
  const path = memberPath(usePlan(), bar);
  const ends = into(path, 'ends');
  return (
    <>
      <AttachmentFields bar={bar} name="end A" attachment={bar.ends.a} path={into(ends, 'a')} at={a} />
      <ShapeFields shape={shape} path={into(path, 'shape')} a={a} b={b} od={bar.tube.od.mm} />
      <AttachmentFields
        bar={bar}
        name="end B"
        attachment={bar.ends.b}
        path={into(ends, 'b')}
        at={b}
        {...(bar.pair === 'single' && { other: bar.ends.a })}
      />
      <PairFields bar={bar} path={path} a={a} b={b} />
    </>
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
