import {
  type CockpitAnswer,
  type DoorBarRoom,
  doorRoomStatus,
  type Entry,
  formatWithUnit,
  isTooLow,
} from '@gyrus/core';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { TableHead } from '../../shared/figures/TableHead.tsx';

/** Getting in above the door bars, and door bars between the seat and the door's skin. */
export function DoorTables({ entries, doorBars }: Pick<CockpitAnswer, 'entries' | 'doorBars'>) {
  if (doorBars.length === 0) return null;
  return (
    <section aria-label="Doors" className="space-y-3">
      <h2 className="text-xl">Doors</h2>
      <div className="overflow-x-auto">
        <table className="bg-sheet border-rule border text-left">
          <TableHead names={['side', 'free above the bars', 'between', 'enough over', '']} />
          <tbody>
            {entries.map((entry) => (
              <EntryRow key={entry.side} entry={entry} />
            ))}
          </tbody>
        </table>
      </div>
      <div className="overflow-x-auto">
        <table className="bg-sheet border-rule border text-left">
          <TableHead names={['door bar', 'to the door’s skin', 'to the seat']} />
          <tbody>
            {doorBars.map((bar) => (
              <BarRow key={bar.piece} bar={bar} />
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function EntryRow({ entry }: { entry: Entry }) {
  const style = useJobStyle();
  const { cockpit } = usePlan();
  const enough = !isTooLow(entry, cockpit);
  return (
    <tr className="border-rule border-t">
      <th scope="row" className="px-3 py-1.5 text-left font-semibold">
        {entry.side}
      </th>
      <td className="figure px-3 py-1.5">
        <Typeset text={formatWithUnit(entry.height, style)} />
      </td>
      <td className="px-3 py-1.5">
        {entry.below} and {entry.above || 'the door frame'}
      </td>
      <td className="figure px-3 py-1.5">
        <Typeset text={formatWithUnit(entry.length, style)} />
      </td>
      <td className="px-3 py-1.5">
        <StatusMark
          status={enough ? 'clear' : 'look'}
          word={enough ? 'enough' : `less than ${formatWithUnit(cockpit.entry.mm, style)}`}
        />
      </td>
    </tr>
  );
}

function BarRow({ bar }: { bar: DoorBarRoom }) {
  const style = useJobStyle();
  const { cockpit, measuringError } = usePlan();
  const cell = (room: number | null, wanted: number, otherwise: string) =>
    room === null ? (
      <span className="text-quiet">{otherwise}</span>
    ) : (
      <StatusMark
        status={doorRoomStatus(room, wanted, measuringError.mm)}
        word={formatWithUnit(room, style)}
      />
    );
  return (
    <tr className="border-rule border-t">
      <th scope="row" className="px-3 py-1.5 text-left font-bold">
        {bar.stamp}
      </th>
      <td className="px-3 py-1.5">{cell(bar.toSkin, cockpit.doorRoom.mm, 'measure the skin at Survey')}</td>
      <td className="px-3 py-1.5">{cell(bar.toSeat, cockpit.seatRoom.mm, 'passes no seat')}</td>
    </tr>
  );
}
