import { formatLength } from '@gyrus/core';
import { clampWords, lineUpWords, markSide } from '@gyrus/formats';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { FloorButton } from '../FloorButton.tsx';
import { DiePicture } from '../picture/DiePicture.tsx';
import { type BendStepProps } from './step.ts';
import { Caution, StepLayout } from './StepLayout.tsx';

/** The mark goes to its place, and the clamp on. */
export function ClampStep({ answers: { style, walk }, hook, bend, pull, done }: BendStepProps) {
  return (
    <StepLayout
      title={`Clamp on: ${lineUpWords(bend)}`}
      figure={<Typeset text={formatLength(Math.abs(hook.reads(bend.mark)), style)} />}
      picture={typeof walk === 'string' ? null : <DiePicture asked={walk.asked} pull={pull} whole />}
      actions={
        <FloorButton kind="now" onClick={() => done()}>
          Clamped
        </FloorButton>
      }
    >
      <p>
        <Typeset text={`${markSide(hook, bend)}. ${bend.die.machine}, ${bend.die.name}.`} />
      </p>
      <p>{clampWords(bend)}.</p>
      <Caution>Pinch points: fingers out of clamp and die.</Caution>
    </StepLayout>
  );
}
