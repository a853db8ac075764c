import fc from 'fast-check';
import { type Point, type Shape } from '../drawing.ts';
import { leaderStamps } from './leaderStamps.ts';

const SIZE = { width: 1160, height: 700 };
const things = fc
  .array(fc.tuple(fc.integer({ min: 130, max: 1030 }), fc.integer({ min: 40, max: 660 })), {
    minLength: 1,
    maxLength: 40,
  })
  .map((places) => places.map((at, i) => ({ stamp: `T${i}`, at: at })));
const drawn = (named: { stamp: string; at: Point }[]): Shape[] =>
  leaderStamps(named, SIZE.width, SIZE.height);
const labels = (shapes: Shape[]) => shapes.flatMap((one) => (one.kind === 'text' ? [one] : []));
const leaders = (shapes: Shape[]) => shapes.flatMap((one) => (one.kind === 'line' ? [one] : []));

test('every thing is named once, on a label in the frame', () => {
  fc.assert(
    fc.property(things, (named) => {
      const found = labels(drawn(named));
      expect(found.flatMap(({ text }) => text.split(', ')).sort()).toEqual(
        named.map(({ stamp }) => stamp).sort(),
      );
      for (const { at } of found) {
        expect(at[0]).toBeGreaterThan(0);
        expect(at[0]).toBeLessThan(SIZE.width);
        expect(at[1]).toBeGreaterThan(0);
        expect(at[1]).toBeLessThan(SIZE.height);
      }
    }),
    { seed: 13 },
  );
});

test('labels of a margin stand a line apart, in the order of what they name', () => {
  fc.assert(
    fc.property(things, (named) => {
      const shapes = drawn(named);
      for (const isLeft of [true, false]) {
        const own = leaders(shapes).filter(({ from }) => from[0] < SIZE.width / 2 === isLeft);
        for (const [i, one] of own.entries()) {
          const before = own[i - 1];
          if (!before) continue;
          // 22: a stamp's letters with their frame.
          expect(one.from[1] - before.from[1]).toBeGreaterThanOrEqual(22 - 1e-9);
          expect(one.to[1]).toBeGreaterThanOrEqual(before.to[1]);
        }
      }
    }),
    { seed: 13 },
  );
});

test('twins that fall together share a label, and one of a twin gusset names it once', () => {
  const at: Point = [300, 200];
  const near: Point = [302, 201];
  expect(
    labels(
      drawn([
        { stamp: 'BL', at },
        { stamp: 'BR', at: near },
      ]),
    ).map(({ text }) => text),
  ).toEqual(['BL, BR']);
  expect(
    labels(
      drawn([
        { stamp: 'G1', at },
        { stamp: 'G1', at: near },
      ]),
    ).map(({ text }) => text),
  ).toEqual(['G1']);
});
