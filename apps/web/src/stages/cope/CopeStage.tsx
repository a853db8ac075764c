import { type CopeCurve, type Copes, type EndCut, pieceAnswerOf } from '@gyrus/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useCopes, useEvaluation } from '../../job/useEvaluation.ts';
import { Segmented } from '../../shared/Segmented.tsx';
import { Stamp } from '../../shared/Stamp.tsx';
import { Loading } from '../../shared/Waiting.tsx';
import { ClockTable } from './ClockTable.tsx';
import { EndList } from './EndList.tsx';
import { SawCard } from './SawCard.tsx';
import { Template } from './Template.tsx';

const CURVES: { value: CopeCurve; text: string }[] = [
  { value: 'seating', text: 'seating' },
  { value: 'outer', text: 'outer' },
  { value: 'inner', text: 'inner' },
];

/** Every end of every tube with its cut: saw card, wrap template, lengths; the address says which end. */
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
  const evaluation = useEvaluation();
  const asked = address.get('end') ?? '';
  const cut =
    copes.ends.find((one) => keyOf(one) === asked) ??
    copes.ends.find(({ headers }) => headers.length > 0) ??
    copes.ends[0];
  if (!cut) return null;
  const tube = pieceAnswerOf(evaluation, cut.piece)?.answer.tube;
  const lengths = copes.lengths.find(({ piece }) => piece === cut.piece);
  return (
    <div className="grid gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_290px] xl:grid-cols-[minmax(0,1fr)_330px]">
      <section aria-label="The cope" className="space-y-5">
        <div className="flex flex-wrap items-end justify-between gap-3">
          <div className="flex items-center gap-3">
            <Stamp text={cut.stamp} />
            <div>
              <h1 className="text-2xl">End {cut.end.toUpperCase()}</h1>
              <p className="text-quiet">
                {cut.headers.length > 0 ? `coped to ${cut.headers.join(', ')}` : 'stands on no tube'}
              </p>
            </div>
          </div>
          <Segmented label="line drawn" value={curve} options={CURVES} onChange={setCurve} />
        </div>
        {tube && cut.outer.length > 0 && <Template cut={cut} od={tube.od} curve={curve} />}
        {tube && lengths && <SawCard cut={cut} od={tube.od} lengths={lengths} />}
        {cut.outer.length > 0 && <ClockTable cut={cut} curve={curve} />}
        <p className="text-quiet text-sm">
          Cut long and creep up. Hole saws on a slant grab: clamp the tube, not the hand. Zinc and coatings
          fume when welded: grind them back first.
        </p>
      </section>
      <EndList
        ends={copes.ends}
        selected={keyOf(cut)}
        onSelect={(one) => setAddress({ end: keyOf(one) }, { replace: true })}
      />
    </div>
  );
}

const keyOf = ({ piece, end }: EndCut): string => `${piece}/${end}`;
