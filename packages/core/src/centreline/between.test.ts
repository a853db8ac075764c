import fc from 'fast-check';
import { expectValue } from '../fault/index.ts';
import { distance, type Vec3 } from '../space/index.ts';
import { cornersOf, layOut, lengthOf, nearestBetween, piecesOf, pointAt } from './index.ts';

const axisThrough = (points: [number, number, number][], clr: number) => {
  const corners = expectValue(cornersOf({ points, clr }));
  return piecesOf(corners, expectValue(layOut(corners)));
};

test('crossing straights meet, parallel ones keep their distance', () => {
  const along = axisThrough(
    [
      [-500, 0, 0],
      [500, 0, 0],
    ],
    100,
  );
  expect(
    nearestBetween(
      along,
      axisThrough(
        [
          [0, -300, 40],
          [0, 300, 40],
        ],
        100,
      ),
    ),
  ).toMatchObject({
    distance: expect.closeTo(40, 6) as number,
    along: expect.closeTo(500, 3) as number,
  });
  expect(
    nearestBetween(
      along,
      axisThrough(
        [
          [-500, 70, 0],
          [500, 70, 0],
        ],
        100,
      ),
    ).distance,
  ).toBeCloseTo(70, 9);
});

/** Brute force: every pair of places a few millimetres apart. */
function sampled(first: ReturnType<typeof axisThrough>, second: ReturnType<typeof axisThrough>): number {
  const places = (axis: typeof first): Vec3[] =>
    Array.from({ length: 301 }, (_, i) => pointAt(axis, (lengthOf(axis) * i) / 300) as Vec3);
  let least = Infinity;
  for (const a of places(first)) for (const b of places(second)) least = Math.min(least, distance(a, b));
  return least;
}

test('bent axes: never farther than a brute-force sampler finds, and nearer by no more than its step', () => {
  const coordinate = fc.integer({ min: -700, max: 700 });
  const corner = fc.tuple(coordinate, coordinate, coordinate);
  fc.assert(
    fc.property(
      corner,
      corner,
      fc.integer({ min: 200, max: 900 }),
      fc.integer({ min: 200, max: 900 }),
      (a, b, h, w) => {
        const first = axisThrough(
          [
            [a[0], a[1], a[2]],
            [a[0], a[1], a[2] + h],
            [a[0], a[1] + w, a[2] + h],
          ],
          150,
        );
        const second = axisThrough(
          [
            [b[0], b[1], b[2]],
            [b[0] + w, b[1], b[2]],
            [b[0] + w, b[1] + h, b[2] + 100],
          ],
          120,
        );
        const exact = nearestBetween(first, second);
        const coarse = sampled(first, second);
        expect(exact.distance).toBeLessThanOrEqual(coarse + 1e-6);
        expect(exact.distance).toBeGreaterThan(coarse - 8);
        expect(distance(exact.first, exact.second)).toBeCloseTo(exact.distance, 9);
      },
    ),
    { seed: 3, numRuns: process.env.GYRUS_THOROUGH ? 200 : 25 },
  );
});
