import {
  cageCosts,
  EMPTY_SHOP,
  formatWithUnit,
  isExisting,
  massCentre,
  type MemberCost,
  middleOf,
  tubesIn,
  wholeCost,
} from '@gyrus/core';
import { useCopes, useEvaluation } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { usePlan } from '../../job/store/planStore.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { Cell, PlainTable, TableRow } from '../../shared/figures/PlainTable.tsx';
import { Disclosure } from '../../shared/frame/Disclosure.tsx';
import { useShop } from '../../shared/server/queries.ts';
import { useCutting } from './cut/keptCutting.ts';

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
      <MemberCosts />
    </section>
  );
}

/** What each member takes of tube, what of it is lost, what it weighs and costs; all of it in the last line. */
function MemberCosts() {
  const plan = usePlan();
  const { members } = useEvaluation();
  const copes = useCopes();
  const shop = useShop().data ?? EMPTY_SHOP;
  const [{ guided }] = useCutting();
  if (!copes) return null;
  const { costs, notYet } = cageCosts(plan, members, copes, { shop, guided });
  const whole: MemberCost = { ...wholeCost(costs), stamps: ['all of it'] };
  return (
    <Disclosure summary="Member by member">
      <PlainTable names={['tubes', 'sawn off', 'in the cage', 'lost', 'mass', 'cost']}>
        {[...costs, whole].map((one) => (
          <CostRow key={one.member} cost={one} />
        ))}
      </PlainTable>
      {notYet.length > 0 && (
        <p>
          <StatusMark status="ask" /> Without {notYet.map(({ stamp }) => stamp).join(', ')}: how it is cut
          nobody knows yet.
        </p>
      )}
      {whole.cost === null && (
        <p className="text-quiet mt-1 text-sm">
          Where no price of a stick is entered at Shop, nobody knows the cost.
        </p>
      )}
    </Disclosure>
  );
}

function CostRow({ cost: { stamps, cut, finished, lost, mass, cost } }: { cost: MemberCost }) {
  const style = useJobStyle();
  return (
    <TableRow>
      <Cell>{stamps.join(', ')}</Cell>
      {[cut, finished, lost].map((length, i) => (
        <Cell key={i} figure>
          <Typeset text={formatWithUnit(length, style)} />
        </Cell>
      ))}
      <Cell figure>{mass.toFixed(2)} kg</Cell>
      <Cell figure>{cost === null ? 'not known' : cost.toFixed(2)}</Cell>
    </TableRow>
  );
}
