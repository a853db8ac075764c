import fc from 'fast-check';
import { halfTurned, turned } from './index.ts';

const angle = fc.integer({ min: -720, max: 720 });

test('a direction stays what it is, from 0 to under 360 or from over −180 to 180', () => {
  fc.assert(
    fc.property(angle, (given) => {
      const [whole, half] = [turned(given), halfTurned(given)];
      expect(whole).toBeGreaterThanOrEqual(0);
      expect(whole).toBeLessThan(360);
      expect(half).toBeGreaterThan(-180);
      expect(half).toBeLessThanOrEqual(180);
      for (const found of [whole, half]) expect(Math.abs((found - given) % 360)).toBe(0);
    }),
  );
});

test('half a turn is 180 whichever way round, also with the noise of sums, and no turn is never −0', () => {
  expect([180, -180, 540, -540, -180 + 1e-12].map(halfTurned)).toEqual([180, 180, 180, 180, 180]);
  expect(Object.is(halfTurned(-0), 0)).toBe(true);
  expect(Object.is(halfTurned(-360), 0)).toBe(true);
});
