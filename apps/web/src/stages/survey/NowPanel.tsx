import { type MeasureKey, MEASURES } from '@gyrus/core';
import { TakenAgain } from './TakenAgain.tsx';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { angleKind, lengthKind } from '../../shared/fields/quantityKinds.ts';

/** The measure in hand: what to measure and from where, and how the number was understood. */
export function NowPanel({ focus }: { focus: MeasureKey | null }) {
  const style = useJobStyle();
  const { measures } = usePlan().survey;
  if (!focus)
    return (
      <p>
        Press a box on the picture: it lights up what to measure and from where. Write it as you read it:{' '}
        <span className="figure">
          <Typeset text="23 3/8, 23.375, 594 mm or 59.4 cm" />
        </span>
        .
      </p>
    );
  const value = measures[focus];
  const understood = !value
    ? null
    : 'mm' in value
      ? lengthKind(style).understood(value)
      : angleKind().understood(value);
  return (
    <div className="border-chalk border-l-4 pl-3" aria-live="polite">
      <h2 className="text-lg">{MEASURES[focus].label}</h2>
      <p>{MEASURES[focus].how}</p>
      {MEASURES[focus].kind === 'angle' && (
        <p className="text-quiet">In degrees, or as a slope: 3 1/4 : 40.</p>
      )}
      <p className="figure text-quiet min-h-6">{understood && <Typeset text={understood} />}</p>
      {value && <TakenAgain key={focus} measure={focus} />}
    </div>
  );
}
