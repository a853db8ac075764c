import { hoopAnswerOf, type MeasureKey, MEASURES, missingMeasures } from '@gyrus/core';
import { useState } from 'react';
import { usePlan } from '../../job/planStore.ts';
import { useEvaluation } from '../../job/useEvaluation.ts';
import { AxisTable } from './AxisTable.tsx';
import { ContradictionPanel } from './ContradictionPanel.tsx';
import { NowPanel } from './NowPanel.tsx';
import { SectionPicture } from './SectionPicture.tsx';
import { SidesChoice } from './SidesChoice.tsx';

/** The stripped car's section at the hoop: a picture beside the numbers, and what the hoop makes of them. */
export function SurveyStage() {
  const plan = usePlan();
  const answer = hoopAnswerOf(useEvaluation());
  const [focus, setFocus] = useState<MeasureKey | null>(null);
  if (!answer) return null;
  const none = 'none' in answer.hoop ? answer.hoop.none : null;
  return (
    <div className="grid gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_270px] xl:grid-cols-[minmax(0,1fr)_340px]">
      <section aria-label="Main hoop section">
        <div className="mb-2 flex flex-wrap items-baseline gap-x-3">
          <h1 className="text-2xl">Main hoop section</h1>
          <span className="text-quiet">
            looking forward, from the driver's back. Find the centre line first; measure each side from it.
          </span>
        </div>
        <SectionPicture tube={answer.tube} focus={focus} onFocus={setFocus} />
      </section>
      <aside aria-label="What the hoop makes of it" className="space-y-5">
        <NowPanel focus={focus} />
        <StillWanted missing={missingMeasures(plan.survey)} />
        {none?.why === 'contradiction' && <ContradictionPanel none={none} />}
        {none?.why === 'impossible' && <p className="text-out font-semibold">{none.message}.</p>}
        <AxisTable result={answer.hoop} focus={focus} />
        <SidesChoice />
      </aside>
    </div>
  );
}

function StillWanted({ missing }: { missing: MeasureKey[] }) {
  if (missing.length === 0) return null;
  const go = (key: MeasureKey) => document.getElementById(`field-survey/${key}`)?.focus();
  return (
    <div>
      <h2 className="text-quiet mb-1 text-sm font-medium">Still wanted before there is a hoop</h2>
      <ul>
        {missing.map((key) => (
          <li key={key}>
            <button
              type="button"
              className="min-h-8 text-left underline underline-offset-2"
              onClick={() => go(key)}
            >
              {MEASURES[key].label}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
