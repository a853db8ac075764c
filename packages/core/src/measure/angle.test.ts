import fc from 'fast-check';
import { expectValue } from '../fault/index.ts';
import { formatAngle, parseAngle } from './index.ts';

const deg = (text: string) => expectValue(parseAngle(text)).deg;
const refusal = (text: string) => {
  const read = parseAngle(text);
  return read.ok ? `read as ${read.value.deg}` : read.fault.code;
};

test('a decimal comma is a point; before three digits it may be of thousands', () => {
  const read = parseAngle('84,5');
  expect(read.ok && read.value.deg).toBe(84.5);
  expect(parseAngle('84,500')).toMatchObject({ fault: { code: 'comma' } });
});

test.each([
  ['84', 84],
  ['84°', 84],
  ['84.5 deg', 84.5],
  ['84 1/2', 84.5],
  ["84° 30'", 84.5],
  ['-6', -6],
  ['1 in 1', 45],
  ['3 1/4 : 40', 4.645],
  ['3 1/4" over 40"', 4.645],
  ['3.25 over 40', 4.645],
  ['82.55 mm : 40 in', 4.645],
])('%s', (text, expected) => {
  expect(deg(text)).toBeCloseTo(expected, 3);
});

test.each([
  ['', 'empty'],
  ['1/2', 'ambiguous'],
  ['steep', 'unreadable'],
  ['400', 'too-big'],
  ['1 over 0', 'no-run'],
  ["84° 75'", 'minutes'],
  ['5 : nothing', 'unreadable'],
])('refuses "%s": %s', (text, code) => {
  expect(refusal(text)).toBe(code);
});

test('what is formatted reads back within a tenth of a degree', () => {
  fc.assert(
    fc.property(fc.double({ min: -359, max: 359, noNaN: true }), (value) => {
      expect(Math.abs(deg(formatAngle(value)) - value)).toBeLessThanOrEqual(0.05 + 1e-9);
    }),
    { seed: 7 },
  );
});

test.each([
  [5.25, 1, '5.3'],
  [5.249, 1, '5.2'],
  [1.005, 2, '1.01'],
  [-5.25, 1, '−5.3'],
  [84, 1, '84'],
  [-0.04, 1, '0'],
])('%d° to %d places: halves go away from zero, as a person rounds', (degrees, decimals, written) => {
  expect(formatAngle(degrees, decimals)).toBe(written);
});
