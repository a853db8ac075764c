import { formatAngle, formatWithUnit, type HarnessAnswer, writeSaid } from '@gyrus/core';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { TableHead } from '../../shared/figures/TableHead.tsx';

/** Straps seen from above may spread this far. Degrees, from memory: handbook §8 */
const MOST_SPREAD = 20;

const offMiddle = (y: number, length: (mm: number) => string): string =>
  Math.abs(y) < 5 ? 'in the middle' : `${length(Math.abs(y))} ${y < 0 ? 'right' : 'left'} of the middle`;

/** Both straps of everybody as they run to the bar, and how the bar is held: seen from above. */
export function StrapsBehind({ answer }: { answer: HarnessAnswer }) {
  const style = useJobStyle();
  const length = (mm: number) => formatWithUnit(mm, style);
  const { runs, spreads, legRoom, seatBackRoom, span, wantsStrut, behind, seats, bar } = answer;
  return (
    <section aria-label="Straps behind the seats" className="space-y-2">
      <h3 className="text-lg">Seen from above</h3>
      <table className="bg-sheet border-rule border text-left">
        <TableHead names={['strap', 'length', 'off straight back', 'on the bar, left of the middle', '']} />
        <tbody>
          {runs.map((run) => (
            <tr key={`${run.driver}/${run.side}`} className="border-rule border-t">
              <td className="px-3 py-1.5">
                {run.driver || 'somebody'}, {run.side}
              </td>
              <td className="figure px-3 py-1.5">
                <Typeset text={length(run.length)} />
              </td>
              <td className="figure px-3 py-1.5">{formatAngle(run.spread)}°</td>
              <td className="figure px-3 py-1.5">
                <Typeset text={length(run.bar[1])} />
              </td>
              <td className="px-3 py-1.5">
                <StatusMark
                  status={run.spread > MOST_SPREAD ? 'look' : 'clear'}
                  word={
                    run.spread > MOST_SPREAD ? `over ${MOST_SPREAD}°: move the guides` : 'straight enough'
                  }
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <ul className="space-y-1">
        {legRoom !== null && (
          <li>
            <Typeset
              text={`${length(legRoom)} from the outermost strap to what the bar ends on${legRoom < 0 ? ': the belt rubs on it, move the guides in' : ''}.`}
            />
          </li>
        )}
        {seatBackRoom !== null && (
          <li>
            <Typeset
              text={`${length(seatBackRoom)} from the seat's back to the bar where the seat comes nearest${seatBackRoom < 0 ? ': the seat strikes the bar' : ''}.`}
            />
          </li>
        )}
        {spreads.map(({ occupant, driver, side, spread, notch }) => (
          <li key={occupant}>
            <Typeset
              text={`At its worst the ${side} strap of ${driver || 'somebody'} runs ${formatAngle(spread)}° off straight back${notch.length > 0 ? ` (${writeSaid(notch, style)})` : ''}.`}
            />
          </li>
        ))}
        <li>
          <Typeset
            text={
              behind
                ? `At ${length(bar.z)} the bar may stand ${behind.least < 0.5 ? 'up to ' : `${length(behind.least)} to `}${length(behind.most)} behind its place, as an offset bar does.`
                : `At ${length(bar.z)} no place behind satisfies all straps.`
            }
          />
        </li>
        <li>
          <Typeset
            text={`Its longest free span is ${length(span.length)}${
              wantsStrut
                ? `: give it a strut ${offMiddle(span.middle[1], length)}${seats > 1 ? ', as two seats share it and it takes both loads' : ''}`
                : ''
            }.`}
          />
        </li>
      </ul>
    </section>
  );
}
