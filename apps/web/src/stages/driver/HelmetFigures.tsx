import { type AtNotch, formatWithUnit, type Seated, writeSaid } from '@gyrus/core';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Figure } from '../../shared/figures/Figure.tsx';

/** How everybody's helmet stands under the hoop; open cars are judged by it. */
export function HelmetFigures({ people }: { people: Seated[] }) {
  const style = useJobStyle();
  // Each at the setting of the seat that is the worst for it: the same figures that a book's rule is held against.
  const figure = (label: string, { mm, notch }: AtNotch) => (
    <Figure
      label={[label, writeSaid(notch, style)].filter(Boolean).join(', ')}
      text={formatWithUnit(mm, style)}
    />
  );
  return people.map(
    ({ body, underHoop }) =>
      underHoop && (
        <section key={body.occupant} aria-label={`Helmet of ${body.who || 'somebody'}`} className="space-y-2">
          <h2 className="text-xl">Helmet of {body.who || 'somebody'}</h2>
          <div className="flex flex-wrap gap-x-8 gap-y-2">
            {figure("below the hoop's top", underHoop.belowTop)}
            {underHoop.belowLine === null ? (
              <Figure label="below the line to the front hoop" text="no front hoop" />
            ) : (
              figure('below the line to the front hoop', underHoop.belowLine)
            )}
            {figure('from the hoop at the least', underHoop.nearest)}
            {figure('from the hoop at the most', underHoop.farthest)}
            {underHoop.behind.mm > 0 && figure('behind the rear face of the hoop', underHoop.behind)}
          </div>
        </section>
      ),
  );
}
