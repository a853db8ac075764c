import { nearestBetween, straightAxis } from '../../centreline/index.ts';
import { firstZero, millimetres, NOISE } from '../../measure/index.ts';
import { type CarSide, type ShapeOf } from '../../plan/index.ts';
import { cross, dot, length, subtract, type Vec3 } from '../../space/index.ts';
import { heightOnRow, type Row } from '../placing/row.ts';
import { type BendRoom, fitsChord } from '../shape/index.ts';
import { type Tube } from '../tube.ts';

/** The tubes of a member on one side, or of one that has no sides, from its end A to its end B; null where none stand. */
export function rowIn(tubes: Tube[], member: string, side: CarSide): Row | null {
  const own = tubes.filter((tube) => tube.member === member);
  const onSide = own.filter(({ points }) => points.every(([, y]) => (side === 'left' ? y > 0 : y < 0)));
  const [first, ...more] = onSide.length > 0 ? onSide : own;
  return first ? [first, ...more] : null;
}

/** Half the length of a member, on the left where it is a pair; nothing where it does not stand. mm */
export const middleOf = (tubes: Tube[], member: string): number =>
  (rowIn(tubes, member, 'left') ?? []).reduce((sum, { developed }) => sum + developed, 0) / 2;

/** Where a bar passes a height on one side; null where it does not. */
export function placeAtHeight(row: Row | null, z: number, side: CarSide): Vec3 | null {
  const found = row && heightOnRow(row, z, side);
  return found?.ok ? found.value.point : null;
}

/**
 * The first of some offsets that the die makes over a chord, tried from what is wanted towards what is easier: a narrower seat, then a
 * deeper or a shallower step. The wanted one where none fits: what stands in the way is told then.
 */
export function fittingOffset(
  wanted: { offset: number; flat: number; centre: number },
  towards: ShapeOf<'offset'>['towards'],
  chord: number,
  room: BendRoom,
): { offset: number; flat: number; centre: number } {
  const steps = [1, 1.15, 0.85, 1.35, 0.7, 1.6, 2];
  for (const flat of [1, 0.9, 0.8, 0.7, 0.6])
    for (const step of steps)
      for (const toMiddle of [1, 0.8, 0.6, 0.4, 0.2, 0]) {
        const one = {
          offset: Math.round(wanted.offset * step),
          flat: Math.round(wanted.flat * flat),
          centre: Math.round(wanted.centre * toMiddle),
        };
        if (fitsChord({ kind: 'offset', towards, ...asLengths(one), angle: null }, chord, room)) return one;
      }
  return wanted;
}

const asLengths = ({ offset, flat, centre }: { offset: number; flat: number; centre: number }) => ({
  offset: millimetres(offset),
  flat: millimetres(flat),
  centre: millimetres(centre),
});

/** An end is moved this far up or down at most, so that its bar crosses another: down it would come to the other bar's own end. mm */
const REACH = { up: 320, down: 100 };

/**
 * The height on a leg at which a bar from a fixed end crosses another bar's axis, the nearest to the height that is wanted; null where
 * none does. Heights in mm above the floor.
 */
export function crossingHeight(
  through: readonly [Vec3, Vec3],
  from: Vec3,
  leg: { row: Row | null; side: CarSide },
  wanted: number,
): number | null {
  const miss = (z: number) => {
    const to = placeAtHeight(leg.row, z, leg.side);
    return to === null ? NaN : missBetween(through, [from, to]);
  };
  const found = [REACH.up, -REACH.down]
    .map((reach) => firstZero(wanted, wanted + reach, 32, miss))
    .filter((z) => z !== null && !Number.isNaN(miss(z)));
  return found.sort((a, b) => Math.abs((a ?? 0) - wanted) - Math.abs((b ?? 0) - wanted))[0] ?? null;
}

/** How far two straights pass each other by, with a sign that changes where they cross. mm */
function missBetween([a, b]: readonly [Vec3, Vec3], [c, d]: readonly [Vec3, Vec3]): number {
  const square = cross(subtract(b, a), subtract(d, c));
  return dot(subtract(c, a), square) / Math.max(length(square), NOISE);
}

/** Whether a straight between two places stays clear of every tube but those named. */
export function isClear(from: Vec3, to: Vec3, od: number, tubes: Tube[], but: ReadonlySet<string>): boolean {
  const axis = straightAxis(from, to);
  return tubes.every(
    (tube) => but.has(tube.member) || nearestBetween(axis, tube.axis).distance > (od + tube.od) / 2,
  );
}
