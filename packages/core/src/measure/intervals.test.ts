import fc from 'fast-check';
import { intervalsBelow } from './index.ts';

test('a parabola is below zero between its roots', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -8, max: 0, noNaN: true }),
      fc.double({ min: 1, max: 8, noNaN: true }),
      (a, b) => {
        const found = intervalsBelow(-10, 10, 100, (at) => (at - a) * (at - b));
        expect(found).toHaveLength(1);
        expect(found[0]?.[0]).toBeCloseTo(a, 6);
        expect(found[0]?.[1]).toBeCloseTo(b, 6);
      },
    ),
    { seed: 2, numRuns: 50 },
  );
});

test('several intervals, and those that reach an end', () => {
  const found = intervalsBelow(0, 4 * Math.PI, 50, Math.sin);
  expect(found.map(([from, to]) => [from / Math.PI, to / Math.PI])).toEqual([
    [expect.closeTo(0, 6), expect.closeTo(0, 1)],
    [expect.closeTo(1, 6), expect.closeTo(2, 6)],
    [expect.closeTo(3, 6), expect.closeTo(4, 6)],
  ]);
  expect(intervalsBelow(0, 1, 5, () => -1)).toEqual([[0, 1]]);
  expect(intervalsBelow(0, 1, 5, () => 1)).toEqual([]);
});
