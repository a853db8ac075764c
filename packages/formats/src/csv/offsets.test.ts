import { expectValue } from '@gyrus/core';
import { readOffsets } from './offsets.ts';

test('places along and off a straight edge, as people write them', () => {
  expect(expectValue(readOffsets('0, 0\n4 1/2, 1/4\n10, -1/2', 'in'))).toEqual([
    [0, 0],
    [4.5 * 25.4, 0.25 * 25.4],
    [254, -12.7],
  ]);
});

test.each([
  ['', 'one place a row'],
  ['0, 0\n100', 'row 2: a figure is missing'],
  ['0, 0\n1o0, 5', 'row 2: '],
  ['0, 0, 0', 'two figures make a place, 3 are given'],
])('%j is refused and says why', (text, words) => {
  const read = readOffsets(text, 'mm');
  expect(read.ok ? '' : read.fault.message).toContain(words);
});
