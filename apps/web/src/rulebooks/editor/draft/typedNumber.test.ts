import { numberOr } from './typedNumber.ts';

const COUNT = { least: 1, most: 100, whole: true };
const SHARE = { least: 0, most: 1, shown: 100 };

test.each([
  ['3', COUNT, 3],
  [' 12 ', COUNT, 12],
  ['3.', COUNT, 3],
  ['50', SHARE, 0.5],
  ['12.5', SHARE, 0.125],
  ['', COUNT, null],
  ['  ', SHARE, null],
])('%j is the number %j', (text, limits, number) => {
  expect(numberOr(text, limits)).toBe(number);
});

test.each([
  ['4.5', COUNT],
  ['0', COUNT],
  ['101', COUNT],
  ['3,0', COUNT],
  ['3 M8', COUNT],
  ['0x10', COUNT],
  ['1e1', COUNT],
  ['-5', SHARE],
  ['101', SHARE],
  ['half', SHARE],
])('%j is none, and stays as it was typed', (text, limits) => {
  expect(numberOr(text, limits)).toBe(text);
});
