import { type BendSheet, rolledOut } from '@gyrus/core';
import { useCallback } from 'react';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FittedDrawing } from '../../shared/figures/DrawingView.tsx';

/** The tube's surface rolled out, its twin's below: the same turns the other way round. */
export function RolledOut({ sheet, twin }: { sheet: BendSheet; twin: BendSheet | null }) {
  return (
    <section aria-label="Rolled out" className="space-y-2">
      <h2 className="text-lg">
        Rolled out{' '}
        <span className="text-quiet text-base font-medium">
          once round the tube from top to bottom; the line lies at the inside of each bend
        </span>
      </h2>
      <Surface sheet={sheet} />
      {twin && (
        <>
          <h3 className="font-semibold">
            Its twin {twin.stamp}: the same straights and angles, every turn the other way. Check the hand
            before you bend.
          </h3>
          <Surface sheet={twin} />
        </>
      )}
    </section>
  );
}

function Surface({ sheet }: { sheet: BendSheet }) {
  const style = useJobStyle();
  const draw = useCallback((width: number) => rolledOut(sheet, { width, style }), [sheet, style]);
  return <FittedDrawing draw={draw} />;
}
