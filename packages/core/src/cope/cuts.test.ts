import { setbackAt } from './cuts.ts';

test('between the steps the line is taken straight, round and round', () => {
  const line = [0, 10, 20, 10];
  expect([0, 45, 90, 315, 360, 405, -45].map((degrees) => setbackAt(line, degrees))).toEqual([
    0, 5, 10, 5, 0, 5, 5,
  ]);
});

test('beside a place that passes its header there is nothing to mark', () => {
  expect(setbackAt([0, null, 20, 10], 45)).toBeNull();
  expect(setbackAt([0, null, 20, 10], 180)).toBe(20);
});
