import { tubeUsedAt } from '../../bending/index.ts';
import { radians } from '../../measure/index.ts';
import { type Die, type Member } from '../../plan/index.ts';
import { type BendRoom } from '../shape/index.ts';

/** Drawn with this many diameters of radius until a die is chosen; the least that books commonly ask. */
export const RADIUS_WITHOUT_DIE = 3;

/** Straight that an end or two bends need beside each other where no die says so: room for a cope. In diameters. */
const STRAIGHT_WITHOUT_DIE = 1.5;

/** What the member's dies ask of its bends. dies: its own among them. */
export function bendRoomOf({ tube, bending }: Member, dies: Die[]): BendRoom {
  const dieOf = (id: string | null) => dies.find((one) => one.id === id) ?? null;
  const die = dieOf(bending.die);
  const od = tube.od.mm;
  return {
    clr: finished(die) ?? RADIUS_WITHOUT_DIE * od,
    clrAt: (feature, angle) => {
      const own = dieOf(bending.dieAt[feature] ?? bending.die);
      return own && finishedAt(own, angle);
    },
    od,
    straight: Math.max(die?.clampLength.mm ?? 0, STRAIGHT_WITHOUT_DIE * od),
  };
}

/** As the sheet has it: where the shop has the tube measured that bends use, a bend has the radius that takes as much. */
function finishedAt(die: Die, angle: number): number | null {
  const table = die.takes.map(({ angle, tube }) => ({ angle: angle.deg, tube: tube.mm }));
  return table.length > 0 ? tubeUsedAt(table, angle) / radians(angle) : finished(die);
}

const finished = (die: Die | null): number | null => die && (die.finishedRadius?.mm ?? die.clr.mm);
