import { pointsOf } from '../../centreline/index.ts';
import { andThen, fail, type Outcome, succeed } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { radians } from '../../measure/index.ts';
import { type ShapeOf } from '../../plan/index.ts';
import {
  add,
  cross,
  distance,
  dot,
  length,
  rotateAbout,
  scale,
  subtract,
  unit,
  type Vec3,
} from '../../space/index.ts';
import { type BendRoom } from './chord.ts';
import { takenOff } from './takenOff.ts';

/**
 * The tube of a take-off from where it starts: heading for a point, its first bend turned from up about the tube.
 * Result: the corners and the end, car's frame, mm. Bends are named by their number in words, `bend-one` …
 */
export function takeOffPath(
  start: Vec3,
  aim: Vec3,
  shape: ShapeOf<'take-off'>,
  room: BendRoom,
): Outcome<{ points: Vec3[]; features: string[]; bySample: (number | null)[]; end: Vec3 }> {
  if (distance(start, aim) < 1)
    return fail(
      'no-direction',
      '',
      'the take-off heads for the place it starts from: let it aim at another point',
    );
  const heading = unit(subtract(aim, start));
  const turn = rotateAbout(heading, radians(shape.roll.deg), upFrom(heading));
  const normal = cross(heading, turn);
  const features = takeOffFeatures(shape.rows.length);
  return andThen(takenOff(shape, features, room), ({ bends, tail, bySample }) =>
    andThen(pointsOf({ bends, tail }), (own) => {
      const points = own.map(([x, y, z]) =>
        add(start, add(scale(heading, x), add(scale(turn, y), scale(normal, z)))),
      );
      return succeed({ points: points.slice(1, -1), features, bySample, end: itemAt(points, -1) });
    }),
  );
}

/** The names of the bends of a list of so many. */
export const takeOffFeatures = (count: number): string[] =>
  Array.from({ length: count }, (_, i) => `bend-${NUMBERS[i] ?? 'more'}`);

const TEENS = ['ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen'];
const ONES = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
const REST = ['sixteen', 'seventeen', 'eighteen', 'nineteen'];
const NUMBERS = [...ONES, ...TEENS, ...REST, ...['twenty', ...ONES.map((one) => `twenty-${one}`)], 'thirty'];

/** Up, made square to the heading; forward where the tube itself runs upright. */
export function upFrom(heading: Vec3): Vec3 {
  const square = (wanted: Vec3) => subtract(wanted, scale(heading, dot(wanted, heading)));
  const up = square([0, 0, 1]);
  return unit(length(up) > 1e-3 ? up : square([1, 0, 0]));
}
