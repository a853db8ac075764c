import { arcOf, cornersOf, layOut, type Lra, pathFrom, setbackOf } from '../../centreline/index.ts';
import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { decided, degrees, halfTurned, radians } from '../../measure/index.ts';
import { add, angleBetween, distance, dot, scale, subtract, unit, type Vec3 } from '../../space/index.ts';
import { startOf } from './whatNow.ts';

/** A finished bar, and the bend that is to be added to it. mm, degrees */
export interface AddedBendInput {
  /** Both ends and the PIs between them, and the radius of each. */
  points: Vec3[];
  clr: number[];
  /** The middle of the new bend along the bar from its end A, its angle, and the radius of its die. */
  at: number;
  angle: number;
  radius: number;
  /** It turns the other way than the bend before it. */
  opposite: boolean;
}

/** What a bend does to a bar that was finished before it. mm, degrees */
export interface AddedBend {
  /** Ends and PIs, end A and its direction held; the new PI stands where it belongs. */
  points: Vec3[];
  /** Straight line from end to end, before and after: what it is shorter by it does not reach. */
  chord: [before: number, after: number];
  /** How far the new bend's corner stands off the line between the ends. */
  rise: number;
  /** How much each end leans otherwise toward the other end than its cope was cut for. */
  turned: [a: number, b: number];
  /** Straights left beside the new bend. */
  straights: [before: number, behind: number];
}

/**
 * A bend added to a finished bar: the tube keeps its length, so its ends come nearer and each leans otherwise than its cope was cut for. It
 * lies in the plane of the bend before it; of a straight bar in any. Faults: a place off the bar or in a bend; too little straight beside it.
 */
export function bendAdded({ points, clr, at, angle, radius, opposite }: AddedBendInput): Outcome<AddedBend> {
  const corners = cornersOf({ points: points.map(([x, y, z]): [number, number, number] => [x, y, z]), clr });
  if (!corners.ok) return corners;
  const laid = layOut(corners.value);
  if (!laid.ok) return laid;
  const put = inserted(laid.value, { at, angle, radius, opposite });
  if (!put.ok) return put;
  const { path, index, straights } = put.value;
  const { ends, corners: pis } = corners.value;
  const start =
    pis.length > 0
      ? startOf(corners.value)
      : {
          at: ends[0],
          along: unit(subtract(ends[1], ends[0])),
          normal: squareTo(subtract(ends[1], ends[0])),
        };
  const made = pathFrom(start, path.bends, path.tail);
  const before = [ends[0], ...pis.map((pi) => pi.at), ends[1]];
  return succeed({
    points: made,
    chord: [distance(ends[0], ends[1]), distance(itemAt(made, 0), itemAt(made, -1))],
    rise: offChord(itemAt(made, index + 1), itemAt(made, 0), itemAt(made, -1)),
    turned: [leanAt(made, 'a') - leanAt(before, 'a'), leanAt(made, 'b') - leanAt(before, 'b')],
    straights,
  });
}

interface Inserted {
  path: Pick<Lra, 'bends' | 'tail'>;
  /** Of the new bend among the bends. */
  index: number;
  straights: [number, number];
}

/** The straights and bends with the new one in the straight that it falls on. */
function inserted(
  { bends, tail }: Lra,
  { at, angle, radius, opposite }: Omit<AddedBendInput, 'points' | 'clr'>,
): Outcome<Inserted> {
  const half = arcOf(radius, angle) / 2;
  let from = 0;
  for (let index = 0; index <= bends.length; index += 1) {
    const bend = bends[index];
    const length = bend?.length ?? tail;
    if (at < from) break;
    if (at <= from + length) {
      const straights: [number, number] = [at - from - half, from + length - at - half];
      const short = Math.min(...straights);
      if (decided(short) < 0)
        return fail(
          'negative-straight',
          '/at',
          told`${{ mm: -short, fine: true }} of straight is missing beside the bend: it wants ${{ mm: half, fine: true }} on both sides of its middle`,
        );
      const rotation = opposite ? 180 : 0;
      const setback = setbackOf(radius, angle);
      const fresh = { length: straights[0], rotation, angle, clr: radius, setback };
      const rest = bends.slice(index);
      const behind = rest.map((one, i) =>
        i === 0 ? { ...one, length: straights[1], rotation: halfTurned(one.rotation - rotation) } : one,
      );
      return succeed({
        path: {
          bends: [...bends.slice(0, index), fresh, ...behind],
          tail: rest.length === 0 ? straights[1] : tail,
        },
        index,
        straights,
      });
    }
    from += length + (bend ? arcOf(bend.clr, bend.angle) : 0);
  }
  return fail('no-feature', '/at', 'this place lies in a bend, or off the bar: give one on a straight');
}

/** The angle at an end between the bar and the line to its other end. Degrees */
function leanAt(points: readonly Vec3[], end: 'a' | 'b'): number {
  const path = end === 'a' ? points : [...points].reverse();
  const [from, next, to] = [itemAt(path, 0), itemAt(path, 1), itemAt(path, -1)];
  return degrees(angleBetween(subtract(next, from), subtract(to, from)));
}

function offChord(at: Vec3, a: Vec3, b: Vec3): number {
  const along = unit(subtract(b, a));
  const foot = add(a, scale(along, dot(subtract(at, a), along)));
  return distance(at, foot);
}

/** Some way square to another. */
function squareTo(way: Vec3): Vec3 {
  const [x, y, z] = unit(way);
  return unit(Math.abs(z) < 0.9 ? [-y, x, 0] : [0, -z, y]);
}

/** A cope that leans otherwise by less is still filled by a weld. Degrees; common practice */
const FILLED = 1;
/** Beyond this the gap says no more than that nothing fits. Degrees */
const STEEPEST = 80;

/** What becomes of a finished cope whose end leans otherwise: whether it still fits, and how far it opens across the tube, OD·tan(lean). mm, degrees */
export const copeTurned = (od: number, lean: number): { fits: boolean; opens: number } => ({
  fits: decided(Math.abs(lean) - FILLED) <= 0,
  opens: od * Math.tan(radians(Math.min(Math.abs(lean), STEEPEST))),
});
