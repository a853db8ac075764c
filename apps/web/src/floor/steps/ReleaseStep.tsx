import { formatAngle, isTrusted, turnOf } from '@gyrus/core';
import { useState } from 'react';
import { DialReadBox, OffPlaceBox, ReleasedBox, TurnedBox } from '../../stages/bend/whatNow/MeasureBoxes.tsx';
import { asRead } from '../../shared/devices/asRead.ts';
import { DeviceLine } from '../../shared/devices/DeviceLine.tsx';
import { FloorButton } from '../FloorButton.tsx';
import { DiePicture } from '../picture/DiePicture.tsx';
import { type BendStepProps } from './step.ts';
import { StepLayout } from './StepLayout.tsx';

/** Let go, the bend is measured before it leaves the bender. */
export function ReleaseStep(props: BendStepProps) {
  const { bend, gauge, measures, change, done } = props;
  const [more, setMore] = useState(false);
  const { released, zeroed, slipped } = measures;
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
        <ReleasedBox measures={measures} change={change} />
        <DialReadBox measures={measures} change={change} />
      </div>
      {gauge.is === 'reading' && gauge.deg > 0 ? (
        <FloorButton disabled={!gauge.steady} onClick={() => change({ released: asRead(gauge.deg) })}>
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
  const { zeroed, slipped } = measures;
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
      <OffPlaceBox measures={measures} change={change} style={style} />
      {!turnOf(sheet, bend).isFirst && <TurnedBox measures={measures} change={change} />}
      <FloorButton onClick={scrap}>The piece is scrap</FloorButton>
    </div>
  );
}
