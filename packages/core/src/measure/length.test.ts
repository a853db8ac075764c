import fc from 'fast-check';
import { expectValue } from '../fault/index.ts';
import { formatLength, INCH, parseLength, roundLength, type Unit, writtenLength } from './index.ts';

const mm = (text: string, unit: Unit = 'in') => expectValue(parseLength(text, unit)).mm;
const refusal = (text: string, unit: Unit = 'in') => {
  const read = parseLength(text, unit);
  return read.ok ? `read as ${read.value.mm}` : read.fault.code;
};

test.each([
  ['41 1/4', 41.25 * INCH],
  ['41-1/4"', 41.25 * INCH],
  ['41 - 1/4', 41.25 * INCH],
  ['41¼', 41.25 * INCH],
  ['41 1⁄4', 41.25 * INCH],
  ['3\' 5 1/4"', 41.25 * INCH],
  ['3\'-5 1/4"', 41.25 * INCH],
  ['3 ft 5 in', 41 * INCH],
  ["3'", 36 * INCH],
  ['41.25 in', 41.25 * INCH],
  ['41 1/4 inches', 41.25 * INCH],
  ['1048 mm', 1048],
  ['104.8 cm', 1048],
  ['1.048 m', 1048],
  ['.5', 0.5 * INCH],
  ['−2', -2 * INCH],
  ['3/8', 0.375 * INCH],
])('%s in an inch job', (text, expected) => {
  expect(mm(text)).toBeCloseTo(expected, 9);
});

test.each([
  ['104,8 cm', 1048],
  ['41,25', 41.25 * INCH],
  ['52 1/4 / 2', 26.125 * INCH],
  ['52 1/4" / 2', 26.125 * INCH],
  ['52 / 2', 26 * INCH],
  ['1 / 2', 0.5 * INCH],
  ['41 1 / 4', 41.25 * INCH],
  ['3 + 1/2', 3.5 * INCH],
  ['12 1/2 - 3/8', 12.125 * INCH],
  ['12 - 3/8', 12.375 * INCH],
  ['41-1/4 + 2', 43.25 * INCH],
  ['3\' - 5 1/4"', 41.25 * INCH],
  ['3\' 5" + 2 1/4', 43.25 * INCH],
  ['100 + 2,5 mm', 102.5],
  ['10 cm + 5', 150],
  ['1 m - 25 mm', 975],
  ['-2 + 5', 3 * INCH],
  ['1048 mm / 2', 524],
])('sums, halves and decimal commas: %s in an inch job', (text, expected) => {
  expect(mm(text)).toBeCloseTo(expected, 9);
});

test('in a job in millimetres bare numbers of a sum are millimetres, with a fraction among them inches', () => {
  expect(mm('1410 / 2', 'mm')).toBe(705);
  expect(mm('702,5 + 3', 'mm')).toBe(705.5);
  expect(mm('3 + 1/2', 'mm')).toBeCloseTo(3.5 * INCH, 9);
  expect(mm('52 / 2', 'mm')).toBe(26);
});

test('what was typed of a sum is shown with the unit that it was read in', () => {
  const length = expectValue(parseLength('52 1/4 / 2', 'in'));
  expect(writtenLength(length)).toBe('52 1/4 / 2 in');
  expect(mm(writtenLength(length), 'mm')).toBeCloseTo(length.mm, 9);
});

test('a bare number takes the unit of the job, a bare fraction is inches in any', () => {
  expect(mm('1048', 'mm')).toBe(1048);
  expect(mm('1048', 'in')).toBeCloseTo(1048 * INCH, 9);
  expect(mm('41 1/4', 'mm')).toBeCloseTo(41.25 * INCH, 9);
});

test('keeps what was typed', () => {
  expect(expectValue(parseLength('  41 1/4" ', 'in')).typed).toBe('41 1/4"');
});

test.each([
  ['', 'empty'],
  ['  ', 'empty'],
  ['forty', 'unreadable'],
  ['41 1/0', 'zero-denominator'],
  ['41 5/4', 'improper'],
  ['1,048', 'comma'],
  ['1,048,5', 'comma'],
  ['1.048,5', 'comma'],
  ['4,', 'unreadable'],
  ['52 / 0', 'zero-denominator'],
  ['3 + ', 'unreadable'],
  ['3 + + 2', 'unreadable'],
  ['3 * 2', 'unreadable'],
  ['3\' 15"', 'inches'],
  ['4000 in', 'too-big'],
  ['23 3/', 'unreadable'],
  ['1 2', 'unreadable'],
  ['1e3', 'unreadable'],
  ['--2', 'unreadable'],
  ['NaN', 'unreadable'],
  ['Infinity', 'unreadable'],
])('refuses "%s": %s', (text, code) => {
  expect(refusal(text)).toBe(code);
});

const fractions = fc.constantFrom(8, 16, 32, 64);

test('what is formatted reads back to the same within the rounding, in inches', () => {
  fc.assert(
    fc.property(fc.double({ min: -90_000, max: 90_000, noNaN: true }), fractions, (value, fraction) => {
      const style = { unit: 'in', fraction, decimals: 0 } as const;
      const rounded = roundLength(value, style);
      expect(mm(formatLength(value, style))).toBeCloseTo(rounded.mm, 6);
      expect(Math.abs(rounded.residual)).toBeLessThanOrEqual(INCH / fraction / 2 + 1e-5);
      expect(rounded.mm + rounded.residual).toBeCloseTo(value, 9);
    }),
    { seed: 7, numRuns: 400 },
  );
});

test('what is formatted reads back to the same within the rounding, in millimetres', () => {
  fc.assert(
    fc.property(fc.double({ min: -90_000, max: 90_000, noNaN: true }), fc.nat(3), (value, decimals) => {
      const style = { unit: 'mm', fraction: 16, decimals } as const;
      expect(mm(formatLength(value, style), 'mm')).toBeCloseTo(roundLength(value, style).mm, 6);
    }),
    { seed: 7, numRuns: 400 },
  );
});

test('no text at all throws: it is read, or refused with a reason', () => {
  fc.assert(
    fc.property(fc.string(), fc.constantFrom<Unit>('in', 'mm'), (text, unit) => {
      const read = parseLength(text, unit);
      if (read.ok) expect(Number.isFinite(read.value.mm)).toBe(true);
      else expect(read.fault.message.length).toBeGreaterThan(10);
    }),
    { seed: 7, numRuns: 1000 },
  );
});

test('halves go away from zero, and a whole number of marks stays', () => {
  const style = { unit: 'in', fraction: 8, decimals: 0 } as const;
  expect(formatLength(INCH / 16, style)).toBe('1/8');
  expect(formatLength(-INCH / 16, style)).toBe('−1/8');
  expect(formatLength(41.25 * INCH, style)).toBe('41 1/4');
  expect(formatLength(0, style)).toBe('0');
  expect(formatLength(-0.001, style)).toBe('0');
});

test('what was typed is shown with its unit', () => {
  const shown = (text: string, unit: Unit) => writtenLength(expectValue(parseLength(text, unit)));
  expect([
    shown('1 3/4', 'in'),
    shown('45', 'mm'),
    shown('20 ft', 'in'),
    shown('2"', 'mm'),
    shown('0', 'mm'),
  ]).toEqual(['1 3/4 in', '45 mm', '20 ft', '2"', '0 in']);
});
