import {
  type BendSheet,
  earsOf,
  type Ears,
  formatLength,
  formatWithUnit,
  isMultiPlane,
  markOutStrip,
  type SheetDatum,
  tapeHook,
} from '@gyrus/core';
import { useCallback, useMemo } from 'react';
import { useCopes } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FittedDrawing } from '../../shared/figures/DrawingView.tsx';
import { Figure } from '../../shared/figures/Figure.tsx';
import { RolledOut } from './RolledOut.tsx';
import { StepCards } from './StepCards.tsx';

interface MarkOutProps {
  sheet: BendSheet;
  twin: BendSheet | null;
  datum: SheetDatum;
}

/** The tape is hooked on a cut end only where the copes are known; until then on the bare end, and it says so. */
export function MarkOutFromEar(props: MarkOutProps) {
  const copes = useCopes();
  return <MarkOut {...props} ears={copes && earsOf(copes, props.sheet.piece)} />;
}

/** The tube laid out for its marks, and the steps in their order. */
export function MarkOut({ sheet, twin, datum, ears = null }: MarkOutProps & { ears?: Ears | null }) {
  const style = useJobStyle();
  const hook = useMemo(() => tapeHook(sheet, datum, ears), [sheet, datum, ears]);
  const strip = useCallback(
    (width: number) => markOutStrip(sheet, { width, hook, style }),
    [sheet, hook, style],
  );
  const figures: [string, string][] = [
    ['cut the blank at', formatWithUnit(sheet.blank, style)],
    ['finished, on the axis', formatWithUnit(sheet.developed, style)],
    ['trim A, B', `${formatLength(sheet.trim[0], style)}, ${formatLength(sheet.trim[1], style)}`],
    ['centre from either end', formatLength(sheet.blank / 2, style)],
  ];
  return (
    <>
      <div className="flex flex-wrap gap-x-10 gap-y-2">
        {figures.map(([label, text]) => (
          <Figure key={label} label={label} text={text} />
        ))}
      </div>
      <FittedDrawing draw={strip} />
      {sheet.bends.length === 0 ? (
        <p>Straight: cut it to length, no bend.</p>
      ) : (
        <p className="text-quiet text-sm">
          All marks {hook.words}, each from that one datum: do not add up. The dotted line is the seam.
        </p>
      )}
      {isMultiPlane(sheet) && <RolledOut sheet={sheet} twin={twin} />}
      <StepCards sheet={sheet} hook={hook} />
    </>
  );
}
