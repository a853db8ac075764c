import { INCHES, MILLIMETRES } from '@gyrus/core';
import { angleKind, lengthKind, massKind } from './quantityKinds.ts';

test('a field shows what was typed as long as it reads the same', () => {
  const typed = { mm: 593.725, typed: '23 3/8' };
  expect(lengthKind(INCHES).shown(typed)).toBe('23 3/8');
  expect(lengthKind(MILLIMETRES).shown(typed)).toBe('593.7');
  expect(lengthKind(INCHES).shown({ mm: 600, typed: '600' })).toBe('23 5/8');
  expect(lengthKind(INCHES).shown({ mm: 600, typed: '600 mm' })).toBe('600 mm');
});

test('a field says how it understood in both units', () => {
  expect(lengthKind(INCHES).understood({ mm: 593.725, typed: '23 3/8' })).toBe('= 23 3/8 in · 593.7 mm');
});

test('limits are told as what would be right', () => {
  const read = lengthKind(INCHES, { above: 0 }).parse('0');
  expect(read.ok ? '' : read.fault.message).toBe('this must be more than 0');
  expect(angleKind({ most: 60 }).parse('61').ok).toBe(false);
});

test('weights in pounds or kilograms, a bare number by the job', () => {
  const kg = (text: string, unit: 'in' | 'mm') => {
    const read = massKind(unit).parse(text);
    return read.ok ? Math.round(read.value.kg) : read.fault.code;
  };
  expect([kg('1980', 'in'), kg('900', 'mm'), kg('1980 lb', 'mm'), kg('900 kg', 'in')]).toEqual([
    898, 900, 898, 900,
  ]);
  expect([kg('5', 'mm'), kg('heavy', 'mm')]).toEqual(['unlikely', 'unreadable']);
});

test('a length that no car has is refused in the unit of the job, one that is seldom right is asked back', () => {
  const inches = lengthKind(INCHES, { usual: [300, 1200] });
  const slip = inches.parse('672');
  expect(slip.ok ? '' : slip.fault.message).toBe(
    'this is 672 in, and no car is larger than 590 9/16 in: check the unit',
  );
  expect(inches.parse('590').ok).toBe(true);
  expect(inches.doubt?.({ mm: 742.95, typed: '29 1/4' })).toBeNull();
  expect(inches.doubt?.({ mm: 7429.5, typed: '292 1/2' })).toBe(
    '292 1/2 in · 7429.5 mm: is that right? This is mostly from 11 13/16 in to 47 1/4 in.',
  );
  expect(lengthKind(MILLIMETRES).doubt?.({ mm: -6000, typed: '-6000' })).toContain('mostly within 4000 mm');
  expect(lengthKind(MILLIMETRES, { usual: 'any' }).doubt?.({ mm: 9000, typed: '' })).toBeNull();
});
