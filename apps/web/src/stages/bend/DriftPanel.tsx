import { type Drift, formatAngle, pieceAnswerOf } from '@gyrus/core';
import { findingWords } from '@gyrus/formats';
import { useMemo } from 'react';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useEvaluation, useEvaluationOf } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';

/** The shop's die moved on since it was pinned. Nothing moves in silence: taking it over shows what it would change. */
export function DriftPanel({ piece }: { piece: string }) {
  const { drift, findings } = useEvaluation();
  const style = useJobStyle();
  const change = usePlanStore((state) => state.change);
  if (drift.length === 0) return null;
  const take = ({ current }: Drift) =>
    change('dies/take', (plan) => {
      plan.dies = plan.dies.map((die) => (die.id === current.id ? current : die));
    });
  return (
    <section
      aria-label="Changed at the shop"
      className="bg-sheet border-look rounded-machined space-y-2 border-2 p-3"
    >
      {drift.map((one) => {
        const finding = findings.find(({ key }) => key === `die-changed/${one.pinned.id}`);
        return (
          <div key={one.pinned.id} className="flex flex-wrap items-center justify-between gap-3">
            <div>
              <StatusMark status="look" /> {finding && findingWords(finding, style)}{' '}
              <Consequence drift={one} piece={piece} />
            </div>
            <Button onClick={() => take(one)}>Use the die as it is now</Button>
          </div>
        );
      })}
    </section>
  );
}

/** The readings before and after. */
function Consequence({ drift, piece }: { drift: Drift; piece: string }) {
  const plan = usePlan();
  const now = pieceAnswerOf(useEvaluation(), piece)?.answer.sheet;
  const { current } = drift;
  const taken = useMemo(
    () => ({ ...plan, dies: plan.dies.map((die) => (die.id === current.id ? current : die)) }),
    [plan, current],
  );
  const answers = useEvaluationOf(taken);
  if (!now || !answers) return null;
  const then = pieceAnswerOf(answers, piece)?.answer.sheet;
  if (!then) return <span>With it the tube cannot be marked.</span>;
  const changes = now.bends.flatMap((bend, i) => {
    const next = then.bends[i];
    const same = next && formatAngle(next.dial.to) === formatAngle(bend.dial.to);
    return next && !same
      ? [`bend ${bend.number}: ${formatAngle(bend.dial.to)}° → ${formatAngle(next.dial.to)}°`]
      : [];
  });
  return (
    <span className="figure">
      {changes.length > 0 ? `It would change ${changes.join(', ')}.` : 'No reading would change.'}
    </span>
  );
}
