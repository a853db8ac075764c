import { formatAngle, inDegrees, isTrusted } from '@gyrus/core';
import { useState } from 'react';
import { QuantityInput } from '../../shared/fields/QuantityInput.tsx';
import { angleKind, lengthKind } from '../../shared/fields/quantityKinds.ts';
import { DeviceLine } from '../devices/DeviceLine.tsx';
import { FloorButton } from '../FloorButton.tsx';
import { DiePicture } from '../picture/DiePicture.tsx';
import { type BendStepProps } from './step.ts';
import { StepLayout } from './StepLayout.tsx';

/** Let go, the bend is measured before it leaves the bender. */
export function ReleaseStep(props: BendStepProps) {
  const { bend, gauge, measures, change, done } = props;
  const [more, setMore] = useState(false);
  const { reading, released, zeroed, slipped } = measures;
  return (
    <StepLayout
      title="Release, and measure"
      actions={
        <>
          <FloorButton aria-pressed={more} onClick={() => setMore(!more)}>
            Something is wrong
          </FloorButton>
          <FloorButton kind="now" disabled={!released} onClick={() => done()}>
            {released ? `It has ${formatAngle(released.deg)}°` : 'Measure it first'}
          </FloorButton>
        </>
      }
      picture={more ? <Wrong {...props} /> : <Released {...props} />}
    >
      <p>
        Wanted: {formatAngle(bend.angle)}°, inside {formatAngle(bend.included)}°.
      </p>
      <div className="grid gap-4 sm:grid-cols-2">
        <QuantityInput
          label="released angle"
          kind={angleKind({ above: 0, most: 179 })}
          value={released}
          onChange={(value) => change({ released: value })}
          optional
        />
        <QuantityInput
          label="the dial read at full pull"
          kind={angleKind({ above: 0, most: 220 })}
          value={reading}
          onChange={(value) => change({ reading: value })}
          optional
        />
      </div>
      {gauge.is === 'reading' && gauge.deg > 0 ? (
        <FloorButton
          disabled={!gauge.steady}
          onClick={() => change({ released: inDegrees(Math.round(gauge.deg * 10) / 10) })}
        >
          {gauge.steady ? `Take the gauge's ${formatAngle(gauge.deg)}°` : 'The gauge is not steady yet'}
        </FloorButton>
      ) : (
        <DeviceLine name="gauge" state={gauge} />
      )}
      {!isTrusted({ zeroed, slipped }) && (
        <p className="text-chalk">
          The reading says nothing of springback:{' '}
          {[...(zeroed ? [] : ['the dial was not zeroed']), ...(slipped ? ['the tube slipped'] : [])].join(
            ', ',
          )}
          .
        </p>
      )}
    </StepLayout>
  );
}

/** The tube in the die as it stands when it is let go. */
const Released = ({ answers: { walk }, pull, bend }: BendStepProps) =>
  typeof walk === 'string' ? null : <DiePicture asked={walk.asked} pull={pull} dial={bend.angle} />;

/** What can be wrong with a bend, and the way to throw the piece away. */
function Wrong({ answers: { style, sheet }, bend, measures, change, scrap }: BendStepProps) {
  const { place, turn, zeroed, slipped } = measures;
  return (
    <div className="w-full space-y-4">
      <div className="flex flex-wrap gap-4">
        <FloorButton aria-pressed={!zeroed} onClick={() => change({ zeroed: !zeroed })}>
          {zeroed ? 'The dial was not zeroed' : 'Not zeroed: said'}
        </FloorButton>
        <FloorButton aria-pressed={slipped} onClick={() => change({ slipped: !slipped })}>
          {slipped ? 'It slipped: said' : 'The tube slipped'}
        </FloorButton>
      </div>
      <QuantityInput
        label="off its place, toward end B (may be empty)"
        kind={lengthKind(style)}
        value={place}
        onChange={(value) => change({ place: value })}
        optional
      />
      {sheet.bends[0] !== bend && (
        <QuantityInput
          label="turned from the bend before by (may be empty)"
          kind={angleKind({ least: -180, most: 180 })}
          value={turn}
          onChange={(value) => change({ turn: value })}
          optional
        />
      )}
      <FloorButton onClick={scrap}>The piece is scrap</FloorButton>
    </div>
  );
}
