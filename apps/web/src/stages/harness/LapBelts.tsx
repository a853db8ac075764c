import { formatAngle, formatWithUnit, type LapAnswer, lapAnswers } from '@gyrus/core';
import { useMemo } from 'react';
import { usePlan, usePlanStore } from '../../job/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Button } from '../../shared/Button.tsx';
import { Typeset } from '../../shared/Figure.tsx';
import { useRuleBooks } from '../../shared/queries.ts';
import { StatusMark } from '../../shared/StatusMark.tsx';
import { TableHead } from '../../shared/TableHead.tsx';

/** Lap belts to their anchors: the angle at every setting of the seat, and where along the car an anchor may be. */
export function LapBelts() {
  const plan = usePlan();
  const books = useRuleBooks().data;
  const answers = useMemo(() => lapAnswers(plan, books ?? []), [plan, books]);
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
          <table className="bg-sheet border-rule border text-left">
            <TableHead names={['anchor', 'now', 'over the seat’s travel', 'may be, ahead of the hoop', '']} />
            <tbody>
              {answers.map((answer) => (
                <Row key={`${answer.occupant}/${answer.side}`} answer={answer} />
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}

function Row({ answer }: { answer: LapAnswer }) {
  const style = useJobStyle();
  const length = (mm: number) => formatWithUnit(mm, style);
  const { interval, anchor, side, driver } = answer;
  const holds = interval !== null && anchor[0] >= interval.rear.x && anchor[0] <= interval.front.x;
  return (
    <tr className="border-rule border-t align-top">
      <td className="px-3 py-2">
        {driver || 'somebody'}, {side}
      </td>
      <td className="figure px-3 py-2">{formatAngle(answer.now)}°</td>
      <td className="figure px-3 py-2">
        {formatAngle(answer.least)}° to {formatAngle(answer.most)}°
      </td>
      <td className="figure px-3 py-2">
        {interval && interval.room >= 0 ? (
          <Typeset text={`${length(interval.rear.x)} to ${length(interval.front.x)}`} />
        ) : (
          'nowhere at its height'
        )}
      </td>
      <td className="px-3 py-2">
        <div className="flex flex-wrap items-center gap-3">
          <StatusMark
            status={holds ? 'clear' : 'out'}
            word={holds ? 'holds at every setting' : 'leaves the window'}
          />
          {!holds && interval && interval.room >= 0 && <MoveAnchor answer={answer} interval={interval} />}
        </div>
        {interval && interval.room < 0 && (
          <p>
            {interval.rear.place.driver || 'somebody'} {interval.rear.place.notch || 'as measured'} by{' '}
            {interval.rear.window.book} wants it further forward than{' '}
            {interval.front.place.notch || 'as measured'} allows: lower the anchor, or fix the seat.
          </p>
        )}
      </td>
    </tr>
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
          if (at) at[0] = { mm: wanted, typed: `${wanted.toFixed(1)} mm` };
        })
      }
    >
      Move it {formatWithUnit(Math.abs(wanted - anchor[0]), style)}{' '}
      {wanted < anchor[0] ? 'to the rear' : 'forward'}
    </Button>
  );
}
