import { type Evaluation, hoopAnswerOf, type HoopAnswer, MEASURES, pieceAnswerOf } from '@gyrus/core';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { PieceList } from '../../job/PieceList.tsx';
import { usePlan } from '../../job/planStore.ts';
import { useEvaluation } from '../../job/useEvaluation.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FindingList } from '../../shared/FindingList.tsx';
import { Segmented } from '../../shared/Segmented.tsx';
import { AddMember } from './AddMember.tsx';
import { BarInspector } from './BarInspector.tsx';
import { CagePicture, type PictureKind } from './CagePicture.tsx';
import { HoopFigures } from './HoopFigures.tsx';
import { HoopInspector } from './HoopInspector.tsx';

const SHAPING = new Set([
  'in-body',
  'impossible',
  'does-not-bend',
  'contradiction',
  'contradiction-settled',
  'asymmetry',
  'not-placed',
  'loop',
]);

const VIEWS: { value: PictureKind; text: string }[] = [
  { value: 'hoop', text: 'hoop in the car' },
  { value: 'front', text: 'front' },
  { value: 'side', text: 'side' },
  { value: 'top', text: 'top' },
  { value: 'space', text: 'in space' },
];

/** The cage as it comes out of the measurements, tube by tube; the address says which tube is being worked on. */
export function DesignStage() {
  const evaluation = useEvaluation();
  const answer = hoopAnswerOf(evaluation);
  const [address, setAddress] = useSearchParams();
  const [view, setView] = useState<PictureKind>('hoop');
  if (!answer) return null;
  const selected = address.get('tube') ?? answer.piece;
  const select = (piece: string) => setAddress({ tube: piece }, { replace: true });
  const tubes = evaluation.members.flatMap((member) => member.pieces.flatMap(({ tube }) => tube ?? []));
  return (
    <div className="grid gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_330px] xl:grid-cols-[minmax(0,1fr)_370px]">
      <section aria-label="The cage" className="space-y-4">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <h1 className="text-2xl">
            {view === 'hoop' ? 'Main hoop' : 'Cage'}{' '}
            <span className="text-quiet text-base font-medium">{VIEW_WORDS[view]}</span>
          </h1>
          {answer.tube && <Segmented quiet label="view" value={view} options={VIEWS} onChange={setView} />}
        </div>
        {answer.tube ? (
          <CagePicture kind={view} hoop={answer} tubes={tubes} selected={selected} onSelect={select} />
        ) : (
          <NoHoopYet answer={answer} />
        )}
        {answer.tube && <Totals totals={evaluation.totals} />}
        {'hoop' in answer.hoop && <HoopFigures hoop={answer.hoop.hoop} />}
      </section>
      <Aside evaluation={evaluation} answer={answer} selected={selected} select={select} />
    </div>
  );
}

const VIEW_WORDS: Record<PictureKind, string> = {
  hoop: "looking forward, from the driver's back",
  front: "looking forward, from the driver's back",
  side: 'from the left: forward is to the left',
  top: 'from above: forward is up',
  space: 'drag to turn it, press a tube to pick it',
};

function Totals({ totals }: { totals: Evaluation['totals'] }) {
  const pounds = totals.mass / 0.45359237;
  return (
    <p className="figure text-quiet">
      {totals.tubes} tube{totals.tubes === 1 ? '' : 's'}, {totals.metres.toFixed(2)} m,{' '}
      {totals.mass.toFixed(1)} kg ({pounds.toFixed(1)} lb)
    </p>
  );
}

interface AsideProps {
  evaluation: Evaluation;
  answer: HoopAnswer;
  selected: string;
  select: (piece: string) => void;
}

/** The list of tubes, and the parameters of the one being worked on. */
function Aside({ evaluation, answer, selected, select }: AsideProps) {
  const { members } = usePlan();
  const style = useJobStyle();
  const found = pieceAnswerOf(evaluation, selected);
  const member = members.find((one) => one.id === found?.of.member);
  const shaping = evaluation.findings.filter(
    (finding) => SHAPING.has(finding.code) || (finding.rule && finding.code !== 'asked'),
  );
  return (
    <aside aria-label="Members and their parameters" className="space-y-5">
      <PieceList evaluation={evaluation} selected={selected} onSelect={select} />
      <AddMember onAdded={select} />
      {found && member && member.role !== 'main-hoop' ? (
        <BarInspector bar={member} answer={found.answer} onRemoved={() => select(answer.piece)} />
      ) : (
        <HoopInspector answer={answer} />
      )}
      <div>
        <h2 className="mb-2 text-lg">Findings</h2>
        <FindingList findings={shaping} style={style} />
      </div>
    </aside>
  );
}

function NoHoopYet({ answer }: { answer: HoopAnswer }) {
  const none = 'none' in answer.hoop ? answer.hoop.none : null;
  return (
    <div className="bg-sheet border-rule rounded-machined border p-6">
      {none?.why === 'missing' && (
        <p>
          The hoop is drawn as soon as these are measured:{' '}
          {none.missing.map((key) => MEASURES[key].label).join('; ')}.
        </p>
      )}
      {none?.why === 'contradiction' && (
        <p>The wall's lean and the widths contradict each other: say which to trust.</p>
      )}
      {none?.why === 'impossible' && <p>{none.message}.</p>}
      {!none && <p>The bends do not fit this hoop: see the findings.</p>}
      <Link to="../survey" className="mt-3 inline-flex min-h-10 items-center font-semibold underline">
        Go to Survey
      </Link>
    </div>
  );
}
