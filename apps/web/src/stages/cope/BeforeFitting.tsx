import { beforeFitting, type Copes, tubesIn } from '@gyrus/core';
import { beforeFittingWords } from '@gyrus/formats';
import { useMemo } from 'react';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';

/** What is done to the tube before it is fitted. */
export function BeforeFitting({ piece, copes }: { piece: string; copes: Copes }) {
  const plan = usePlan();
  const evaluation = useEvaluation();
  const style = useJobStyle();
  const before = useMemo(
    () => beforeFitting(plan, copes, { ...evaluation, tubes: tubesIn(evaluation) }, piece),
    [plan, copes, evaluation, piece],
  );
  if (!before) return null;
  return (
    <section
      aria-label="Before it is fitted"
      className="bg-sheet border-rule rounded-machined space-y-1 border p-4"
    >
      <h2 className="text-lg">Before it is fitted</h2>
      <ul className="list-disc space-y-1 pl-5">
        {beforeFittingWords(before, style).map((words) => (
          <li key={words}>
            <Typeset text={words} />
          </li>
        ))}
      </ul>
      <p className="text-quiet text-sm">Lengths of cleaning and the size of the hole are common practice.</p>
    </section>
  );
}
