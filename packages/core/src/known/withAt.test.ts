import { withAt } from './withAt.ts';

test('a value at a path: all else stays the same object, what is missing is made', () => {
  const given = { a: [{ b: 1 }, { b: 2 }], c: { d: 3 } };
  const found = withAt(given, ['a', 1, 'b'], 5) as typeof given;
  expect(found).toEqual({ a: [{ b: 1 }, { b: 5 }], c: { d: 3 } });
  expect([found.c, found.a[0]]).toEqual([given.c, given.a[0]]);
  expect(found.c).toBe(given.c);
  expect(given.a[1]).toEqual({ b: 2 });
  expect(withAt({}, ['at', 2], 'z')).toEqual({ at: [undefined, undefined, 'z'] });
  expect(withAt(null, ['a', 'b'], 1)).toEqual({ a: { b: 1 } });
  expect(withAt('whatever', [], 7)).toBe(7);
});
