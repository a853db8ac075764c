import {
  hoopAnswerOf,
  mainHoopOf,
  type MeasureKey,
  MEASURES,
  measuresWanted,
  saidIn,
  writeSaid,
} from '@gyrus/core';
import { lazy, Suspense, useState } from 'react';
import { useSearchParams } from 'react-router';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { Loading } from '../../shared/frame/Waiting.tsx';
import { AxisTable } from './AxisTable.tsx';
import { MeasureNext } from './MeasureNext.tsx';
import { PrintList } from './PrintList.tsx';
import { NowPanel } from './NowPanel.tsx';
import { SectionPicture } from './SectionPicture.tsx';
import { SidesChoice } from './SidesChoice.tsx';

const ContradictionPanel = lazy(async () => ({
  default: (await import('./ContradictionPanel.tsx')).ContradictionPanel,
}));
const FrontSectionView = lazy(async () => ({
  default: (await import('./front/FrontSectionView.tsx')).FrontSectionView,
}));
const PlacesView = lazy(async () => ({ default: (await import('./places/PlacesView.tsx')).PlacesView }));

/** The stripped car: the section at the hoop, as a picture beside the numbers, and the places measured elsewhere. */
export function SurveyStage() {
  const [address, setAddress] = useSearchParams();
  const asked = address.get('view');
  const view = VIEWS.find(({ value }) => value === asked)?.value ?? 'section';
  return (
    <div className="p-5">
      <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
        <Segmented
          quiet
          label="what was measured"
          value={view}
          options={VIEWS}
          onChange={(next) => setAddress(next === 'section' ? {} : { view: next }, { replace: true })}
        />
        <PrintList />
      </div>
      {view === 'front' && (
        <Suspense fallback={<Loading what="the section" />}>
          <FrontSectionView />
        </Suspense>
      )}
      {view === 'places' && (
        <Suspense fallback={<Loading what="the places" />}>
          <PlacesView />
        </Suspense>
      )}
      {view === 'section' && <HoopSection />}
    </div>
  );
}

const VIEWS = [
  { value: 'section', text: 'main hoop section' },
  { value: 'front', text: 'front hoop section' },
  { value: 'places', text: 'places in the car' },
] as const;

function HoopSection() {
  const style = useJobStyle();
  const plan = usePlan();
  const answer = hoopAnswerOf(useEvaluation());
  const [focus, setFocus] = useState<MeasureKey | null>(null);
  if (!answer) return <p>This job has no main hoop: its tubes stand on points of their own.</p>;
  const none = 'none' in answer.hoop ? answer.hoop.none : null;
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_270px] xl:grid-cols-[minmax(0,1fr)_340px]">
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
        <StillWanted missing={measuresWanted(plan)} />
        <NotByTheBody />
        {none?.why === 'contradiction' && (
          <Suspense>
            <ContradictionPanel none={none} />
          </Suspense>
        )}
        {none?.why === 'impossible' && (
          <p className="text-out font-semibold">{writeSaid(saidIn(none.fault), style)}.</p>
        )}
        {measuresWanted(plan).length === 0 && <MeasureNext />}
        <AxisTable result={answer.hoop} focus={focus} />
        <SidesChoice />
      </aside>
    </div>
  );
}

/** A hoop that does not come about from here is held against what is measured all the same. */
function NotByTheBody() {
  const way = mainHoopOf(usePlan())?.way.kind ?? 'survey';
  if (way === 'survey') return null;
  return (
    <p>
      The hoop does not come about from the body: see Design. What is measured here gives its gaps, and is set
      beside it.
    </p>
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
