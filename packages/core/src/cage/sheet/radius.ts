import { type Die, type Member } from '../../plan/index.ts';
import { type BendRoom } from '../shape/index.ts';

/** Drawn with this many diameters of radius until a die is chosen; the least that books commonly ask. */
export const RADIUS_WITHOUT_DIE = 3;

/** Straight that an end or two bends need beside each other where no die says so: room for a cope. In diameters. */
const STRAIGHT_WITHOUT_DIE = 1.5;

/** What the member's die asks of its bends. dies: its own among them. */
export function bendRoomOf({ tube, bending }: Member, dies: Die[]): BendRoom {
  const die = dies.find((one) => one.id === bending.die);
  const od = tube.od.mm;
  if (!die) return { clr: RADIUS_WITHOUT_DIE * od, straight: STRAIGHT_WITHOUT_DIE * od };
  return {
    clr: die.finishedRadius?.mm ?? die.clr.mm,
    straight: Math.max(die.clampLength.mm, STRAIGHT_WITHOUT_DIE * od),
  };
}
