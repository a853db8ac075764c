import { rollOf } from '@gyrus/core';
import { riseLabel, rollFigures } from '@gyrus/formats';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { FloorButton } from '../FloorButton.tsx';
import { type BendStepProps } from './step.ts';
import { Caution, StepLayout } from './StepLayout.tsx';

/** An arc of the roller: between its two marks, until the rise is right. */
export function RollStep({ answers: { sheet, style, roller }, hook, bend, step, done }: BendStepProps) {
  const figures = rollFigures(sheet, bend, hook, roller, style);
  const big =
    step.kind === 'roll'
      ? 'radius, on the axis'
      : riseLabel(rollOf(sheet, bend.number, roller?.gauge ?? null), style);
  const shown = figures.find(({ label }) => label === big);
  return (
    <StepLayout
      title={step.kind === 'roll' ? `Roll, ${big}` : `Lay the template on: ${big}`}
      figure={<Typeset text={shown?.text ?? ''} />}
      actions={
        <FloorButton kind="now" onClick={() => done()}>
          {step.kind === 'roll' ? 'Rolled' : 'The rise is right'}
        </FloorButton>
      }
    >
      {figures
        .filter(({ label }) => label !== big)
        .map(({ label, text }) => (
          <p key={label}>
            <span className="text-quiet">{label}: </span>
            <Typeset text={text} />
          </p>
        ))}
      <Caution>Fingers and gloves away from the rolls: they draw in.</Caution>
    </StepLayout>
  );
}
