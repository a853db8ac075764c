import fc from 'fast-check';
import { leastOver } from './index.ts';

const off = (place: number, aside: number) => (along: number) => Math.hypot(along - place, aside);

test('the foot of the perpendicular from a point beside a way, wherever it is', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 2000, noNaN: true }),
      fc.double({ min: 0, max: 500, noNaN: true }),
      (place, aside) => {
        const { along, least } = leastOver(2000, off(place, aside), { closeness: 1e-8 });
        expect(least).toBeCloseTo(aside, 6);
        // Near its least a distance from a point far aside changes with the square of the way: that is as close as numbers tell it.
        expect(Math.abs(along - place)).toBeLessThan(1e-3);
      },
    ),
  );
});

test.each([
  [-300, 0],
  [2600, 2000],
])('a point beyond the end is nearest to that end: %d', (place, end) => {
  expect(leastOver(2000, off(place, 40))).toEqual({ along: end, least: off(place, 40)(end) });
});

test('of two dips the deeper one, however narrow the way between them', () => {
  const gap = (along: number) => Math.min(off(400, 30)(along), off(431, 29)(along));
  expect(leastOver(2000, gap).along).toBeCloseTo(431, 3);
});

test('beyond what is asked for it looks at few places, and says no less than there is', () => {
  let asked = 0;
  const far = (along: number) => {
    asked += 1;
    return off(1000, 800)(along);
  };
  const { least } = leastOver(2000, far, { within: 50 });
  expect(least).toBeGreaterThanOrEqual(800);
  expect(asked).toBeLessThan(10);
});
