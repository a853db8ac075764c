import { formatLength, formatWithUnit, markOutStrip } from '@gyrus/core';
import { isRolled, markSide, tubeWords } from '@gyrus/formats';
import { useCallback } from 'react';
import { FittedDrawing } from '../../shared/figures/DrawingView.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { FloorButton } from '../FloorButton.tsx';
import { type StepProps } from './step.ts';
import { StepFoot } from './StepLayout.tsx';

/** The tube is cut, cleaned and marked, every mark from one datum. */
export function MarkStep({ answers: { sheet, style, tube }, hook, done }: StepProps) {
  const strip = useCallback(
    (width: number) => markOutStrip(sheet, { width, hook, style }),
    [sheet, hook, style],
  );
  return (
    <>
      <div className="min-h-0 flex-1 space-y-3">
        <h2 className="text-3xl font-medium">Clean, cut and mark</h2>
        <div className="flex flex-wrap items-end gap-x-12 gap-y-2">
          <div>
            <p className="text-quiet text-xl">cut the blank at</p>
            <p className="figure text-7xl leading-none font-bold">
              <Typeset text={formatWithUnit(sheet.blank, style)} />
            </p>
            <p className="text-quiet mt-2 text-xl">
              <Typeset text={tubeWords(tube)} />
            </p>
          </div>
          <ul aria-label="Marks" className="flex flex-wrap gap-x-10 gap-y-3">
            {sheet.bends.map((bend) => (
              <li key={bend.number}>
                <p className="text-quiet text-xl">
                  bend {bend.number}, {markSide(hook, bend)}
                </p>
                <p className="figure text-chalk text-5xl leading-tight font-bold">
                  {isRolled(bend) ? (
                    <Typeset
                      text={`${formatLength(Math.abs(hook.reads(bend.tangentA)), style)} to ${formatLength(Math.abs(hook.reads(bend.tangentB)), style)}`}
                    />
                  ) : (
                    <Typeset text={formatLength(Math.abs(hook.reads(bend.mark)), style)} />
                  )}
                </p>
              </li>
            ))}
          </ul>
        </div>
        <FittedDrawing draw={strip} className="bg-sheet rounded-machined p-3" />
        <p className="text-xl">
          All marks {hook.words}, each from that one datum: do not add up. Write A and B on the ends.
        </p>
      </div>
      <StepFoot>
        <FloorButton kind="now" onClick={() => done()}>
          It is marked
        </FloorButton>
      </StepFoot>
    </>
  );
}
