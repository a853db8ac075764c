import { formatWithUnit, isExisting, massCentre, middleOf, tubesIn } from '@gyrus/core';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { usePlan } from '../../job/store/planStore.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Cell, PlainTable, TableRow } from '../../shared/figures/PlainTable.tsx';
import { Disclosure } from '../../shared/frame/Disclosure.tsx';

/** What the tubes of this variant weigh, each by itself, and how high and how far back their common middle lies. */
export function MassPanel() {
  const style = useJobStyle();
  const { members, totals } = useEvaluation();
  const old = new Set(
    usePlan()
      .members.filter(isExisting)
      .map(({ id }) => id),
  );
  const tubes = tubesIn({ members }).filter(({ member }) => !old.has(member));
  const centre = massCentre(tubes.map(({ mass, axis }) => ({ mass, at: middleOf(axis) })));
  if (!centre) return null;
  const [x, y, z] = centre.at;
  const say = (mm: number) => formatWithUnit(Math.abs(mm), style);
  const side = Math.abs(y) < 1 ? 'on the centre line' : `${say(y)} to the ${y > 0 ? 'left' : 'right'}`;
  return (
    <section aria-label="Mass" className="space-y-2">
      <h2 className="text-lg">Mass</h2>
      <p>
        <Typeset
          text={`${totals.tubes} new tubes, ${totals.metres.toFixed(1)} m: ${centre.mass.toFixed(1)} kg; with plates, gussets and parts ${totals.mass.toFixed(1)} kg. The middle of the tubes lies ${say(z)} over the floor, ${say(x)} ${x < 0 ? 'behind' : 'ahead of'} the main hoop’s place there, ${side}.`}
        />
      </p>
      <Disclosure summary="Tube by tube">
        <PlainTable names={['tube', 'finished', 'mass']}>
          {tubes.map(({ piece, stamp, developed, mass }) => (
            <TableRow key={piece}>
              <Cell>{stamp}</Cell>
              <Cell figure>
                <Typeset text={formatWithUnit(developed, style)} />
              </Cell>
              <Cell figure>{mass.toFixed(2)} kg</Cell>
            </TableRow>
          ))}
        </PlainTable>
      </Disclosure>
    </section>
  );
}
