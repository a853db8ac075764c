import { expectValue } from '@gyrus/core';
import { readTakeOff } from './takeOff.ts';

test('straights, rotations and angles, with the last straight alone', () => {
  const { rows, tail } = expectValue(readTakeOff('200, 0, 45\n300, -90, 30\n150', 'mm'));
  const turned = rows?.map(({ turn }) => (turn.kind === 'degrees' ? turn.angle.deg : null));
  expect(rows?.map((row, i) => [row.straight.mm, turned?.[i], row.angle.deg])).toEqual([
    [200, 0, 45],
    [300, -90, 30],
  ]);
  expect(tail?.mm).toBe(150);
});

// From the centre 9 in to the first clamp mark, 4 1/2 in mark to tangent, 54°, then 5 1/4 + 4 1/2 in, 32°, 16 7/8 in
// to the floor [handbook §5, worked, common practice].
test('a take-off by sample bend: the offset from mark to tangent is added to its straight', () => {
  const { rows, tail } = expectValue(
    readTakeOff('distance; offset; angle\n9; 4 1/2; 54\n5 1/4; 4 1/2; 32\n16 7/8;;', 'in'),
  );
  expect(rows?.map((row) => row.straight.mm / 25.4)).toEqual(
    [13.5, 9.75].map((inch) => expect.closeTo(inch, 9) as number),
  );
  expect((tail?.mm ?? 0) / 25.4).toBeCloseTo(16.875, 9);
});

test('corners under a row of names', () => {
  const { points } = expectValue(readTakeOff('x\ty\tz\n100\t50\t0\n100\t50\t900', 'mm'));
  expect(points?.map(({ feature, at }) => [feature, ...at.map((one) => one.mm)])).toEqual([
    ['bend-a', 100, 50, 0],
    ['bend-b', 100, 50, 900],
  ]);
});

test.each([
  ['', 'one bend a row'],
  ['200, 0, 45, 7, 9', 'one bend a row'],
  ['200, 0, wide', 'row 1'],
  ['200, 0, 45\n300, 0, 200', 'row 2: a bend turns between 0° and 180°'],
  ['x,y,z\n1,2,', 'row 1'],
])('says which row is wrong (%#)', (text, says) => {
  const read = readTakeOff(text, 'mm');
  expect(read.ok ? '' : read.fault.message).toContain(says);
});
