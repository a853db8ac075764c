import { dialFor, type Die, type DieTest, formatAngle } from '@gyrus/core';
import { commonReadings } from './chartedLine.ts';

/** What to pull to for common angles, to print and hang beside the bender. */
export function WallTable({ die, tests }: { die: Die; tests: DieTest[] }) {
  const rows = commonReadings(tests);
  const steps = die.dialStep !== null;
  return (
    <table className="figure w-full text-right text-lg">
      <caption className="font-label mb-1 text-left text-lg font-semibold">
        For the wall: what to pull to
      </caption>
      <thead className="font-label text-quiet text-sm">
        <tr className="border-rule border-b">
          <th className="py-1 font-medium">bend</th>
          <th className="font-medium">pull to</th>
          {steps && <th className="font-medium">by the dial's steps</th>}
          <th className="font-medium">nine of ten come out at</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ angle, reading, released, why }) => (
          <tr key={angle} className="border-rule border-b">
            <td className="py-1">{angle}°</td>
            {reading === null ? (
              <td colSpan={steps ? 3 : 2} className="font-label text-quiet text-base">
                {why}
              </td>
            ) : (
              <>
                <td className="font-semibold">{formatAngle(reading + (die.dialZero?.deg ?? 0))}°</td>
                {steps && <td>{stepped(die, reading)}</td>}
                <td>
                  {released
                    ? `${formatAngle(released[0])}° to ${formatAngle(released[1])}°`
                    : 'three bends say'}
                </td>
              </>
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The step below, and the next one up where the reading lies between two. */
function stepped({ dialStep, dialZero }: Die, reading: number): string {
  const { to, next } = dialFor(reading, { step: dialStep?.deg ?? null, zero: dialZero?.deg ?? 0 }, 1);
  return next === null ? `${formatAngle(to)}°` : `${formatAngle(to)}°, then ${formatAngle(next)}°`;
}
