import {
  angleAt,
  formatAngle,
  formatWithUnit,
  type HarnessAnswer,
  type LengthStyle,
  type Limit,
  type SlotPlace,
  type Status,
  type ThingName,
  writeSaid,
} from '@gyrus/core';
import { restsWords } from '@gyrus/formats';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Figure, Typeset } from '../../shared/figures/Figure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { Alternatives } from './Alternatives.tsx';
import { SetHeight } from './SetHeight.tsx';

/** The interval of heights, what sets it, how the bar stands in it, and the one press that puts it there. */
export function HarnessFigures({ answer, shown }: { answer: HarnessAnswer; shown: SlotPlace }) {
  const { interval, aim, alternatives, windows } = answer;
  return (
    <div className="bg-sheet border-rule rounded-machined max-w-3xl space-y-3 border p-4">
      <BarFigures answer={answer} shown={shown} />
      <p>
        Windows:{' '}
        {windows
          .map(({ book, least, most }) => `${formatAngle(least)}° to ${formatAngle(most)}° (${book})`)
          .join('; ')}
        .
      </p>
      {interval && <WhatSetsIt interval={interval} />}
      <HowItHolds answer={answer} />
      {interval && interval.room < 0 && <Alternatives ways={alternatives} />}
      {aim !== null && <SetHeight answer={answer} aim={aim} />}
    </div>
  );
}

function BarFigures({ answer, shown }: { answer: HarnessAnswer; shown: SlotPlace }) {
  const style = useJobStyle();
  const length = (mm: number) => formatWithUnit(mm, style);
  const { interval, aim, bar, shortest } = answer;
  const angle = angleAt(shown.slot, bar, bar.z, answer.attach);
  return (
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
      {shortest && (
        <Figure
          label={['shortest strap, slot to bar', writeSaid(shortest.place.notch, style)]
            .filter(Boolean)
            .join(', ')}
          text={length(shortest.length)}
        />
      )}
    </div>
  );
}

/** Whose strap at which setting a limit comes from, and by which book. */
const limitWords = ({ place, window }: Limit, style: LengthStyle): string =>
  `${place.driver || 'somebody'}${place.notch.length > 0 ? ` (${writeSaid(place.notch, style)})` : ''} by ${window.book}`;

/** What sets the lowest and the highest height; where they are the wrong way round, that none suits all. */
function WhatSetsIt({ interval: { low, high, room } }: { interval: NonNullable<HarnessAnswer['interval']> }) {
  const style = useJobStyle();
  const [byLow, byHigh] = [limitWords(low, style), limitWords(high, style)];
  if (room >= 0)
    return (
      <p>
        The lowest is set by {byLow}, the highest by {byHigh}.
      </p>
    );
  return (
    <p>
      <StatusMark status="out" />{' '}
      <Typeset
        text={`No height suits all: ${byLow} wants it no lower than ${formatWithUnit(low.height, style)}, ${byHigh} no higher than ${formatWithUnit(high.height, style)}.`}
      />
    </p>
  );
}

function HowItHolds({ answer }: { answer: HarnessAnswer }) {
  const { status, would, rests } = worstOf(answer);
  return (
    <p>
      <StatusMark status={status} word={holdsWords(answer, status)} />
      {rests.length > 0 && <> {restsWords(rests, would)}</>}
    </p>
  );
}

function holdsWords({ broken, places }: HarnessAnswer, worst: Status): string {
  if (broken.share === 0) {
    const near = worst === 'look' ? ", within the protractor's error of a limit" : '';
    return `holds at all ${places.length} places of seats and slots${near}`;
  }
  if (places.length === 1) return 'the strap leaves the window';
  return `leaves the window at ${broken.broken.length} of ${places.length} places: ${Math.round(broken.share * 100)} of 100 seat changes break it`;
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
