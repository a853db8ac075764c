import { type BendSheet, type Turn, type WalkAsked, type Walked } from '@gyrus/core';
import { afterWords, hindranceWords, turnName } from '@gyrus/formats';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { useMemberEdit } from '../../../job/fields/useMember.ts';
import { Button } from '../../../shared/frame/Button.tsx';
import { Disclosure } from '../../../shared/frame/Disclosure.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';

interface OrdersProps {
  sheet: BendSheet;
  asked: WalkAsked;
  walked: Walked | null;
}

/** The order of the bends as the fabricator has it, what of it clashes, and the order that works with the fewest turns end for end. */
export function Orders({ sheet, asked: { order }, walked }: OrdersProps) {
  const edit = useMemberEdit(sheet.member);
  const featureOf = (number: number) => sheet.bends.find((bend) => bend.number === number)?.feature ?? '';
  const take = (next: Turn[]) =>
    edit('order', (draft) => {
      draft.bending.order = next.map(({ bend }) => featureOf(bend));
      for (const { bend, clamp } of next) draft.bending.clampSideAt[featureOf(bend)] = clamp;
    });
  const swap = (i: number, by: -1 | 1) => {
    const next = [...order];
    next.splice(i + by, 0, ...next.splice(i, 1));
    take(next);
  };
  const clashing = walked?.chosen.filter(({ hindrances }) => hindrances.length > 0) ?? [];
  return (
    <div className="space-y-2">
      <h3 className="font-semibold">Order of the bends</h3>
      <ol className="space-y-1">
        {order.map((turn, i) => (
          <li key={turn.bend} className="flex flex-wrap items-center gap-2">
            <span className="figure w-8 font-semibold">{i + 1}.</span>
            <span className="min-w-48">{turnName(turn)}</span>
            <Button
              kind="quiet"
              aria-label={`Bend ${turn.bend} earlier`}
              disabled={i === 0}
              onClick={() => swap(i, -1)}
            >
              <ArrowUp aria-hidden="true" className="size-5" />
            </Button>
            <Button
              kind="quiet"
              aria-label={`Bend ${turn.bend} later`}
              disabled={i === order.length - 1}
              onClick={() => swap(i, 1)}
            >
              <ArrowDown aria-hidden="true" className="size-5" />
            </Button>
            {clashing.some(({ bend }) => bend === turn.bend) && (
              <>
                <StatusMark status="out" /> cannot be pulled in this order
              </>
            )}
          </li>
        ))}
      </ol>
      {walked?.all && <AllOrders order={order} all={walked.all} clashes={clashing.length > 0} take={take} />}
      {walked && !walked.all && <p>It has too many bends to walk through every order of them.</p>}
    </div>
  );
}

interface AllOrdersProps {
  order: Turn[];
  all: NonNullable<Walked['all']>;
  clashes: boolean;
  take: (order: Turn[]) => void;
}

function AllOrders({ order, all, clashes, take }: AllOrdersProps) {
  const style = useJobStyle();
  const { best, working, orders, turnRounds, blocked } = all;
  const rounds = (of: Turn[]) => of.filter((turn, i) => i > 0 && turn.clamp !== of[i - 1]?.clamp).length;
  const better = best && (clashes || rounds(order) > turnRounds);
  return (
    <>
      <p>
        {best
          ? `${working} of ${orders} orders and ways round can be bent.`
          : `None of the ${orders} orders and ways round can be bent on this machine.`}{' '}
        {best && !better && `None turns the tube end for end less often than this one (${turnRounds}).`}
      </p>
      {better && (
        <div
          className={`bg-sheet rounded-machined flex flex-wrap items-center justify-between gap-3 border-2 p-3 ${clashes ? 'border-look' : 'border-rule'}`}
        >
          <p>
            {clashes && <StatusMark status="look" />} {best.map(turnName).join('; then ')}:{' '}
            {turnRounds === 0
              ? 'it can be bent, and the tube is never turned end for end.'
              : `it can be bent, and the tube is turned end for end ${turnRounds === 1 ? 'once' : `${turnRounds} times`}.`}
          </p>
          <Button onClick={() => take(best)}>Take this order</Button>
        </div>
      )}
      {blocked.length > 0 && (
        <Disclosure summary={`${blocked.length} pulls that cannot be made, and why`}>
          <ul className="space-y-1 text-sm">
            {blocked.slice(0, MOST_TOLD).map(({ after, pull }) => (
              <li key={`${after.join('-')}/${pull.bend}/${pull.clamp}`}>
                {turnName(pull)}, {afterWords(after)}:{' '}
                {pull.hindrances.map((one) => hindranceWords(one, style)).join('; ')}.
              </li>
            ))}
            {blocked.length > MOST_TOLD && <li>and {blocked.length - MOST_TOLD} more.</li>}
          </ul>
        </Disclosure>
      )}
    </>
  );
}

/** More reasons than this are not read. */
const MOST_TOLD = 24;
