import {
  type BendSheet,
  type NoWalk,
  type Stage,
  type WalkAsked,
  type WalkedPull,
  formatAngle,
  itemAt,
} from '@gyrus/core';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { ErrorBoundary } from '../../../shared/frame/ErrorBoundary.tsx';
import { Loading } from '../../../shared/frame/Waiting.tsx';
import { type MachineEye } from './MachineView.tsx';
import { Orders } from './Orders.tsx';
import { PullWords } from './PullWords.tsx';
import { useWalk } from './useWalk.ts';

const MachineView = lazy(() => import('./MachineView.tsx'));

const EYES: { value: MachineEye; text: string }[] = [
  { value: 'operator', text: 'from the operator' },
  { value: 'above', text: 'from above' },
  { value: 'ahead', text: 'from ahead' },
];

const WHY_NOT: Record<NoWalk, string> = {
  straight: 'A straight tube has no pull to walk through.',
  rolled: 'An arc of this tube is rolled: a roller holds it by no clamp, and it is not walked through here.',
  'two-machines': 'The dies of this tube are on two machines: it is not walked through here.',
};

/** The tube at the machine, pull by pull: how it lies, what it comes near to, and in which order it can be bent. */
export function AtMachine({ sheet }: { sheet: BendSheet }) {
  const walk = useWalk(sheet);
  if (!walk || walk.asked === 'straight') return null;
  return (
    <section aria-label="At the machine" className="space-y-3">
      <h2 className="text-lg">At the machine</h2>
      {typeof walk.asked === 'string' ? (
        <p>{WHY_NOT[walk.asked]}</p>
      ) : (
        <>
          <Pulls sheet={sheet} asked={walk.asked} walked={walk.walked?.chosen ?? null} />
          {walk.failed ? (
            <p className="text-out font-semibold">The walk came to no end: {walk.failed}.</p>
          ) : (
            <Orders sheet={sheet} asked={walk.asked} walked={walk.walked} />
          )}
        </>
      )}
    </section>
  );
}

interface PullsProps {
  sheet: BendSheet;
  asked: WalkAsked;
  walked: WalkedPull[] | null;
}

/** One pull at a time: scrub through it, and see what the tube does. */
function Pulls({ sheet, asked: { tube, bender, order }, walked }: PullsProps) {
  const [at, setAt] = useState(0);
  const [stage, setStage] = useState<Stage>({ at: 'pull', dial: 0 });
  const [eye, setEye] = useState<MachineEye>('operator');
  const step = Math.min(at, order.length - 1);
  const turn = itemAt(order, step);
  const bend = sheet.bends.find(({ number }) => number === turn.bend);
  const pull = useMemo(
    () => ({ ...turn, made: new Set(order.slice(0, step).map((one) => one.bend)) }),
    [turn, order, step],
  );
  if (!bend) return null;
  const shown: Stage =
    stage.at === 'released' ? stage : { at: 'pull', dial: Math.min(stage.dial, bend.reading) };
  const goTo = (next: string) => {
    setAt(Number(next));
    setStage({ at: 'pull', dial: 0 });
  };
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <Segmented
          label="pull"
          value={String(step)}
          options={order.map((one, i) => ({ value: String(i), text: `step ${i + 1}: bend ${one.bend}` }))}
          onChange={goTo}
        />
        <Segmented quiet label="seen" value={eye} options={EYES} onChange={setEye} />
      </div>
      <ErrorBoundary what="The picture of the machine">
        <Suspense fallback={<Loading what="the machine" />}>
          <MachineView tube={tube} bender={bender} pull={pull} stage={shown} mark={bend.mark} eye={eye} />
        </Suspense>
      </ErrorBoundary>
      <Scrub fed={turn.clamp === 'a' ? 'B' : 'A'} reading={bend.reading} stage={shown} onStage={setStage} />
      <PullWords bender={bender} pull={walked?.[step] ?? null} />
    </>
  );
}

interface ScrubProps {
  /** The end that is fed. */
  fed: 'A' | 'B';
  /** Of the full pull. Degrees */
  reading: number;
  stage: Stage;
  onStage: (stage: Stage) => void;
}

/** How far a pull is: `between` is what no button says. */
type Pulled = 'before' | 'between' | 'full' | 'released';

const STAGES: { value: Pulled; text: string }[] = [
  { value: 'before', text: 'before' },
  { value: 'full', text: 'at full pull' },
  { value: 'released', text: 'released' },
];

/** Which end is fed, big; and how far the dial is pulled, by hand or to its ends. */
function Scrub({ fed, reading, stage, onStage }: ScrubProps) {
  const dial = stage.at === 'released' ? reading : stage.dial;
  const at: Pulled =
    stage.at === 'released' ? 'released' : dial === 0 ? 'before' : dial === reading ? 'full' : 'between';
  const goTo = (next: Pulled) =>
    onStage(next === 'released' ? { at: 'released' } : { at: 'pull', dial: next === 'full' ? reading : 0 });
  return (
    <div className="flex flex-wrap items-center gap-4">
      <p className="bg-steel-deep text-scribe rounded-machined px-4 py-2 text-2xl font-bold">
        feed end {fed}
      </p>
      <label className="flex min-w-60 flex-1 items-center gap-3">
        <span className="text-quiet">pulled</span>
        <input
          type="range"
          className="accent-ink h-11 flex-1"
          min={0}
          max={reading}
          step="any"
          value={dial}
          onChange={(event) => onStage({ at: 'pull', dial: Number(event.target.value) })}
        />
        <span className="figure w-20 text-right text-xl font-semibold">{formatAngle(dial)}°</span>
      </label>
      <Segmented label="the tube" value={at} options={STAGES} onChange={goTo} />
    </div>
  );
}
