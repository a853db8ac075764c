import { type CopeCurve, type Copes, type EndCut, pieceAnswerOf } from '@gyrus/core';
import { seatWords } from '@gyrus/formats';
import { lazy, Suspense, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useCopes, useEvaluation } from '../../answers/useAnswers.ts';
import { ErrorBoundary } from '../../shared/frame/ErrorBoundary.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { Stamp } from '../../shared/figures/Stamp.tsx';
import { Loading } from '../../shared/frame/Waiting.tsx';
import { ClockTable } from './ClockTable.tsx';
import { CopedTo } from './CopedTo.tsx';
import { CopingSettings } from './CopingSettings.tsx';
import { EndList } from './EndList.tsx';
import { EndTick } from './EndTick.tsx';
import { LengthCard } from './LengthCard.tsx';
import { PrintCopes } from './PrintCopes.tsx';
import { SawCard } from './SawCard.tsx';
import { SeamCard } from './SeamCard.tsx';
import { StraightCutCard } from './StraightCutCard.tsx';
import { BeforeFitting } from './BeforeFitting.tsx';
import { Template } from './Template.tsx';

const EndSpace = lazy(async () => ({ default: (await import('./EndSpace.tsx')).EndSpace }));

const CURVES: { value: CopeCurve; text: string }[] = [
  { value: 'seating', text: 'seating' },
  { value: 'outer', text: 'outer' },
  { value: 'inner', text: 'inner' },
];

/** Every end of every tube with its cut: in space, as a template, as a saw card; the address says which end. */
export function CopeStage() {
  const copes = useCopes();
  if (!copes) return <Loading what="the copes" />;
  if (copes.ends.length === 0)
    return (
      <div className="space-y-4 p-5">
        <h1 className="text-2xl">Cope</h1>
        <p>There is nothing to cope yet: the hoop comes from the Survey, bars are added at Design.</p>
      </div>
    );
  return <Ends copes={copes} />;
}

function Ends({ copes }: { copes: Copes }) {
  const [address, setAddress] = useSearchParams();
  const [curve, setCurve] = useState<CopeCurve>('seating');
  const asked = address.get('end') ?? '';
  const cut =
    copes.ends.find((one) => keyOf(one) === asked) ??
    copes.ends.find(({ headers }) => headers.length > 0) ??
    copes.ends[0];
  if (!cut) return null;
  return (
    <div className="grid gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_300px] xl:grid-cols-[minmax(0,1fr)_340px]">
      <section aria-label="The cope" className="space-y-5">
        <div className="flex flex-wrap items-end justify-between gap-3">
          <div className="flex items-center gap-3">
            <Stamp text={cut.stamp} />
            <div>
              <h1 className="text-2xl">End {cut.end.toUpperCase()}</h1>
              <p className="text-quiet">
                {cut.headers.length > 0 ? `coped ${seatWords(cut)}` : seatWords(cut)}
              </p>
            </div>
          </div>
          <Segmented label="line drawn" value={curve} options={CURVES} onChange={setCurve} />
        </div>
        <EndTick cut={cut} />
        <EndCards key={keyOf(cut)} cut={cut} copes={copes} curve={curve} />
        <p className="text-quiet text-sm">
          Cut long and creep up. Hole saws on a slant grab: clamp the tube, not the hand. Zinc and coatings
          fume when welded: grind them back first.
        </p>
      </section>
      <aside aria-label="All ends" className="space-y-3">
        <EndList
          ends={copes.ends}
          selected={keyOf(cut)}
          onSelect={(one) => setAddress({ end: keyOf(one) }, { replace: true })}
        />
        <PrintCopes curve={curve} piece={cut.piece} />
        <CopingSettings />
      </aside>
    </div>
  );
}

interface EndCardsProps {
  cut: EndCut;
  copes: Copes;
  curve: CopeCurve;
}

function EndCards({ cut, copes, curve }: EndCardsProps) {
  const evaluation = useEvaluation();
  const tubeOf = (piece: string) => pieceAnswerOf(evaluation, piece)?.answer.tube ?? null;
  const tube = tubeOf(cut.piece);
  const headers = cut.headerPieces.flatMap((piece) => tubeOf(piece) ?? []);
  const lengths = copes.lengths.find(({ piece }) => piece === cut.piece);
  if (!tube || !lengths) return null;
  const isCut = cut.outer.length > 0;
  return (
    <>
      {isCut && (
        <div className="grid gap-4 xl:grid-cols-2">
          <ErrorBoundary what="The view in space">
            <Suspense fallback={<Loading what="the view in space" />}>
              <EndSpace cut={cut} tube={tube} headers={headers} />
            </Suspense>
          </ErrorBoundary>
          <Template cut={cut} tube={tube} headers={headers} curve={curve} />
        </div>
      )}
      <CopedTo cut={cut} />
      <SawCard cut={cut} lengths={lengths} od={tube.od} />
      {headers.length > 0 && <StraightCutCard cut={cut} tube={tube} headers={headers} />}
      <LengthCard copes={copes} tube={tube} lengths={lengths} />
      <BeforeFitting piece={cut.piece} copes={copes} />
      <SeamCard cut={cut} copes={copes} />
      {isCut && <ClockTable cut={cut} curve={curve} />}
    </>
  );
}

const keyOf = ({ piece, end }: EndCut): string => `${piece}/${end}`;
