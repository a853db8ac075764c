import { afterBend, formatAngle, pullTarget, saidIn, writeSaid } from '@gyrus/core';
import { correctionWords } from '@gyrus/formats';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { FloorButton } from '../FloorButton.tsx';
import { type BendStepProps } from './step.ts';
import { StepLayout } from './StepLayout.tsx';

/** What the measured bend asks for: more of a pull, the next bend, or somebody's judgement. */
export function NowStep({ answers, work, bend, time, done, scrap }: BendStepProps) {
  const { sheet, style, protractor } = answers;
  const tick = work.ticks.find((one) => one.step === `${bend.number}/release` && one.time === time);
  const { measured } = tick ?? {};
  if (!measured) return <p className="text-2xl">This bend was not measured.</p>;
  const correction = afterBend(sheet, bend, measured, protractor);
  const told = { zeroed: measured.zeroed, slipped: measured.slipped, read: measured.reading !== null };
  const words = correction.ok ? correctionWords(correction.value, told, style) : null;
  const verdict = correction.ok ? correction.value.verdict : null;
  const target = pullTarget(sheet, bend, time + 1, work.ticks, protractor);
  const on =
    target.kind === 'dial'
      ? `Pull on to ${formatAngle(target.to)}°`
      : `Pull ${formatAngle(target.more)}° farther`;
  const [first, ...rest] = words?.sentences ?? [];
  return (
    <StepLayout
      title={`Bend ${bend.number} has ${formatAngle(measured.released.deg)}°: what now?`}
      actions={
        <>
          {verdict !== 'right' && <FloorButton onClick={scrap}>The piece is scrap</FloorButton>}
          {verdict === 'short' ? (
            <>
              <FloorButton onClick={() => done()}>Leave it, go on</FloorButton>
              <FloorButton kind="now" onClick={() => done({ again: true })}>
                {on}
              </FloorButton>
            </>
          ) : (
            <FloorButton kind="now" onClick={() => done()}>
              {verdict === 'right' ? 'Go on' : 'Leave it as it is, go on'}
            </FloorButton>
          )}
        </>
      }
    >
      <div role="status" className="space-y-3 text-3xl">
        {!correction.ok && <p className="text-chalk">{writeSaid(saidIn(correction.fault), style)}.</p>}
        {first && (
          <p className={`text-5xl font-semibold ${words?.status === 'clear' ? '' : 'text-chalk'}`}>
            <Typeset text={first} />
          </p>
        )}
        {verdict === 'over' && (
          <p>
            Whether the part still clears the body and its copes still fit: offer it up, or ask at the desk
            under Bend.
          </p>
        )}
        {rest.map((sentence) => (
          <p key={sentence}>
            <Typeset text={sentence} />
          </p>
        ))}
      </div>
    </StepLayout>
  );
}
