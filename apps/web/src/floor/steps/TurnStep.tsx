import { formatAngle, formatWithUnit } from '@gyrus/core';
import { hindranceWords, turnWords } from '@gyrus/formats';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { FloorButton } from '../FloorButton.tsx';
import { TurnPicture } from '../picture/TurnPicture.tsx';
import { type BendStepProps } from './step.ts';
import { Caution, StepLayout } from './StepLayout.tsx';

/** How the tube lies for this pull: end for end, and turned about itself. */
export function TurnStep({ answers: { sheet, style, walk }, bend, pull, done }: BendStepProps) {
  const step = sheet.steps[pull];
  if (!step) return null;
  const first = pull === 0;
  const walked = typeof walk === 'string' ? null : walk.pulls[pull];
  return (
    <StepLayout
      title={first ? 'Put the tube in' : step.endForEnd ? 'Turn it end for end, then rotate to' : 'Rotate to'}
      figure={first ? `feed ${fed(bend.clampSide)}` : `${formatAngle(step.turn)}°`}
      picture={first ? null : <TurnPicture degrees={step.turn} />}
      actions={
        <FloorButton kind="now" onClick={() => done()}>
          It lies so
        </FloorButton>
      }
    >
      <p>
        <Typeset text={turnWords(step, first, style)} />.
      </p>
      {!first && (
        <p>
          Feed end {fed(bend.clampSide)}: the clamp is toward {bend.clampSide.toUpperCase()}.
        </p>
      )}
      {first && <p>The clamp is toward {bend.clampSide.toUpperCase()}.</p>}
      {walked?.hindrances.map((one) => (
        <Caution key={JSON.stringify(one)}>This pull cannot be made: {hindranceWords(one, style)}.</Caution>
      ))}
      {walked && (
        <p className="text-quiet">
          <Typeset text={`The end reaches ${formatWithUnit(walked.reach, style)} from the die.`} />
        </p>
      )}
    </StepLayout>
  );
}

const fed = (clamp: 'a' | 'b'): string => (clamp === 'a' ? 'B' : 'A');
