import { formatWithUnit, type Room, writeSaid } from '@gyrus/core';
import { Link } from 'react-router';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { type Column, DataTable } from '../../shared/figures/DataTable.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';

/** How near everybody comes to every tube within reach, at the worst setting of the seat. */
export function RoomTable({ rooms }: { rooms: Room[] }) {
  const style = useJobStyle();
  const { cockpit } = usePlan();
  const length = (mm: number) => (
    <span className="figure">
      <Typeset text={formatWithUnit(mm, style)} />
    </span>
  );
  const columns: Column<Room>[] = [
    {
      name: 'tube',
      cell: (room) => (
        <Link to={`../design?tube=${room.piece}`} className="font-bold underline">
          {room.stamp}
        </Link>
      ),
      sortBy: (room) => room.stamp,
    },
    {
      name: 'nearest',
      cell: (room) => `${room.part} of ${room.who || 'somebody'}`,
      sortBy: (room) => room.part,
    },
    { name: 'seat', cell: (room) => writeSaid(room.notch, style) || 'as measured' },
    { name: 'bare', cell: (room) => length(room.gap), sortBy: (room) => room.gap },
    { name: 'padded', cell: (room) => length(room.padded), sortBy: (room) => room.padded },
  ];
  return (
    <section aria-label="Room to the tubes" className="space-y-2">
      <h2 className="text-xl">Room to the tubes</h2>
      {rooms.length === 0 ? (
        <p className="text-quiet">
          No tube comes within reach of anybody whose shoulder or helmet is measured.
        </p>
      ) : (
        <>
          <p className="text-quiet text-sm">
            <Typeset
              text={`Surface to surface, with and without ${formatWithUnit(cockpit.padding.mm, style)} of padding. Less than nothing: they run into each other.`}
            />
          </p>
          <div className="max-h-96 overflow-auto">
            <DataTable
              caption="Room to the tubes"
              rows={rooms}
              columns={columns}
              rowKey={(room) => `${room.occupant}/${room.piece}`}
            />
          </div>
        </>
      )}
    </section>
  );
}
