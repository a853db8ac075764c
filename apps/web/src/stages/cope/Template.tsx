import {
  type CopeCurve,
  copeTemplate,
  type EndCut,
  formatWithUnit,
  outlineDrawing,
  PAPER,
} from '@gyrus/core';
import { useCallback } from 'react';
import { toast } from 'sonner';
import { usePlan, usePlanStore } from '../../job/planStore.ts';
import { saveNow } from '../../job/useAutosave.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Button } from '../../shared/Button.tsx';
import { FittedDrawing } from '../../shared/DrawingView.tsx';
import { Typeset } from '../../shared/Figure.tsx';

const FORMATS = [
  { format: 'pdf', text: 'Print at true size' },
  { format: 'svg', text: 'SVG' },
  { format: 'dxf', text: 'DXF' },
] as const;

interface TemplateProps {
  cut: EndCut;
  od: number;
  curve: CopeCurve;
}

/** The wrap template as it will be printed, smaller or larger here; at true size as PDF, SVG and DXF. */
export function Template({ cut, od, curve }: TemplateProps) {
  const style = useJobStyle();
  const plan = usePlan();
  const draw = useCallback(
    (width: number) => outlineDrawing(copeTemplate(cut, od, curve, PAPER), width),
    [cut, od, curve],
  );
  const open = async (format: string) => {
    const sheet = window.open('', '_blank');
    const saved = await saveNow();
    const { jobId, base } = usePlanStore.getState();
    if (!saved || !sheet) {
      sheet?.close();
      toast.error('The plan could not be saved, or the browser opened no window, so nothing was printed.');
      return;
    }
    const paper = plan.units.length === 'in' ? 'letter' : 'a4';
    sheet.location.href = `/api/jobs/${jobId}/revisions/${base.number}/outline.${format}?piece=${cut.piece}&end=${cut.end}&curve=${curve}&paper=${paper}`;
  };
  return (
    <section aria-label="Wrap template" className="space-y-2">
      <h2 className="text-lg">
        Wrap template{' '}
        <span className="text-quiet text-base font-medium">
          the cut below, up the tube above; the edges are the face line; once round is{' '}
          <Typeset text={formatWithUnit(Math.PI * od, style)} />
        </span>
      </h2>
      <div className="max-w-xl">
        <FittedDrawing draw={draw} className="bg-sheet border-rule rounded-machined border" />
      </div>
      <div className="flex flex-wrap gap-3">
        {FORMATS.map(({ format, text }) => (
          <Button key={format} onClick={() => void open(format)}>
            {text}
          </Button>
        ))}
      </div>
    </section>
  );
}
