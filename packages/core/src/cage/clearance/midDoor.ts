import { itemAt } from '../../items/index.ts';
import { crossingsOf, pointOn } from '../../centreline/index.ts';
import { type CarSide } from '../../plan/index.ts';
import { type Tube } from '../tube.ts';

/** Tubes that stand between driver and door at the middle of the opening, on one side of the car. */
export interface MidDoor {
  side: CarSide;
  /** Forward of the hoop, mm. */
  at: number;
  /** Tubes one above another there: two that cross in one place are one. */
  tubes: number;
  stamps: string[];
}

/** Of an X one tube is left at mid-door, of stacked bars two (handbook §7). */
export function midDoor(tubes: Tube[]): MidDoor[] {
  const doors = tubes.filter((tube) => tube.role === 'door-bar');
  return (['left', 'right'] as const).flatMap((side): MidDoor[] => {
    const here = doors.filter(({ points }) => itemAt(points, 0)[1] > 0 === (side === 'left'));
    if (here.length === 0) return [];
    const xs = here.flatMap(({ points }) => [itemAt(points, 0), itemAt(points, -1)]).map(([x]) => x);
    const at = (Math.min(...xs) + Math.max(...xs)) / 2;
    const passing = here.flatMap((tube) =>
      crossingsOf(tube.axis, ([x]) => x - at).map((along) => ({
        tube,
        z: pointOn(tube.axis, along)[2],
      })),
    );
    const levels: number[] = [];
    for (const { z, tube } of passing)
      if (levels.every((level) => Math.abs(level - z) > tube.od)) levels.push(z);
    return [{ side, at, tubes: levels.length, stamps: here.map((tube) => tube.stamp) }];
  });
}
