import { formatWithUnit, type Seated } from '@gyrus/core';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Figure } from '../../shared/Figure.tsx';

/** How everybody's helmet stands under the hoop; open cars are judged by it. */
export function HelmetFigures({ people }: { people: Seated[] }) {
  const style = useJobStyle();
  const length = (mm: number) => formatWithUnit(mm, style);
  return people.map(
    ({ body, underHoop }) =>
      underHoop && (
        <section key={body.occupant} aria-label={`Helmet of ${body.who || 'somebody'}`} className="space-y-2">
          <h2 className="text-xl">Helmet of {body.who || 'somebody'}</h2>
          <div className="flex flex-wrap gap-x-8 gap-y-2">
            <Figure label="below the hoop's top" text={length(underHoop.belowTop)} />
            <Figure
              label="below the line to the front hoop"
              text={underHoop.belowLine === null ? 'no front hoop' : length(underHoop.belowLine)}
            />
            <Figure label="from the hoop" text={length(underHoop.toHoop)} />
          </div>
        </section>
      ),
  );
}
