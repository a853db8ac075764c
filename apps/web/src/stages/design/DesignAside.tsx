import { type Evaluation, type Finding, type HoopAnswer, pieceAnswerOf, stageOf } from '@gyrus/core';
import { lazy, Suspense, useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { PieceList } from '../../job/fields/PieceList.tsx';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FindingList } from '../../shared/figures/FindingList.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { useStable } from '../../shared/figures/useStable.ts';
import { Loading } from '../../shared/frame/Waiting.tsx';
import { AddMember } from './bar/AddMember.tsx';
import { BarInspector } from './bar/BarInspector.tsx';
import { FitOrder } from './FitOrder.tsx';
import { RadiusNote } from './RadiusNote.tsx';
import { HoopInspector } from './hoop/HoopInspector.tsx';

const PartsPanel = lazy(async () => ({ default: (await import('./parts/PartsPanel.tsx')).PartsPanel }));

const TABS = [
  { value: 'tubes', text: 'tubes' },
  { value: 'parts', text: 'plates and parts' },
  { value: 'order', text: 'fit order' },
] as const;

interface DesignAsideProps {
  evaluation: Evaluation;
  hoop: HoopAnswer | null;
  selected: string;
  select: (piece: string) => void;
}

/** What the machine says stands at Bend, and what a person is asked at Inspect. */
const standsAtDesign = ({ code }: Finding): boolean => stageOf(code) !== 'bend' && code !== 'asked';

/** The tubes and the parameters of the one being worked on; or plates and parts; or the fit order. Findings below each. */
export function DesignAside({ evaluation, hoop, selected, select }: DesignAsideProps) {
  const style = useJobStyle();
  const { members } = usePlan();
  const [address, setAddress] = useSearchParams();
  const tab = TABS.find(({ value }) => value === address.get('tab'))?.value ?? 'tubes';
  const shaping = useMemo(() => evaluation.findings.filter(standsAtDesign), [evaluation]);
  const goTo = useStable((finding: Finding) => {
    const member = members.find((one) => one.id === finding.member);
    const piece = member?.pieces[0]?.id;
    if (piece) select(piece);
  });
  return (
    <aside aria-label="Members and their parameters" className="space-y-5">
      <Segmented
        quiet
        label="work on"
        value={tab}
        options={TABS}
        onChange={(next) =>
          setAddress((before) => new URLSearchParams({ ...Object.fromEntries(before), tab: next }), {
            replace: true,
          })
        }
      />
      {tab === 'tubes' && <Tubes {...{ evaluation, hoop, selected, select }} />}
      {tab === 'parts' && (
        <Suspense fallback={<Loading what="plates and parts" />}>
          <PartsPanel />
        </Suspense>
      )}
      {tab === 'order' && <FitOrder selected={selected} onSelect={select} />}
      <div>
        <h2 className="mb-2 text-lg">Findings</h2>
        <FindingList findings={shaping} style={style} onOpen={goTo} />
      </div>
    </aside>
  );
}

function Tubes({ evaluation, hoop, selected, select }: DesignAsideProps) {
  const { members } = usePlan();
  const found = pieceAnswerOf(evaluation, selected);
  const member = members.find((one) => one.id === found?.of.member);
  return (
    <>
      <PieceList evaluation={evaluation} selected={selected} onSelect={select} />
      <AddMember onAdded={select} />
      {found?.answer.tube && <RadiusNote tube={found.answer.tube} />}
      {found && member && member.role !== 'main-hoop' ? (
        <BarInspector bar={member} answer={found.answer} onRemoved={() => select(hoop?.piece ?? '')} />
      ) : (
        hoop && <HoopInspector answer={hoop} onRemoved={() => select('')} />
      )}
    </>
  );
}
