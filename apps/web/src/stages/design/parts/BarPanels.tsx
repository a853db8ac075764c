import { type BarPanel, formatWithUnit, outlineDrawing, panelOutline, type PartAnswer } from '@gyrus/core';
import { useCallback } from 'react';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { useOpenSaved } from '../../../job/store/useOpenSaved.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { FittedDrawing } from '../../../shared/figures/DrawingView.tsx';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { Button } from '../../../shared/frame/Button.tsx';

const FORMATS = [
  ['pdf', 'PDF at true size'],
  ['svg', 'SVG'],
  ['dxf', 'DXF'],
] as const;

/** Panels between bars as they are cut, with their tabs; the files at true size. */
export function BarPanels() {
  const { parts } = useEvaluation();
  return (
    <>
      {parts.map((part) =>
        part.answer.ok && part.answer.value.panel ? (
          <Panel key={part.part} part={part} panel={part.answer.value.panel} />
        ) : null,
      )}
    </>
  );
}

function Panel({ part: { part, stamp }, panel }: { part: PartAnswer; panel: BarPanel }) {
  const style = useJobStyle();
  const openSaved = useOpenSaved();
  const paper = usePlan().units.length === 'in' ? 'letter' : 'a4';
  const draw = useCallback(
    (width: number) => outlineDrawing(panelOutline(stamp, panel), Math.min(width, 360)),
    [panel, stamp],
  );
  const bars = [...new Set(panel.tabs.map((tab) => tab.stamp))];
  return (
    <section aria-label={`Panel ${stamp}`} className="space-y-2">
      <h3 className="text-lg">Panel {stamp} as it is cut</h3>
      <FittedDrawing draw={draw} className="bg-sheet border-rule rounded-machined border" />
      <ul className="text-sm">
        {bars.map((bar) => (
          <li key={bar}>
            <Typeset
              text={`tabs on ${bar}, from its end A: ${panel.tabs
                .filter((tab) => tab.stamp === bar)
                .map(({ along }) => formatWithUnit(along, style))
                .join(', ')}`}
            />
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        {FORMATS.map(([format, text]) => (
          <Button
            key={format}
            onClick={() => void openSaved((from) => `${from}/outline.${format}?paper=${paper}&piece=${part}`)}
          >
            {text}
          </Button>
        ))}
      </div>
    </section>
  );
}
