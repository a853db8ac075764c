import {
  type BuiltDeviation,
  evenAndTwisted,
  hoopAnswerOf,
  hoopRacked,
  type LengthStyle,
  type Moment,
  type Tube,
} from '@gyrus/core';
import { leanedWords, MOMENT_WORDS, offWords, pointWords, rackedWords } from '@gyrus/formats';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { Cell, PlainTable, TableRow } from '../../../shared/figures/PlainTable.tsx';

interface WhatItSaysProps {
  deviations: Map<Moment, BuiltDeviation[]>;
  moment: Moment;
}

/** What the readings say together: what is out alike on both sides and what is twisted, and what welding pulled. */
export function WhatItSays({ deviations, moment }: WhatItSaysProps) {
  const style = useJobStyle();
  const own = deviations.get(moment) ?? [];
  const hoop = hoopAnswerOf(useEvaluation())?.tube ?? null;
  const lines = [...racked(hoop, own, style), ...heights(own, style)];
  return (
    <section aria-label="What it says" className="space-y-3">
      {lines.length > 0 && (
        <>
          <h2 className="text-lg">What it says</h2>
          <ul className="list-disc space-y-1 pl-5">
            {lines.map((line) => (
              <li key={line}>
                <Typeset text={line} />
              </li>
            ))}
          </ul>
        </>
      )}
      <WeldPull deviations={deviations} />
    </section>
  );
}

const find = (own: BuiltDeviation[], key: string) => own.find(({ point }) => point.key === key);

/** The hoop racked, by its diagonals: against what is planned. */
function racked(hoop: Tube | null, own: BuiltDeviation[], style: LengthStyle): string[] {
  const [left, right] = [find(own, 'hoop:diagonal-left'), find(own, 'hoop:diagonal-right')];
  return hoop && left && right ? rackedWords(hoopRacked(hoop, left, right), style) : [];
}

/** One side of the crown higher than the other. */
function heights(own: BuiltDeviation[], style: LengthStyle): string[] {
  const [left, right] = [find(own, 'hoop:height-left'), find(own, 'hoop:height-right')];
  return left && right ? leanedWords(evenAndTwisted(left.off, right.off), style) : [];
}

/** What each figure changed by between tacked and welded. */
function WeldPull({ deviations }: Pick<WhatItSaysProps, 'deviations'>) {
  const style = useJobStyle();
  const tacked = deviations.get('tacked') ?? [];
  const pulled = (deviations.get('welded') ?? []).flatMap((welded) => {
    const before = find(tacked, welded.point.key);
    return before ? [{ point: welded.point, by: welded.value - before.value }] : [];
  });
  if (pulled.length === 0) return null;
  return (
    <PlainTable
      names={[{ unseen: 'figure' }, 'pulled']}
      caption={`What welding pulled, from ${MOMENT_WORDS.tacked} to ${MOMENT_WORDS.welded}`}
    >
      {pulled.map(({ point, by }) => (
        <TableRow key={point.key}>
          <Cell>
            <Typeset text={pointWords(point, style)} />
          </Cell>
          <Cell figure whole>
            <Typeset text={offWords(point, by, style)} />
          </Cell>
        </TableRow>
      ))}
    </PlainTable>
  );
}
