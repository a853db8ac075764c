import { expectValue } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { cornersOf, layOut } from '../../centreline/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { type TraceFit, type TracedPoint } from './fitTrace.ts';
import { type BendRoom, shapedPath } from '../shape/index.ts';
import { tracedShape, type TracePlace } from './tracedShape.ts';

/** Without a die: the radii that were traced hold. */
const ROOM: BendRoom = { clr: 114.3, clrAt: () => null, od: 44.45, straight: 66 };

function fitOf(points: TracedPoint[], radii: number[]): TraceFit {
  const corners = expectValue(cornersOf({ points: points.map(([x, y]) => [x, y, 0]), clr: radii }));
  return { points, radii, lra: expectValue(layOut(corners)), error: 0 };
}

/** From end to end 800 mm, 150 mm to the left in between. */
const BOW = fitOf(
  [
    [0, 0],
    [250, 150],
    [550, 150],
    [800, 0],
  ],
  [140, 140],
);

function cornersIn(place: TracePlace, fit = BOW): Vec3[] {
  const { shape } = expectValue(tracedShape(fit, place, 'mm'));
  return expectValue(shapedPath(shape, place.a, place.b, ROOM)).points;
}

const A: Vec3 = [0, 600, 400];
const B: Vec3 = [800, 600, 400];

test('between its own ends it lies as it was traced, its left side where it was told [arithmetic]', () => {
  const points = cornersIn({ a: A, b: B, towards: 'up', mirrored: false });
  const wanted: Vec3[] = [A, [250, 600, 550], [550, 600, 550], B];
  for (const [i, at] of points.entries()) expect(distance(at, itemAt(wanted, i))).toBeLessThan(0.01);
});

test('mirrored it stands to the other side', () => {
  const points = cornersIn({ a: A, b: B, towards: 'up', mirrored: true });
  expect(distance(itemAt(points, 1), [250, 600, 250])).toBeLessThan(0.01);
  expect(distance(itemAt(points, -1), B)).toBeLessThan(0.01);
});

test.each(['out', 'in', 'rear', 'up'] as const)(
  'it ends on the line to its other end, toward %s',
  (towards) => {
    const far: Vec3 = [300, -500, 500];
    const { longer } = expectValue(tracedShape(BOW, { a: A, b: far, towards, mirrored: false }, 'mm'));
    const points = cornersIn({ a: A, b: far, towards, mirrored: false });
    expect(longer).toBeCloseTo(800 - distance(A, far), 6);
    expect(distance(itemAt(points, -1), A)).toBeCloseTo(800, 1);
    expect(distance(itemAt(points, -1), far)).toBeCloseTo(Math.abs(longer), 1);
  },
);

test('an S keeps its sides: its second bend turns the other way', () => {
  const s = fitOf(
    [
      [0, 0],
      [300, 0],
      [500, 200],
      [800, 200],
    ],
    [120, 120],
  );
  const points = cornersIn(
    { a: A, b: [A[0] + Math.hypot(800, 200), A[1], A[2]], towards: 'up', mirrored: false },
    s,
  );
  // Turned so that its ends lie level: the first corner hangs below the line, the second stands above it.
  expect(itemAt(points, 1)[2]).toBeLessThan(A[2]);
  expect(itemAt(points, 2)[2]).toBeGreaterThan(A[2]);
});
