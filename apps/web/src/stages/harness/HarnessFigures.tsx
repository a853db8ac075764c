import {
  angleAt,
  formatAngle,
  formatWithUnit,
  type HarnessAnswer,
  type Limit,
  millimetres,
  type SlotPlace,
  type Status,
  type ThingName,
  writeSaid,
} from '@gyrus/core';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { restsWords } from '@gyrus/formats';
import { Button } from '../../shared/frame/Button.tsx';
import { Figure, Typeset } from '../../shared/figures/Figure.tsx';
import { Alternatives } from './Alternatives.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';

/** The interval of heights, what sets it, how the bar stands in it, and the one press that puts it there. */
export function HarnessFigures({ answer, shown }: { answer: HarnessAnswer; shown: SlotPlace }) {
  const style = useJobStyle();
  const length = (mm: number) => formatWithUnit(mm, style);
  const { interval, aim, bar, broken, places, alternatives, windows } = answer;
  const { status: worst, would, rests } = worstOf(answer);
  const angle = angleAt(shown.slot, bar, bar.z, answer.attach);
  const by = ({ place, window }: Limit) =>
    `${place.driver || 'somebody'}${place.notch.length > 0 ? ` (${writeSaid(place.notch, style)})` : ''} by ${window.book}`;
  return (
    <div className="bg-sheet border-rule rounded-machined max-w-3xl space-y-3 border p-4">
      <div className="flex flex-wrap gap-x-8 gap-y-2">
        <Figure
          label="strap shown, down toward the rear"
          text={angle === null ? 'none' : `${formatAngle(angle)}°`}
        />
        <Figure label="bar's axis above the floor" text={length(bar.z)} />
        {interval && interval.room >= 0 && (
          <>
            <Figure label="lowest that suits all" text={length(interval.low.height)} />
            <Figure label="highest that suits all" text={length(interval.high.height)} />
          </>
        )}
        {aim !== null && <Figure label="aim" text={length(aim)} />}
        {answer.shortest && (
          <Figure
            label={['shortest strap, slot to bar', writeSaid(answer.shortest.place.notch, style)]
              .filter(Boolean)
              .join(', ')}
            text={length(answer.shortest.length)}
          />
        )}
      </div>
      <p>
        Windows:{' '}
        {windows
          .map(({ book, least, most }) => `${formatAngle(least)}° to ${formatAngle(most)}° (${book})`)
          .join('; ')}
        .
      </p>
      {interval && interval.room >= 0 ? (
        <p>
          The lowest is set by {by(interval.low)}, the highest by {by(interval.high)}.
        </p>
      ) : (
        interval && (
          <p>
            <StatusMark status="out" />{' '}
            <Typeset
              text={`No height suits all: ${by(interval.low)} wants it no lower than ${length(interval.low.height)}, ${by(interval.high)} no higher than ${length(interval.high.height)}.`}
            />
          </p>
        )
      )}
      <p>
        <StatusMark
          status={worst}
          word={
            broken.share === 0
              ? `holds at all ${places.length} places of seats and slots${worst === 'look' ? ", within the protractor's error of a limit" : ''}`
              : places.length === 1
                ? 'the strap leaves the window'
                : `leaves the window at ${broken.broken.length} of ${places.length} places: ${Math.round(broken.share * 100)} of 100 seat changes break it`
          }
        />
        {rests.length > 0 && <> {restsWords(rests, would)}</>}
      </p>
      {interval && interval.room < 0 && <Alternatives ways={alternatives} />}
      {aim !== null && <SetHeight answer={answer} aim={aim} />}
    </div>
  );
}

const RANK: Record<Status, number> = { clear: 0, look: 1, ask: 2, out: 3 };

/** The worst verdict of anybody in any book's window, and what it rests on; the same that Inspect has. */
function worstOf({ verdicts }: HarnessAnswer): { status: Status; would: Status; rests: ThingName[] } {
  const worst = (of: (one: HarnessAnswer['verdicts'][number]) => Status) =>
    verdicts.reduce<Status>((found, one) => (RANK[of(one)] > RANK[found] ? of(one) : found), 'clear');
  return {
    status: worst(({ status }) => status),
    would: worst(({ status, would }) => would ?? status),
    rests: [...new Set(verdicts.flatMap(({ restsOn }) => restsOn))],
  };
}

/** Writes the height back to both ends of the bar, one undo. */
function SetHeight({ answer, aim }: { answer: HarnessAnswer; aim: number }) {
  const style = useJobStyle();
  const member = usePlan().members.find(({ id }) => id === answer.member);
  const change = usePlanStore((state) => state.change);
  if (!member || member.role === 'main-hoop') return null;
  const { a, b } = member.ends;
  const by = aim - answer.bar.z;
  if (a.kind !== 'height' || b.kind !== 'height')
    return <p className="text-quiet">Its ends do not hang by their height: move them at Design.</p>;
  if (Math.abs(by) < 0.5) return null;
  const moved = (mm: number) => millimetres(mm + by, 1);
  return (
    <Button
      kind="strong"
      onClick={() =>
        change(`harness/${answer.member}`, (plan) => {
          const found = plan.members.find(({ id }) => id === answer.member);
          if (!found || found.role === 'main-hoop') return;
          for (const end of [found.ends.a, found.ends.b])
            if (end.kind === 'height') end.height = moved(end.height.mm);
        })
      }
    >
      {by > 0 ? 'Raise' : 'Lower'} the bar by {formatWithUnit(Math.abs(by), style)} to its aim
    </Button>
  );
}
