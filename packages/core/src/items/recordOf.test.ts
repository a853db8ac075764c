import { isKeyOf, keysOf, pairOf, recordOf, tripleOf } from './index.ts';

test.each([[null], [undefined], ['text'], [7], [true]])('%p has no fields', (value) => {
  expect(recordOf(value)).toEqual({});
});

test('an object and a list have theirs', () => {
  expect(recordOf({ a: 1 }).a).toBe(1);
  expect(recordOf(['x'])['0']).toBe('x');
});

test('a key is one that stands in the table itself', () => {
  const table = { od: 1, wall: 2 };
  expect(keysOf(table)).toEqual(['od', 'wall']);
  expect(['wall', 'toString', '__proto__'].map((text) => isKeyOf(table, text))).toEqual([true, false, false]);
});

test('what is made of each of two and three keeps their order', () => {
  expect(pairOf(['a', 'b'], (end) => end + end)).toEqual(['aa', 'bb']);
  expect(tripleOf([5, 6, 7], (one, axis) => one * 10 + axis)).toEqual([50, 61, 72]);
});
