import { formatAngle } from '@gyrus/core';
import { FloorButton } from '../FloorButton.tsx';
import { DeviceLine } from '../../shared/devices/DeviceLine.tsx';
import { type BendStepProps } from './step.ts';
import { Caution, StepLayout } from './StepLayout.tsx';

/** The slack is taken up, and the dial set to nothing. */
export function ZeroStep({ answers: { walk }, bend, dial, change, done }: BendStepProps) {
  const zero = bend.die.dialZero?.deg ?? 0;
  const kind = typeof walk === 'string' ? null : walk.asked.bender.kind;
  const power = kind === 'draw-hydraulic' || kind === 'draw-air' || kind === 'ram';
  const zeroed = (yes: boolean) => {
    change({ zeroed: yes });
    done();
  };
  return (
    <StepLayout
      title="Preload, and zero the dial"
      figure={`${formatAngle(zero)}°`}
      actions={
        <>
          <FloorButton onClick={() => zeroed(false)}>It cannot be zeroed</FloorButton>
          <FloorButton kind="now" onClick={() => zeroed(true)}>
            Zeroed
          </FloorButton>
        </>
      }
    >
      <p>
        Pull until the slack is out and the tube just bears on the die, then set the dial
        {zero === 0 ? ' to nothing' : `: it reads ${formatAngle(zero)}° before the pull`}.
      </p>
      <DeviceLine name="dial" state={dial} />
      {power && <Caution>Pressure: keep clear of lines and ram, and let it off before you reach in.</Caution>}
    </StepLayout>
  );
}
