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
