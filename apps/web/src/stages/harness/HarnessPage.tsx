import { bodyOf, type HarnessAnswer, harnessIn, harnessView, type SlotPlace, writeSaid } from '@gyrus/core';
import { useCallback, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { usePlan } from '../../job/store/planStore.ts';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { NotchScale } from '../../shared/fields/NotchScale.tsx';
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
  const { occupants } = usePlan();
  const body = useMemo(() => {
    const person = occupants.find(({ id }) => id === shown?.occupant);
    return person && shown ? bodyOf(person, shown.pose) : null;
  }, [occupants, shown]);
  const draw = useCallback(
    (width: number) => shown && harnessView(answer, { width, style, shown, body }),
    [answer, shown, style, body],
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
      <FittedDrawing draw={draw} className="bg-sheet border-rule rounded-machined border" />
      {places.length > 1 && (
        <div>
          <h2 className="text-quiet text-sm font-medium">driver, setting of the seat and slot</h2>
          <NotchScale
            label="driver and notch of the seat"
            notches={places.map(
              (place) => `${place.driver}: ${writeSaid(place.notch, style) || 'as measured'}`,
            )}
            value={Math.min(notch, places.length - 1)}
            onChange={setNotch}
          />
        </div>
      )}
      <HarnessFigures answer={answer} shown={shown} />
      <StrapsBehind answer={answer} />
    </section>
  );
}
