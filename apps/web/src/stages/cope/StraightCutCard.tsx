import { chopCut, type EndCut, pencilLines, straightCutsOf, type Tube } from '@gyrus/core';
import { straightCutFigures } from '@gyrus/formats';
import { useCallback, useMemo } from 'react';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FittedDrawing } from '../../shared/figures/DrawingView.tsx';
import { Figures } from './SawCard.tsx';

interface StraightCutCardProps {
  cut: EndCut;
  tube: Tube;
  headers: Tube[];
}

/** Without a notcher: two straight cuts, and one chop to grind from where they do not serve. */
export function StraightCutCard({ cut, tube, headers }: StraightCutCardProps) {
  const style = useJobStyle();
  const limit = usePlan().coping.straightCutGap.mm;
  const [header, another] = headers;
  const found = useMemo(() => {
    if (!header) return null;
    const one = chopCut(tube, cut.end, header);
    return { two: straightCutsOf(cut, [tube, header], limit), one: one.ok ? one.value : null };
  }, [tube, cut, header, limit]);
  const draw = useCallback(
    (width: number) =>
      found?.two ? pencilLines(found.two, { od: tube.od, ear: cut.ear, width, style }) : null,
    [found, tube.od, cut.ear, style],
  );
  return (
    <section
      aria-label="Straight cuts"
      className="bg-sheet border-rule rounded-machined space-y-3 border p-4"
    >
      <h2 className="text-lg">
        Without a notcher{' '}
        <span className="text-quiet text-base font-medium">
          the tube lies with its face line in the plane of the saw; angles from square
          {another ? `; to ${header?.stamp} alone, ${another.stamp} is ground after` : ''}
        </span>
      </h2>
      {found?.two ? (
        <>
          <h3 className="font-semibold">Two straight cuts</h3>
          <FittedDrawing draw={draw} />
          <Figures figures={straightCutFigures(found.two, cut, style)} />
        </>
      ) : (
        <p>Straight cuts leave it open on one side: use the template.</p>
      )}
      {found?.one && (
        <>
          <h3 className="font-semibold">Chop and grind from the face line</h3>
          <Figures figures={straightCutFigures(found.one, cut, style)} />
        </>
      )}
    </section>
  );
}
