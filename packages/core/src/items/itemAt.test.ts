import { itemAt } from './index.ts';

test('counted from either end', () => {
  const points = ['a', 'b', 'c'];
  expect([itemAt(points, 0), itemAt(points, 2), itemAt(points, -1), itemAt(points, -3)]).toEqual([
    'a',
    'c',
    'c',
    'a',
  ]);
});

test.each([[[]], [['a']], [[undefined, undefined]]])(
  'where nothing is, it throws: %p',
  (items: unknown[]) => {
    expect(() => itemAt(items, 1)).toThrow(RangeError);
  },
);
