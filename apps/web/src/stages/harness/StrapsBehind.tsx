import { formatAngle, formatWithUnit, type HarnessAnswer, type LengthStyle, writeSaid } from '@gyrus/core';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { Cell, PlainTable, TableRow } from '../../shared/figures/PlainTable.tsx';

/** Straps seen from above may spread this far. Degrees, from memory: handbook §8 */
const MOST_SPREAD = 20;

const offMiddle = (y: number, length: (mm: number) => string): string =>
  Math.abs(y) < 5 ? 'in the middle' : `${length(Math.abs(y))} ${y < 0 ? 'right' : 'left'} of the middle`;

/** Both straps of everybody as they run to the bar, and how the bar is held: seen from above. */
export function StrapsBehind({ answer }: { answer: HarnessAnswer }) {
  const style = useJobStyle();
  return (
    <section aria-label="Straps behind the seats" className="space-y-2">
      <h3 className="text-lg">Seen from above</h3>
      <PlainTable
        names={[
          'strap',
          'length',
          'off straight back',
          'on the bar, left of the middle',
          { unseen: 'what it means' },
        ]}
      >
        {answer.runs.map((run) => (
          <StrapRow key={`${run.driver}/${run.side}`} run={run} />
        ))}
      </PlainTable>
      <ul className="space-y-1">
        {sentencesOf(answer, style).map((sentence) => (
          <li key={sentence}>
            <Typeset text={sentence} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function StrapRow({ run }: { run: HarnessAnswer['runs'][number] }) {
  const style = useJobStyle();
  const wide = run.spread > MOST_SPREAD;
  return (
    <TableRow>
      <Cell>
        {run.driver || 'somebody'}, {run.side}
      </Cell>
      <Cell figure>
        <Typeset text={formatWithUnit(run.length, style)} />
      </Cell>
      <Cell figure>{formatAngle(run.spread)}°</Cell>
      <Cell figure>
        <Typeset text={formatWithUnit(run.bar[1], style)} />
      </Cell>
      <Cell>
        <StatusMark
          status={wide ? 'look' : 'clear'}
          word={wide ? `over ${MOST_SPREAD}°: move the guides` : 'straight enough'}
        />
      </Cell>
    </TableRow>
  );
}

/** What holds of the straps and the bar together: rubbing, the seat's back, the worst spread, offset and span. */
function sentencesOf(answer: HarnessAnswer, style: LengthStyle): string[] {
  const length = (mm: number) => formatWithUnit(mm, style);
  const { legRoom, seatBackRoom, spreads } = answer;
  return [
    ...(legRoom === null
      ? []
      : [
          `${length(legRoom)} from the outermost strap to what the bar ends on${legRoom < 0 ? ': the belt rubs on it, move the guides in' : ''}.`,
        ]),
    ...(seatBackRoom === null
      ? []
      : [
          `${length(seatBackRoom)} from the seat's back to the bar where the seat comes nearest${seatBackRoom < 0 ? ': the seat strikes the bar' : ''}.`,
        ]),
    ...spreads.map(({ driver, side, spread, notch }) => {
      const where = notch.length > 0 ? ` (${writeSaid(notch, style)})` : '';
      return `At its worst the ${side} strap of ${driver || 'somebody'} runs ${formatAngle(spread)}° off straight back${where}.`;
    }),
    behindWords(answer, length),
    spanWords(answer, length),
  ];
}

function behindWords({ behind, bar }: HarnessAnswer, length: (mm: number) => string): string {
  if (!behind) return `At ${length(bar.z)} no place behind satisfies all straps.`;
  const range = `${behind.least < 0.5 ? 'up to ' : `${length(behind.least)} to `}${length(behind.most)}`;
  return `At ${length(bar.z)} the bar may stand ${range} behind its place, as an offset bar does.`;
}

function spanWords({ span, wantsStrut, seats }: HarnessAnswer, length: (mm: number) => string): string {
  const free = `Its longest free span is ${length(span.length)}`;
  if (!wantsStrut) return `${free}.`;
  const shared = seats > 1 ? ', as two seats share it and it takes both loads' : '';
  return `${free}: give it a strut ${offMiddle(span.middle[1], length)}${shared}.`;
}
