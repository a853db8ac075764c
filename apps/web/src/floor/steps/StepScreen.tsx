import { ClampStep } from './ClampStep.tsx';
import { MarkStep } from './MarkStep.tsx';
import { NowStep } from './NowStep.tsx';
import { PullStep } from './PullStep.tsx';
import { ReleaseStep } from './ReleaseStep.tsx';
import { RollStep } from './RollStep.tsx';
import { type BendStepProps, type StepProps } from './step.ts';
import { TurnStep } from './TurnStep.tsx';
import { ZeroStep } from './ZeroStep.tsx';

/** The screen of a step. */
export function StepScreen(props: StepProps) {
  const { step, time, answers } = props;
  const bend = answers.sheet.bends.find(({ number }) => number === step.bend);
  if (!bend) return <MarkStep {...props} />;
  const pull = answers.sheet.steps.findIndex((one) => one.bend === bend.number);
  return <BendStep key={`${step.key}/${time}`} {...props} bend={bend} pull={pull} />;
}

function BendStep(props: BendStepProps) {
  switch (props.step.kind) {
    case 'mark':
      return <MarkStep {...props} />;
    case 'turn':
      return <TurnStep {...props} />;
    case 'clamp':
      return <ClampStep {...props} />;
    case 'zero':
      return <ZeroStep {...props} />;
    case 'pull':
      return <PullStep {...props} />;
    case 'release':
      return <ReleaseStep {...props} />;
    case 'now':
      return <NowStep {...props} />;
    case 'roll':
    case 'rise':
      return <RollStep {...props} />;
  }
}
