import {
  type HoopAnswer,
  hoopAnswerOf,
  type HoopGeometry,
  mainHoopOf,
  MEASURES,
  saidIn,
  type Tube,
  tubesIn,
  writeSaid,
} from '@gyrus/core';
import { useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { useStable } from '../../shared/figures/useStable.ts';
import { hasWebGl, type PictureKind } from './view/CagePicture.tsx';
import { DesignAside } from './DesignAside.tsx';
import { usePlan } from '../../job/store/planStore.ts';
import { AddedUp } from './hoop/AddedUp.tsx';
import { BesideBody } from './hoop/BesideBody.tsx';
import { HoopFigures } from './hoop/HoopFigures.tsx';
import { SeenCage } from './SeenCage.tsx';

const VIEWS: { value: PictureKind; text: string }[] = [
  { value: 'hoop', text: 'hoop in the car' },
  { value: 'front', text: 'front' },
  { value: 'side', text: 'side' },
  { value: 'top', text: 'top' },
  { value: 'corner', text: 'corner' },
  { value: 'space', text: 'in space' },
];

const VIEW_WORDS: Record<PictureKind, string> = {
  hoop: "looking forward, from the driver's back",
  front: "looking forward, from the driver's back",
  side: 'from the left: forward is to the left',
  top: 'from above: forward is up',
  corner: 'from above the left rear corner',
  space: 'drag to turn it, press a tube to pick it',
};

/** The cage as it comes out of the measurements, tube by tube; the address says which tube is being worked on, and how it is seen. */
export function DesignStage() {
  const evaluation = useEvaluation();
  const hoop = hoopAnswerOf(evaluation);
  const all = useMemo(() => tubesIn(evaluation), [evaluation]);
  const { view, selected, select, look } = useDesignAddress(hoop, all);
  const hasCage = all.length > 0;
  return (
    <div className="grid gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_330px] xl:grid-cols-[minmax(0,1fr)_390px]">
      <section aria-label="The cage" className="space-y-4">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <h1 className="text-2xl">
            {view === 'hoop' ? 'Main hoop' : 'Cage'}{' '}
            <span className="text-quiet text-base font-medium">{VIEW_WORDS[view]}</span>
          </h1>
          {hasCage && (
            <Segmented
              quiet
              label="view"
              value={view}
              options={VIEWS.filter(
                ({ value }) => (value !== 'space' || hasWebGl) && (value !== 'hoop' || hoop),
              )}
              onChange={look}
            />
          )}
        </div>
        {hasCage ? (
          <SeenCage {...{ evaluation, hoop, all, view, selected }} onSelect={select} />
        ) : (
          <NoHoopYet answer={hoop} />
        )}
        {hoop && 'hoop' in hoop.hoop && view === 'hoop' && <HoopTold geometry={hoop.hoop.hoop} />}
      </section>
      <DesignAside evaluation={evaluation} hoop={hoop} selected={selected} select={select} />
    </div>
  );
}

/** The figures of the hoop; added up and held against the body where it does not come from there. */
function HoopTold({ geometry }: { geometry: HoopGeometry }) {
  const hoop = mainHoopOf(usePlan());
  return (
    <>
      <HoopFigures hoop={geometry} />
      {hoop?.way.kind === 'take-off' && <AddedUp hoop={hoop} way={hoop.way} />}
      {hoop && !geometry.fromSurvey && <BesideBody hoop={hoop} geometry={geometry} />}
    </>
  );
}

/** What the address says: the view, and the tube that is worked on. */
function useDesignAddress(hoop: HoopAnswer | null, all: Tube[]) {
  const [address, setAddress] = useSearchParams();
  const put = (changes: Record<string, string>) =>
    setAddress((before) => new URLSearchParams({ ...Object.fromEntries(before), ...changes }), {
      replace: true,
    });
  return {
    view: viewOf(address.get('view'), hoop),
    selected: address.get('tube') ?? hoop?.piece ?? all[0]?.piece ?? '',
    select: useStable((piece: string) => put({ tube: piece })),
    look: (view: PictureKind) => put({ view }),
  };
}

/** The hoop in the car is the picture to begin with; a cage without one is seen from its side. */
function viewOf(asked: string | null, hoop: HoopAnswer | null): PictureKind {
  const known = VIEWS.find(({ value }) => value === asked)?.value;
  // A bar across the car is a dot from the side.
  const view = known ?? (hoop?.tube ? 'hoop' : hoop ? 'side' : 'corner');
  if (view === 'hoop' && !hoop?.tube) return 'side';
  return view === 'space' && !hasWebGl ? 'side' : view;
}

function NoHoopYet({ answer }: { answer: HoopAnswer | null }) {
  const style = useJobStyle();
  if (!answer)
    return (
      <p className="bg-sheet border-rule rounded-machined border p-6">
        This job has no main hoop and no tube yet: add at the right what is built, a harness bar between two
        places of the body, a frame, or a main hoop.
      </p>
    );
  const none = 'none' in answer.hoop ? answer.hoop.none : null;
  return (
    <div className="bg-sheet border-rule rounded-machined border p-6">
      {none?.why === 'missing' && (
        <p>
          The hoop is drawn as soon as these are measured:{' '}
          {none.missing.map((key) => MEASURES[key].label).join('; ')}. Or let it come about another way, at
          the right. A frame without a car needs no hoop: add frame tubes there.
        </p>
      )}
      {none?.why === 'contradiction' && (
        <p>The wall's lean and the widths contradict each other: say which reading is not trusted.</p>
      )}
      {none?.why === 'impossible' && <p>{writeSaid(saidIn(none.fault), style)}.</p>}
      {!none && <p>The bends do not fit this hoop: see the findings.</p>}
      <Link to="../survey" className="mt-3 inline-flex min-h-10 items-center font-semibold underline">
        Go to Survey
      </Link>
    </div>
  );
}
