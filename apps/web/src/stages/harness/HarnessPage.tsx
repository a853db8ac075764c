import { type HarnessAnswer, harnessIn, harnessView, type SlotPlace, writeSaid } from '@gyrus/core';
import { Slider } from 'radix-ui';
import { useCallback, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { usePlan } from '../../job/store/planStore.ts';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FittedDrawing } from '../../shared/figures/DrawingView.tsx';
import { useRuleBooks } from '../../shared/server/queries.ts';
import { PeopleTabs } from '../PeopleTabs.tsx';
import { HarnessFigures } from './HarnessFigures.tsx';
import { HarnessSettings } from './HarnessSettings.tsx';
import { LapBelts } from './LapBelts.tsx';
import { StrapsBehind } from './StrapsBehind.tsx';

/** Harness bars against everybody who is belted to them: at which heights the straps suit all, and what breaks it. */
export function HarnessPage() {
  const plan = usePlan();
  const evaluation = useEvaluation();
  const books = useRuleBooks().data;
  const answers = useMemo(() => harnessIn(plan, evaluation, books ?? []), [plan, evaluation, books]);
  return (
    <div className="grid gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_330px]">
      <div className="space-y-6">
        <PeopleTabs />
        <h1 className="text-2xl">Harness</h1>
        {answers.length === 0 && (
          <p>
            There is no harness bar yet:{' '}
            <Link to="../design" className="font-semibold underline">
              add one at Design
            </Link>
            .
          </p>
        )}
        {answers.map((answer) => (
          <Bar key={answer.member} answer={answer} />
        ))}
        <LapBelts />
        <p className="text-quiet text-sm">
          A strap that pulls down hard presses the spine together. Straps are short and straight back; what
          the maker of belts, seat and head-restraint device wants comes before every figure here.
        </p>
      </div>
      <HarnessSettings />
    </div>
  );
}

function Bar({ answer }: { answer: HarnessAnswer }) {
  const style = useJobStyle();
  const places: SlotPlace[] = answer.places;
  // As measured, where that is one of the seat's notches.
  const [notch, setNotch] = useState(() =>
    Math.max(
      0,
      places.findIndex((place) => place.notch.length === 0),
    ),
  );
  const shown = places[Math.min(notch, places.length - 1)] ?? null;
  const draw = useCallback(
    (width: number) => shown && harnessView(answer, { width, style, shown }),
    [answer, shown, style],
  );
  if (!shown)
    return (
      <p>
        {answer.stamp}: nobody's shoulder is measured.{' '}
        <Link to="../survey?view=places" className="font-semibold underline">
          Say at Survey who sits in it
        </Link>
        .
      </p>
    );
  return (
    <section aria-label={`Harness bar ${answer.stamp}`} className="space-y-4">
      <FittedDrawing draw={draw} className="bg-sheet border-rule rounded-machined max-w-3xl border" />
      {places.length > 1 && (
        <div className="flex max-w-3xl items-center gap-4">
          <span className="w-64 shrink-0">
            <span className="font-semibold">{shown.driver}</span>{' '}
            <span className="text-quiet">{writeSaid(shown.notch, style) || 'as measured'}</span>
          </span>
          <Slider.Root
            className="relative flex h-10 flex-1 touch-none items-center select-none"
            min={0}
            max={places.length - 1}
            value={[Math.min(notch, places.length - 1)]}
            onValueChange={([next]) => setNotch(next ?? 0)}
          >
            <Slider.Track className="bg-edge relative h-1.5 grow">
              <Slider.Range className="bg-ink absolute h-full" />
            </Slider.Track>
            <Slider.Thumb
              aria-label="driver and notch of the seat"
              className="bg-ink block size-6 rounded-full border-2 border-white"
            />
          </Slider.Root>
        </div>
      )}
      <HarnessFigures answer={answer} shown={shown} />
      <StrapsBehind answer={answer} />
    </section>
  );
}
