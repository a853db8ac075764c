import { formatAngle, formatWithUnit, type PullTarget, pullTarget } from '@gyrus/core';
import { useState } from 'react';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { asRead } from '../../shared/devices/asRead.ts';
import { DeviceLine } from '../../shared/devices/DeviceLine.tsx';
import { type DeviceState } from '../../shared/devices/useDevices.ts';
import { FloorButton } from '../FloorButton.tsx';
import { DiePicture } from '../picture/DiePicture.tsx';
import { TubeStrip } from '../picture/TubeStrip.tsx';
import { TypeAngle } from './TypeAngle.tsx';
import { type BendStepProps } from './step.ts';
import { Caution, StepLayout } from './StepLayout.tsx';

/** The pull itself: what to pull to, how far it is by the dial, and what was read at its end. */
export function PullStep(props: BendStepProps) {
  const { answers, hook, work, bend, pull, time, dial, change, done } = props;
  const { sheet, style, walk, protractor } = answers;
  const [typing, setTyping] = useState(false);
  const target = pullTarget(sheet, bend, time, work.ticks, protractor);
  const live = dial.is === 'reading' ? dial.deg : null;
  const reach = typeof walk === 'string' ? undefined : walk.pulls[pull]?.reach;
  const read = (degrees: number) => {
    change({ reading: asRead(degrees) });
    done();
  };
  const made = new Set(sheet.steps.slice(0, pull).map((step) => step.bend));
  if (typing)
    return (
      <TypeAngle
        title="What did the dial read at full pull?"
        most={220}
        back={() => setTyping(false)}
        take={read}
      />
    );
  return (
    <StepLayout
      title={target.kind === 'dial' ? 'Pull to' : 'Pull farther than the last pull by'}
      figure={`${formatAngle(target.kind === 'dial' ? target.to : target.more)}°`}
      picture={
        typeof walk === 'string' ? null : (
          <DiePicture
            asked={walk.asked}
            pull={pull}
            dial={Math.max(0, Math.min(live === null ? 0 : pulled(live, bend.die.dialZero), bend.reading))}
          />
        )
      }
      below={<TubeStrip sheet={sheet} hook={hook} style={style} bend={bend} made={made} />}
      actions={
        <>
          <FloorButton onClick={() => setTyping(true)}>Type the dial</FloorButton>
          <AtFullPull target={target} live={live} read={read} />
        </>
      }
    >
      <p>
        springs back to {formatAngle(bend.angle)}°. Inside angle {formatAngle(bend.included)}°.
        {time === 1 && bend.dial.next !== null && ` The dial's next step is ${formatAngle(bend.dial.next)}°.`}
      </p>
      {target.kind === 'dial' && live !== null && <ToGo to={target.to} live={live} />}
      <DeviceTrouble dial={dial} />
      <Caution>
        Stand clear
        {reach !== undefined && <Typeset text={`: the end swings ${formatWithUnit(reach, style)}`} />}.
      </Caution>
    </StepLayout>
  );
}

const pulled = (dial: number, zero: { deg: number } | null): number => dial - (zero?.deg ?? 0);

const DeviceTrouble = ({ dial }: { dial: DeviceState }) =>
  dial.is === 'reading' ? null : <DeviceLine name="dial" state={dial} />;

interface AtFullPullProps {
  target: PullTarget;
  live: number | null;
  read: (degrees: number) => void;
}

/** The tap that says that the pull is done: by the dial as it stands, by what was asked for, or by typing alone. */
function AtFullPull({ target, live, read }: AtFullPullProps) {
  const at = live ?? (target.kind === 'dial' ? target.to : null);
  if (at === null) return null;
  return (
    <FloorButton kind="now" disabled={at <= 0} onClick={() => read(at)}>
      At {formatAngle(at)}°. Release and measure
    </FloorButton>
  );
}

/** Nearer than this the dial cannot be stopped more exactly. Degrees */
const THERE = 0.15;

/** How far it still is, as a bar that fills; at its end it says stop. */
function ToGo({ to, live }: { to: number; live: number }) {
  const left = to - live;
  const [full, words] =
    left > THERE
      ? [false, `${formatAngle(left)}° to go`]
      : [true, left < -THERE ? `STOP: ${formatAngle(-left)}° past` : 'STOP'];
  return (
    <div>
      <div className="h-9 border-2 border-[#6f79d8]">
        <div
          className={`h-full ${full ? 'bg-chalk' : 'bg-[#5a64d6]'}`}
          style={{ width: `${Math.max(0, Math.min(100, (100 * live) / to))}%` }}
        />
      </div>
      <p className="mt-1 flex justify-between font-semibold">
        <span className="figure">dial {formatAngle(live)}</span>
        <span role="status" className={`text-chalk figure ${full ? 'text-4xl font-bold' : ''}`}>
          {words}
        </span>
      </p>
    </div>
  );
}
