import { type Angle } from '@gyrus/core';
import { useState } from 'react';
import { QuantityInput } from '../../shared/fields/QuantityInput.tsx';
import { angleKind } from '../../shared/fields/quantityKinds.ts';
import { FloorButton } from '../FloorButton.tsx';
import { StepLayout } from './StepLayout.tsx';

interface TypeAngleProps {
  title: string;
  most: number;
  back: () => void;
  take: (degrees: number) => void;
}

/** An angle that is typed where no device says it. */
export function TypeAngle({ title, most, back, take }: TypeAngleProps) {
  const [angle, setAngle] = useState<Angle | null>(null);
  return (
    <StepLayout
      title={title}
      actions={
        <>
          <FloorButton onClick={back}>Not yet</FloorButton>
          <FloorButton kind="now" disabled={!angle} onClick={() => angle && take(angle.deg)}>
            Take it, release and measure
          </FloorButton>
        </>
      }
    >
      <QuantityInput
        label="degrees"
        kind={angleKind({ above: 0, most })}
        value={angle}
        onChange={setAngle}
        optional
      />
    </StepLayout>
  );
}
