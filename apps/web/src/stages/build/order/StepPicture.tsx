import { type BuildStep, buildView, type CageView, type Tube } from '@gyrus/core';
import { useCallback, useState } from 'react';
import { FittedDrawing } from '../../../shared/figures/DrawingView.tsx';
import { Segmented } from '../../../shared/fields/Segmented.tsx';

const VIEWS: { value: CageView; text: string }[] = [
  { value: 'corner', text: 'from the corner' },
  { value: 'front', text: 'from behind' },
  { value: 'side', text: 'from the left' },
  { value: 'top', text: 'from above' },
];

/** The cage as it stands at a step, with what the step is about lit. */
export function StepPicture({ step, tubes }: { step: BuildStep; tubes: Tube[] }) {
  const [view, setView] = useState<CageView>('corner');
  const draw = useCallback(
    (width: number) =>
      buildView(tubes, {
        view,
        width,
        height: Math.round(width * 0.5),
        standing: step.standing,
        ...litIn(step),
      }),
    [tubes, view, step],
  );
  return (
    <figure className="space-y-2">
      <FittedDrawing draw={draw} className="bg-sheet border-rule rounded-machined border" />
      <figcaption className="flex flex-wrap items-center justify-between gap-3">
        <span className="text-quiet text-sm">solid: stands now · lit: this step · dashed: still to come</span>
        <Segmented label="seen" value={view} options={VIEWS} onChange={setView} quiet />
      </figcaption>
    </figure>
  );
}

/** What a step is about, in the picture. */
function litIn({ work }: BuildStep): Pick<Parameters<typeof buildView>[1], 'lit' | 'welds' | 'tacks'> {
  if (work.kind === 'tack')
    return {
      lit: work.tubes.map(({ piece }) => piece),
      welds: [],
      tacks: work.tubes.flatMap(({ tacks }) => tacks.map(({ at }) => at)),
    };
  if (work.kind === 'weld')
    return {
      lit: [...new Set(work.seams.map(({ piece }) => piece))],
      welds: work.seams.map(({ at }) => at),
      tacks: [],
    };
  if (work.kind === 'prime')
    return { lit: [...new Set(work.stretches.map(({ piece }) => piece))], welds: [], tacks: [] };
  return { lit: [], welds: [], tacks: [] };
}
