import { copedTube, type Copes, type CutLengths, formatWithUnit, itemAt, type Tube } from '@gyrus/core';
import { bentFigures, clockedWords, clockingWords } from '@gyrus/formats';
import { useCallback, useMemo } from 'react';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FittedDrawing } from '../../shared/figures/DrawingView.tsx';
import { Figure } from '../../shared/figures/Figure.tsx';

interface LengthCardProps {
  copes: Copes;
  tube: Tube;
  lengths: CutLengths;
}

/** The tube with both its cuts, its length three ways, and how the ends are clocked. */
export function LengthCard({ copes, tube, lengths }: LengthCardProps) {
  const style = useJobStyle();
  const [a, b] = useMemo(() => {
    const ends = copes.ends.filter(({ piece }) => piece === tube.piece);
    return [itemAt(ends, 0), itemAt(ends, 1)] as const;
  }, [copes, tube]);
  const draw = useCallback(
    (width: number) => copedTube([a, b], lengths, { width, style, od: tube.od }),
    [a, b, tube, lengths, style],
  );
  const clocking = clockingWords(lengths, tube.od, style);
  const [trimA, trimB] = lengths.trim;
  return (
    <section aria-label="Length" className="bg-sheet border-rule rounded-machined space-y-3 border p-4">
      <h2 className="text-lg">
        Length{' '}
        <span className="text-quiet text-base font-medium">end A's face line up; broken in the middle</span>
      </h2>
      <FittedDrawing draw={draw} />
      <div className="flex flex-wrap gap-x-8 gap-y-2">
        {bentFigures(lengths, style).map(({ label, text }) => (
          <Figure key={label} label={label} text={text} />
        ))}
        <Figure label="trim added at A" text={formatWithUnit(trimA, style)} />
        <Figure label="trim added at B" text={formatWithUnit(trimB, style)} />
        {clocking && <Figure label={`${clockedWords(a, b)}, right-handed looking from A`} text={clocking} />}
      </div>
      {clocking && (
        <p className="text-quiet text-sm">A bar with both ends right but clocked wrong is scrap.</p>
      )}
    </section>
  );
}
