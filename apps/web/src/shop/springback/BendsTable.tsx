import { formatAngle } from '@gyrus/core';
import { Button } from '../../shared/frame/Button.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { type ChartPoint } from './chartedLine.ts';
import { useSetAside } from './useSetAside.ts';

/** Every bend of a tube on a die, the doubtful ones said; what is left out stays in sight. */
export function BendsTable({ points }: { points: ChartPoint[] }) {
  return (
    <table className="figure w-full text-right">
      <caption className="font-label mb-1 text-left text-lg font-semibold">Bends of this tube</caption>
      <thead className="font-label text-quiet text-sm">
        <tr className="border-rule border-b">
          <th className="py-1 text-left font-medium">made for</th>
          <th className="font-medium">dial read</th>
          <th className="font-medium">released</th>
          <th className="font-medium">back</th>
          <th className="font-medium">off the line</th>
          <th className="pl-4 text-left font-medium">counts</th>
        </tr>
      </thead>
      <tbody>
        {points.map((point) => (
          <Row key={point.test.id} point={point} />
        ))}
      </tbody>
    </table>
  );
}

function Row({ point: { test, back, residual, outlier } }: { point: ChartPoint }) {
  return (
    <tr className="border-rule border-b">
      <td className="py-1 text-left">{test.made === 'test' ? 'a test' : 'a part'}</td>
      <td>{formatAngle(test.reading.deg)}°</td>
      <td>{formatAngle(test.released.deg)}°</td>
      <td>{formatAngle(back)}°</td>
      <td>{residual === null ? '–' : `${residual > 0 ? '+' : ''}${formatAngle(residual)}°`}</td>
      <td className="font-label pl-4 text-left">
        {test.sound ? 'yes' : `left out${test.note ? `: ${test.note}` : ''}`}
        {outlier && (
          <span className="ml-2">
            <StatusMark status="look" /> the others do not bear it out: measure or make it again
          </span>
        )}
        {test.made === 'production' && <SetAside id={test.id} sound={test.sound} />}
      </td>
    </tr>
  );
}

/** A bend of a part is left out by somebody, for a reason; or taken in again. */
function SetAside({ id, sound }: { id: string; sound: boolean }) {
  const { set, setting } = useSetAside(id);
  return (
    <Button kind="quiet" disabled={setting} onClick={() => set(sound)}>
      {sound ? 'Leave it out' : 'Let it count'}
    </Button>
  );
}
