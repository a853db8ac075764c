import {
  type CopeCurve,
  copeTemplate,
  type EndCut,
  formatWithUnit,
  outlineDrawing,
  straightCutsOf,
  type Tube,
  wrapLength,
} from '@gyrus/core';
import { useCallback, useMemo, useState } from 'react';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { useOpenSaved } from '../../job/store/useOpenSaved.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { FittedDrawing } from '../../shared/figures/DrawingView.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';

interface TemplateProps {
  cut: EndCut;
  tube: Tube;
  headers: Tube[];
  curve: CopeCurve;
}

/** The wrap template as it will be printed, smaller or larger here; at true size as PDF, SVG and DXF. */
export function Template({ cut, tube, headers, curve }: TemplateProps) {
  const { od } = tube;
  const [header] = headers;
  const [withStraight, setWithStraight] = useState(false);
  const style = useJobStyle();
  const { coping, units } = usePlan();
  const revision = usePlanStore((state) => state.base.number);
  const open = useOpenSaved();
  const paper = coping.paper.mm;
  const gap = coping.straightCutGap.mm;
  const straight = useMemo(
    () => (withStraight && header ? straightCutsOf(cut, [tube, header], gap) : null),
    [withStraight, cut, tube, header, gap],
  );
  const draw = useCallback(
    (width: number) =>
      outlineDrawing(
        copeTemplate(cut, od, { curve, paper, origin: `revision ${revision}`, style, straight }),
        width,
      ),
    [cut, od, curve, paper, revision, style, straight],
  );
  const end = `piece=${cut.piece}&end=${cut.end}&curve=${curve}&straight=${withStraight ? 'yes' : 'no'}&paper=${units.length === 'in' ? 'letter' : 'a4'}`;
  return (
    <section aria-label="Wrap template" className="space-y-2">
      <FittedDrawing draw={draw} className="bg-sheet border-rule rounded-machined border" />
      <p className="text-quiet text-sm">
        Once round is <Typeset text={formatWithUnit(wrapLength(od, paper), style)} /> on the paper; both edges
        are the face line.
      </p>
      {header && (
        <label className="flex min-h-10 items-center gap-2">
          <input
            type="checkbox"
            className="accent-ink size-5"
            checked={withStraight}
            onChange={(event) => setWithStraight(event.target.checked)}
          />
          with the lines of two straight cuts
        </label>
      )}
      <div className="flex flex-wrap gap-2">
        <Button
          onClick={() => void open((from) => `${from}/copes.pdf?what=templates&unit=${units.length}&${end}`)}
        >
          Print at true size
        </Button>
        {(['svg', 'dxf'] as const).map((format) => (
          <Button key={format} onClick={() => void open((from) => `${from}/outline.${format}?${end}`)}>
            {format.toUpperCase()}
          </Button>
        ))}
      </div>
    </section>
  );
}
