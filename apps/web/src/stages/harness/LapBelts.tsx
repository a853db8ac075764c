import {
  formatAngle,
  formatWithUnit,
  isAssumed,
  type LapAnswer,
  lapIn,
  millimetres,
  writeSaid,
} from '@gyrus/core';
import { restsWords } from '@gyrus/formats';
import { useMemo } from 'react';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { useRuleBooks } from '../../shared/server/queries.ts';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { Cell, PlainTable, TableRow } from '../../shared/figures/PlainTable.tsx';

/** Lap belts to their anchors: the angle at every setting of the seat, and where along the car an anchor may be. */
export function LapBelts() {
  const plan = usePlan();
  const books = useRuleBooks().data;
  const answers = useMemo(() => lapIn(plan, books ?? []), [plan, books]);
  return (
    <section aria-label="Lap belts" className="space-y-2">
      <h2 className="text-xl">Lap belts</h2>
      {answers.length === 0 ? (
        <p className="text-quiet">
          No anchor is measured. Write down beside this where the lap belt is bolted, and where it lies over
          the hip.
        </p>
      ) : (
        <div className="overflow-x-auto">
          <PlainTable
            names={[
              'anchor',
              'now',
              'over the seat’s travel',
              'may be, ahead of the hoop',
              { unseen: 'what it means' },
            ]}
          >
            {answers.map((answer) => (
              <Row key={`${answer.occupant}/${answer.side}`} answer={answer} />
            ))}
          </PlainTable>
        </div>
      )}
    </section>
  );
}

function Row({ answer }: { answer: LapAnswer }) {
  const style = useJobStyle();
  const length = (mm: number) => formatWithUnit(mm, style);
  const { interval, side, driver } = answer;
  const worst = answer.verdicts.reduce<LapAnswer['verdicts'][number] | null>(
    (found, one) => (found && found.margin <= one.margin ? found : one),
    null,
  );
  const holds = worst !== null && worst.margin >= 0;
  return (
    <TableRow>
      <Cell>
        {driver || 'somebody'}, {side}
      </Cell>
      <Cell figure>{formatAngle(answer.now)}°</Cell>
      <Cell figure>
        {formatAngle(answer.least)}° to {formatAngle(answer.most)}°
      </Cell>
      <Cell figure>
        {interval && interval.room >= 0 ? (
          <Typeset text={`${length(interval.rear.x)} to ${length(interval.front.x)}`} />
        ) : (
          'nowhere at its height'
        )}
      </Cell>
      <Cell>
        <div className="flex flex-wrap items-center gap-3">
          <StatusMark
            status={worst?.status ?? 'ask'}
            word={
              !holds
                ? 'leaves the window'
                : (worst.would ?? worst.status) === 'look'
                  ? "holds, within the protractor's error"
                  : 'holds at every setting'
            }
          />
          {worst?.would && <span>{restsWords(worst.restsOn, worst.would)}</span>}
          {!holds && interval && interval.room >= 0 && <MoveAnchor answer={answer} interval={interval} />}
        </div>
        {interval && interval.room < 0 && (
          <p>
            {interval.rear.place.driver || 'somebody'}{' '}
            {writeSaid(interval.rear.place.notch, style) || 'as measured'} by {interval.rear.window.book}{' '}
            wants it further forward than {writeSaid(interval.front.place.notch, style) || 'as measured'}{' '}
            allows: lower the anchor, or fix the seat.
          </p>
        )}
      </Cell>
    </TableRow>
  );
}

/** Moves the anchor along the car into its interval, one undo. */
function MoveAnchor({
  answer: { anchor, occupant, side },
  interval,
}: {
  answer: LapAnswer;
  interval: NonNullable<LapAnswer['interval']>;
}) {
  const style = useJobStyle();
  const change = usePlanStore((state) => state.change);
  const wanted = (interval.rear.x + interval.front.x) / 2;
  return (
    <Button
      onClick={() =>
        change(`lap/${occupant}/${side}`, (plan) => {
          const at = plan.occupants.find(({ id }) => id === occupant)?.lap[side];
          // Where it is bolted is known no better for being moved.
          if (at)
            at[0] = {
              ...millimetres(wanted, 1),
              ...(isAssumed(at[0]) ? { known: at[0].known } : {}),
            };
        })
      }
    >
      Move it {formatWithUnit(Math.abs(wanted - anchor[0]), style)}{' '}
      {wanted < anchor[0] ? 'to the rear' : 'forward'}
    </Button>
  );
}
