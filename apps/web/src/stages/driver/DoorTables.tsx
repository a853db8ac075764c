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
import { Cell, PlainTable, TableRow } from '../../shared/figures/PlainTable.tsx';

/** Getting in above the door bars, and door bars between the seat and the door's skin. */
export function DoorTables({ entries, doorBars }: Pick<CockpitAnswer, 'entries' | 'doorBars'>) {
  if (doorBars.length === 0) return null;
  return (
    <section aria-label="Doors" className="space-y-3">
      <h2 className="text-xl">Doors</h2>
      <div className="overflow-x-auto">
        <PlainTable
          names={['side', 'free above the bars', 'between', 'enough over', { unseen: 'what it means' }]}
        >
          {entries.map((entry) => (
            <EntryRow key={entry.side} entry={entry} />
          ))}
        </PlainTable>
      </div>
      <div className="overflow-x-auto">
        <PlainTable names={['door bar', 'to the door’s skin', 'to the seat']}>
          {doorBars.map((bar) => (
            <BarRow key={bar.piece} bar={bar} />
          ))}
        </PlainTable>
      </div>
    </section>
  );
}

function EntryRow({ entry }: { entry: Entry }) {
  const style = useJobStyle();
  const { cockpit } = usePlan();
  const enough = !isTooLow(entry, cockpit);
  return (
    <TableRow>
      <th scope="row" className="px-3 py-1.5 text-left font-semibold">
        {entry.side}
      </th>
      <Cell figure>
        <Typeset text={formatWithUnit(entry.height, style)} />
      </Cell>
      <Cell>
        {entry.below} and {entry.above || 'the door frame'}
      </Cell>
      <Cell figure>
        <Typeset text={formatWithUnit(entry.length, style)} />
      </Cell>
      <Cell>
        <StatusMark
          status={enough ? 'clear' : 'look'}
          word={enough ? 'enough' : `less than ${formatWithUnit(cockpit.entry.mm, style)}`}
        />
      </Cell>
    </TableRow>
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
    <TableRow>
      <th scope="row" className="px-3 py-1.5 text-left font-bold">
        {bar.stamp}
      </th>
      <Cell>{cell(bar.toSkin, cockpit.doorRoom.mm, 'measure the skin at Survey')}</Cell>
      <Cell>{cell(bar.toSeat, cockpit.seatRoom.mm, 'passes no seat')}</Cell>
    </TableRow>
  );
}
