import fc from 'fast-check';
import { radians } from '../../measure/index.ts';
import { add, cross, length, rotateAbout, scale, subtract, unit, type Vec3 } from '../../space/index.ts';
import { positionAt, positionsOf, turnedFlat, WELD_POSITIONS } from './positions.ts';

const FORWARD: Vec3 = [1, 0, 0];
const UP: Vec3 = [0, 0, 1];
/** A face turned by so many degrees from up, round a weld that runs forward. */
const turned = (face: number) => rotateAbout(FORWARD, radians(face), UP);

// The drawings of AWS A3.0 and ISO 6947 (PA, PB, PC, PF, PD, PE; from memory).
test.each([
  ['a trough, face up: 1F', turned(0), FORWARD, 'flat'],
  ['one plate flat, the other upright on it: 2F', turned(45), FORWARD, 'horizontal'],
  ['a seam round an upright pipe, face to the side: 2G', turned(90), FORWARD, 'horizontal'],
  ['a corner that stands upright: 3F', [1, 0, 0], UP, 'vertical'],
  ['one plate overhead, the other hanging from it: 4F', turned(135), FORWARD, 'overhead'],
  ['straight down', turned(180), FORWARD, 'overhead'],
  [
    'a weld that climbs 45° with its face up',
    [-Math.SQRT1_2, 0, Math.SQRT1_2],
    [Math.SQRT1_2, 0, Math.SQRT1_2],
    'vertical',
  ],
  ['the same from below', [Math.SQRT1_2, 0, -Math.SQRT1_2], [Math.SQRT1_2, 0, Math.SQRT1_2], 'overhead'],
] as const)('%s', (_, middle, along, position) => {
  expect(positionAt({ middle, along })).toBe(position);
});

test('it does not matter from which end a weld is run, nor which way the car points', () => {
  const angle = fc.double({ min: 0, max: 360, noNaN: true });
  fc.assert(
    fc.property(angle, angle, angle, (face, climb, turn) => {
      const about = (a: Vec3): Vec3 => rotateAbout([0, 1, 0], radians(climb), a);
      const [middle, along] = [about(turned(face)), about(FORWARD)];
      const other = (a: Vec3): Vec3 => rotateAbout(UP, radians(turn), a);
      const back: Vec3 = [-along[0], -along[1], -along[2]];
      // At a limit rounding decides.
      const near = [0.001, -0.001].map((by) => about(turned(face + by)));
      const here = positionAt({ middle, along });
      if (near.some((one) => positionAt({ middle: one, along }) !== here)) return true;
      return (
        positionAt({ middle, along: back }) === here &&
        positionAt({ middle: other(middle), along: other(along) }) === here
      );
    }),
  );
});

/** A seam round a pipe of radius 20 that stands on a plate. axis: the pipe's direction */
function roundSeam(axis: Vec3) {
  const [side] = (
    [
      [1, 0, 0],
      [0, 0, 1],
    ] as Vec3[]
  )
    .map((one) => cross(axis, one))
    .filter((one) => length(one) > 0.1);
  const out = scale(unit(side!), 20);
  const line = Array.from({ length: 120 }, (_, i) => rotateAbout(axis, radians(3 * i), out));
  const axisOf = (toward: Vec3) => [{ kind: 'straight', from: [0, 0, 0], to: scale(toward, 500) }];
  // The plate under it is a tube so thick that it is flat there.
  const plate = {
    axis: [
      {
        kind: 'straight',
        from: subtract(scale(axis, -1e6), scale(unit(side!), 1e6)),
        to: add(scale(axis, -1e6), scale(unit(side!), 1e6)),
      },
    ],
    od: 2e6,
  };
  const tube = { axis: axisOf(axis), od: 40 };
  return { tube, headers: [plate], seam: { line, length: 125.7 } } as unknown as Parameters<
    typeof positionsOf
  >[0];
}
const PLACES = Array.from({ length: 20 }, (_, i) => ({ point: 6 * i }));

test('a pipe that stands on a plate is welded horizontal all round; lying, overhead on less than half, and alike from both sides', () => {
  const standing = positionsOf(roundSeam(UP), PLACES, 125.7);
  expect(standing.horizontal).toBeCloseTo(125.7, 6);
  const lying = positionsOf(roundSeam([0, 1, 0]), PLACES, 125.7);
  expect(lying.flat + lying.horizontal + lying.vertical + lying.overhead).toBeCloseTo(125.7, 6);
  expect(lying.vertical).toBeGreaterThan(lying.overhead);
  expect(lying.overhead).toBeGreaterThan(lying.horizontal);
  const mirrored = positionsOf(roundSeam([0, -1, 0]), PLACES, 125.7);
  for (const position of WELD_POSITIONS) expect(mirrored[position]).toBeCloseTo(lying[position], 6);
});

test('on the bench all of it is turned flat', () => {
  expect(WELD_POSITIONS.map((one) => turnedFlat(120)[one])).toEqual([120, 0, 0, 0]);
});
