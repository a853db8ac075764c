import {
  type Evaluation,
  type HoopAnswer,
  INCHES,
  measureBetween,
  MILLIMETRES,
  type Tube,
} from '@gyrus/core';
import { massWords } from '@gyrus/formats';
import { useMemo, useState } from 'react';
import { usePlan } from '../../job/store/planStore.ts';
import { CagePicture, type PictureKind } from './view/CagePicture.tsx';
import { FIRST_VIEW } from './view/viewSettings.ts';
import { MeasurePanel } from './view/MeasurePanel.tsx';
import { PictureTools } from './view/PictureTools.tsx';
import { SymmetryPanel } from './view/SymmetryPanel.tsx';

interface SeenCageProps {
  evaluation: Evaluation;
  hoop: HoopAnswer | null;
  all: Tube[];
  view: PictureKind;
  selected: string;
  onSelect: (piece: string) => void;
}

/** The picture with what can be done to it, what the cage comes to, and what is measured in it. */
export function SeenCage({ evaluation, hoop, all, view, selected, onSelect }: SeenCageProps) {
  const plan = usePlan();
  const [settings, setSettings] = useState(FIRST_VIEW);
  const [asked, setAsked] = useState({ from: '', to: '' });
  const tubes = useMemo(
    () => shownTubes(plan.fitOrder, all, settings.upTo),
    [plan.fitOrder, all, settings.upTo],
  );
  const from = asked.from || selected;
  const measured = useMemo(() => measureBetween(plan, all, from, asked.to), [plan, all, from, asked.to]);
  return (
    <>
      <CagePicture
        kind={view}
        hoop={hoop}
        evaluation={evaluation}
        tubes={tubes}
        selected={selected}
        onSelect={onSelect}
        settings={settings}
        measure={measured?.line ?? null}
      />
      {view !== 'hoop' && (
        <PictureTools settings={settings} onChange={setSettings} space={view === 'space'} tubes={all} />
      )}
      <Totals totals={evaluation.totals} />
      {view !== 'hoop' && (
        <div className="grid gap-6 xl:grid-cols-2">
          <MeasurePanel
            plan={plan}
            tubes={all}
            from={from}
            to={asked.to}
            onChange={(first, to) => setAsked({ from: first, to })}
          />
          {settings.ghosts && <SymmetryPanel />}
        </div>
      )}
    </>
  );
}

function shownTubes(fitOrder: string[], tubes: Tube[], upTo: number | null): Tube[] {
  if (upTo === null) return tubes;
  const fitted = new Set(fitOrder.slice(0, upTo));
  return tubes.filter(({ piece }) => fitted.has(piece));
}

function Totals({ totals }: { totals: Evaluation['totals'] }) {
  const many = (count: number, what: string) => `${count} ${what}${count === 1 ? '' : 's'}`;
  return (
    <p className="figure text-quiet">
      {many(totals.tubes, 'tube')}, {totals.metres.toFixed(2)} m, {many(totals.bends, 'bend')},{' '}
      {many(totals.copes, 'coped end')}, {massWords(totals.mass, MILLIMETRES, 1)} (
      {massWords(totals.mass, INCHES, 1)})
    </p>
  );
}
