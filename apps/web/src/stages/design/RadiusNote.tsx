import { radiusRoom, type Tube } from '@gyrus/core';
import { radiusRoomWords } from '@gyrus/formats';
import { useMemo } from 'react';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';

/** Where a bend of the tube cuts a corner off what is kept free: the radius that there is room for. */
export function RadiusNote({ tube }: { tube: Tube }) {
  const plan = usePlan();
  const style = useJobStyle();
  const rooms = useMemo(() => radiusRoom(plan, tube), [plan, tube]);
  if (rooms.length === 0) return null;
  return (
    <ul aria-label="Room for the radius" className="space-y-1">
      {rooms.map((room) => (
        <li key={`${room.feature} ${room.name}`}>
          <StatusMark status="look" /> <Typeset text={radiusRoomWords(room, style)} />
        </li>
      ))}
    </ul>
  );
}
