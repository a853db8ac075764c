import { type FloorTick } from '@gyrus/contract';
import { formatAngle } from '@gyrus/core';
import { format } from 'date-fns';
import { stepWords } from './stepWords.ts';

/** What is done on a sheet: by whom, when, and what was measured. */
export const TickList = ({ ticks }: { ticks: FloorTick[] }) => (
  <table className="figure mx-auto w-full max-w-4xl text-left text-xl">
    <caption className="font-label mb-2 text-left text-2xl font-semibold">What is done</caption>
    <tbody>
      {ticks.map(({ id, who, at, measured, ...tick }) => (
        <tr key={id} className="border-b border-[#4350a8]">
          <td className="py-1 pr-4">{stepWords(tick)}</td>
          <td className="pr-4">{measured && measureWords(measured)}</td>
          <td className="pr-4">{who}</td>
          <td className="text-right whitespace-nowrap">{format(at, 'd MMM, HH:mm')}</td>
        </tr>
      ))}
    </tbody>
  </table>
);

function measureWords({ reading, released, zeroed, slipped }: NonNullable<FloorTick['measured']>): string {
  const doubts = [...(zeroed ? [] : ['not zeroed']), ...(slipped ? ['slipped'] : [])];
  const read = reading ? `${formatAngle(reading.deg)}° → ` : '';
  return `${read}${formatAngle(released.deg)}°${doubts.length > 0 ? ` (${doubts.join(', ')})` : ''}`;
}
