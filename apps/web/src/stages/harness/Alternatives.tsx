import { formatWithUnit, type HarnessAnswer, type LengthStyle, writeSaid } from '@gyrus/core';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Cell, PlainTable, TableRow } from '../../shared/figures/PlainTable.tsx';

type Way = HarnessAnswer['alternatives'][number];

const places = (count: number): string => `${count} setting${count === 1 ? '' : 's'}`;

/** What else helps where no height of this bar suits all, each with what it costs. */
export function Alternatives({ ways }: { ways: Way[] }) {
  const style = useJobStyle();
  if (ways.length === 0)
    return <p>Nothing that is known here helps: look for another seat, or move it on its rails.</p>;
  return (
    <PlainTable wide caption="What helps instead, the least first" names={['way', 'costs']}>
      {ways.map((way) => {
        const { what, costs } = wayWords(way, style);
        return (
          <TableRow key={way.kind}>
            <Cell>
              <Typeset text={what} />
            </Cell>
            <Cell>
              <Typeset text={costs} />
            </Cell>
          </TableRow>
        );
      })}
    </PlainTable>
  );
}

function wayWords(way: Way, style: LengthStyle): { what: string; costs: string } {
  const length = (mm: number) => formatWithUnit(mm, style);
  switch (way.kind) {
    case 'seat-stop':
      return {
        what: `Bar at ${length(way.height)}, the seat stopped short of ${places(way.given.length)}: ${settingWords(way, style)}.`,
        costs: 'no tube; a stop on the runner',
      };
    case 'fixed-seat':
      return {
        what: `The seat bolted as measured, bar at ${length(way.height)}; pedals and wheel move instead.`,
        costs: 'no tube; a pedal box and a column that adjust',
      };
    case 'offset-bar':
      return {
        what: `An offset bar ${length(way.offset)} further back, at ${length(way.height)}.`,
        costs: `four bends, ${length(way.tube)} more tube, ${way.mass.toFixed(1)} kg, and weaker`,
      };
    case 'bar-each':
      return {
        what: `A bar, or places for one bar, for each: ${way.heights
          .map(({ driver, height }) => `${driver || 'somebody'} at ${length(height)}`)
          .join(', ')}.`,
        costs: `${length(way.tube)} more tube, ${way.mass.toFixed(1)} kg, two copes or bolted ends each`,
      };
  }
}

/** The settings that are given up, each once; the first four by name. */
function settingWords({ given }: Extract<Way, { kind: 'seat-stop' }>, style: LengthStyle): string {
  const names = given.map(
    ({ driver, notch }) => `${driver || 'somebody'} ${writeSaid(notch, style) || 'as measured'}`,
  );
  return [...new Set(names)].slice(0, 4).join('; ') + (given.length > 4 ? ' and more' : '');
}
