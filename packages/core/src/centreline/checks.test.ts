import fc from 'fast-check';
import { expectValue } from '../fault/index.ts';
import { distance, type Vec3 } from '../space/index.ts';
import {
  arcOf,
  cornersOf,
  distanceToPath,
  layOut,
  lraOf,
  type Piece,
  piecesOf,
  polylineOf,
  setbackOf,
} from './index.ts';

/** Facts of the trade and of geometry, with the source beside each value. */
const IN = 25.4;

test('offset of two equal opposite bends: offset D·sin θ, run D·cos θ [handbook §4, definition]', () => {
  const [D, theta] = [600, 30];
  const offset = D * Math.sin((theta * Math.PI) / 180);
  const run = D * Math.cos((theta * Math.PI) / 180);
  const { bends } = expectValue(
    lraOf({
      points: [
        [0, 0, 0],
        [400, 0, 0],
        [400 + run, offset, 0],
        [900 + run, offset, 0],
      ],
      clr: 120,
    }),
  );
  expect(bends.map((bend) => bend.angle)).toEqual([expect.closeTo(30, 9), expect.closeTo(30, 9)]);
  expect(bends[1]?.rotation).toBe(180);
});

test('rolling offset: travel = √(rise² + roll² + run²), bend angle atan(√(rise² + roll²)/run) [pipe fitter’s handbook, from memory]', () => {
  const [rise, roll, run] = [300, 400, 500];
  const { bends } = expectValue(
    lraOf({
      points: [
        [0, 0, 0],
        [600, 0, 0],
        [600 + run, roll, rise],
        [1200 + run, roll, rise],
      ],
      clr: 60,
    }),
  );
  const travel = Math.hypot(rise, roll, run);
  const angle = (Math.atan2(Math.hypot(rise, roll), run) * 180) / Math.PI;
  expect(bends[0]?.angle).toBeCloseTo(angle, 9);
  expect((bends[1]?.length ?? 0) + 2 * setbackOf(60, angle)).toBeCloseTo(travel, 9);
});

test('6 in radius: 0.1047 in per degree, 9.42 in for 90° [handbook §5, definition]', () => {
  expect(arcOf(6 * IN, 1) / IN).toBeCloseTo(0.1047, 4);
  expect(arcOf(6 * IN, 90) / IN).toBeCloseTo(9.42, 2);
});

test('setback of a 90° bend is its radius [definition]', () => {
  expect(setbackOf(152.4, 90)).toBeCloseTo(152.4, 9);
});

const path: { pieces: Piece[]; developed: number } = (() => {
  const corners = expectValue(
    cornersOf({
      points: [
        [0, 0, 0],
        [700, 0, 0],
        [900, 600, 100],
        [500, 900, 500],
      ],
      clr: [150, 120],
    }),
  );
  const lra = expectValue(layOut(corners));
  return { pieces: piecesOf(corners, lra), developed: lra.developed };
})();

test('the developed length is the length of a fine polyline along the axis', () => {
  const points = polylineOf(path.pieces, 0.1);
  const walked = points.slice(1).reduce((sum, p, i) => sum + distance(p, points[i] as Vec3), 0);
  expect(walked).toBeCloseTo(path.developed, 2);
});

test('the distance from a point to the axis agrees with a brute-force sampler', () => {
  const samples = polylineOf(path.pieces, 0.5).flatMap((p, i, all) => {
    const next = all[i + 1] ?? p;
    return Array.from({ length: 40 }, (_, k): Vec3 => [
      p[0] + ((next[0] - p[0]) * k) / 40,
      p[1] + ((next[1] - p[1]) * k) / 40,
      p[2] + ((next[2] - p[2]) * k) / 40,
    ]);
  });
  const coordinate = fc.double({ min: -1500, max: 1500, noNaN: true });
  fc.assert(
    fc.property(fc.tuple(coordinate, coordinate, coordinate), (point) => {
      const sampled = samples.reduce((least, sample) => Math.min(least, distance(point, sample)), Infinity);
      expect(Math.abs(distanceToPath(point, path.pieces) - sampled)).toBeLessThan(1);
      expect(distanceToPath(point, path.pieces)).toBeLessThanOrEqual(sampled + 1e-6);
    }),
    { seed: 5, numRuns: 30 },
  );
});
