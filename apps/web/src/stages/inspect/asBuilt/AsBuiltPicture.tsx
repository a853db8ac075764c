import { asBuiltView, type BuiltDeviation, hoopAnswerOf } from '@gyrus/core';
import { useCallback } from 'react';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { FittedDrawing } from '../../../shared/figures/DrawingView.tsx';

/** Errors are drawn so many times larger than they are. */
const TIMES = 20;

/** The hoop from behind with how far it is off, drawn larger than it is. */
export function AsBuiltPicture({ deviations }: { deviations: BuiltDeviation[] }) {
  const hoop = hoopAnswerOf(useEvaluation())?.tube ?? null;
  const style = useJobStyle();
  const draw = useCallback(
    (width: number) =>
      hoop && asBuiltView(hoop, deviations, { width, height: Math.round(width * 0.75), times: TIMES, style }),
    [hoop, deviations, style],
  );
  if (!hoop) return null;
  return (
    <figure className="space-y-1">
      <FittedDrawing draw={draw} className="bg-sheet border-rule rounded-machined border" />
      <figcaption className="text-quiet text-sm">
        from behind; blue: as planned · arrows: how far off, {TIMES} times as large
      </figcaption>
    </figure>
  );
}
