import { kept, keptPair } from './index.ts';

const counting = <Args extends unknown[]>(result: (...args: Args) => unknown) => {
  const calls: Args[] = [];
  return { calls, compute: (...args: Args) => (calls.push(args), result(...args)) };
};

test('a result is given again for the same key and the same rest, and lists of the same things are the same', () => {
  const { calls, compute } = counting((key: object, list: object[], size: number) => ({ key, list, size }));
  const of = kept(compute);
  const [key, a, b] = [{}, {}, {}];
  const first = of(key, [a, b], 2);
  expect(of(key, [a, b], 2)).toBe(first);
  expect(calls).toHaveLength(1);
  for (const changed of [of(key, [b, a], 2), of(key, [a], 2), of(key, [a, b], 3), of({}, [a, b], 2)])
    expect(changed).not.toBe(first);
  expect(calls).toHaveLength(5);
});

test('only the last result of a key is kept, and what is equal but another object is another', () => {
  const { calls, compute } = counting((_: object, size: object) => size);
  const of = kept(compute);
  const key = {};
  of(key, { mm: 1 });
  of(key, { mm: 1 });
  expect(calls).toHaveLength(2);
  const [one, other] = [{}, {}];
  [one, other, one].forEach((size) => of(key, size));
  expect(calls).toHaveLength(5);
});

test('pairs are kept beside each other', () => {
  const { calls, compute } = counting((a: object, b: object, size: number) => [a, b, size]);
  const of = keptPair(compute);
  const [a, b, c] = [{}, {}, {}];
  const [ab, ac] = [of(a, b, 1), of(a, c, 1)];
  expect([of(a, b, 1), of(a, c, 1)]).toEqual([ab, ac]);
  expect(calls).toHaveLength(2);
  expect(of(b, a, 1)).not.toBe(ab);
  expect(of(a, b, 2)).not.toBe(ab);
});

test('no thing is not the same as not given', () => {
  const of = kept((key: object, thing: object | null | undefined) => [key, thing]);
  const key = {};
  expect(of(key, null)).not.toBe(of(key, undefined));
});
