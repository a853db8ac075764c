import { fineLength, INCHES, MILLIMETRES } from '@gyrus/core';
import { bothUnits } from './length.ts';

test.each([
  [593.725, INCHES, '23 3/8 in · 593.7 mm'],
  [1050, MILLIMETRES, '1050 mm · 41 5/16 in'],
  [2.5, MILLIMETRES, '2.5 mm · 0.098 in'],
  [2.413, INCHES, '0.095 in · 2.41 mm'],
  [9.525, INCHES, '3/8 in · 9.53 mm'],
  [0, INCHES, '0 in · 0 mm'],
  [-12.7, INCHES, '−1/2 in · −12.7 mm'],
  [1000, MILLIMETRES, '1000 mm · 39 3/8 in'],
])('%d mm', (mm, style, words) => {
  expect(bothUnits(mm, style)).toBe(words);
});

test.each([
  [44.45, '44.45 mm', '1 3/4 in'],
  [1.5, '1.5 mm', '0.059 in'],
  [9.5, '9.5 mm', '0.374 in'],
  [3.048, '3.05 mm', '0.12 in'],
  [150, '150 mm', '5.906 in'],
])('a size of the catalogue, %d mm, is not rounded to a tape’s marks', (mm, metric, inches) => {
  expect(fineLength(mm, MILLIMETRES)).toBe(metric);
  expect(fineLength(mm, INCHES)).toBe(inches);
});
