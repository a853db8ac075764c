import {
  type Angle,
  fail,
  formatAngle,
  formatLength,
  type Length,
  type LengthStyle,
  type Mass,
  type Outcome,
  parseAngle,
  parseLength,
  succeed,
} from '@gyrus/core';
import { bothUnits } from '@gyrus/formats';
import { type QuantityKind } from './QuantityInput.tsx';

/** Lengths in the job's unit. `least` and `above` are limits in mm. */
export function lengthKind(
  style: LengthStyle,
  limits: { least?: number; above?: number } = {},
): QuantityKind<Length> {
  return {
    parse: (text) => limited(parseLength(text, style.unit), 'mm', limits),
    shown: (value) => {
      const read = parseLength(value.typed, style.unit);
      // A bare fraction is inches in any job, and says nothing to somebody who reads millimetres.
      const foreign = style.unit === 'mm' && /^[\d\s/-]+$/.test(value.typed) && value.typed.includes('/');
      const stands = !foreign && read.ok && Math.abs(read.value.mm - value.mm) < 1e-6;
      return stands ? value.typed : formatLength(value.mm, { ...style, decimals: 1 }).replace(/\.0$/, '');
    },
    understood: (value) => `= ${bothUnits(value.mm, style)}`,
    example: style.unit === 'in' ? '41 1/4' : '1048',
  };
}

export function angleKind(
  limits: { least?: number; above?: number; most?: number } = {},
): QuantityKind<Angle> {
  return {
    parse: (text) => limited(parseAngle(text), 'deg', limits),
    shown: (value) => value.typed,
    understood: (value) => `= ${formatAngle(value.deg, 2)}°`,
    example: '84',
  };
}

const POUND = 0.45359237;

/** Masses in kg or lb; a bare number takes the unit that goes with the job's lengths. */
export function massKind(unit: 'in' | 'mm'): QuantityKind<Mass> {
  return {
    parse: (text) => parseMass(text, unit),
    shown: (value) => value.typed,
    understood: (value) => `= ${Math.round(value.kg)} kg · ${Math.round(value.kg / POUND)} lb`,
    example: unit === 'in' ? '1980 lb' : '900 kg',
  };
}

function parseMass(text: string, unit: 'in' | 'mm'): Outcome<Mass> {
  const read = /^(\d+(?:\.\d+)?)\s*(kg|lb|lbs|pounds)?$/i.exec(text.trim());
  if (!read) return fail('unreadable', '', `"${text.trim()}" is no weight: write 900 kg or 1980 lb`);
  const pounds = read[2] ? read[2].toLowerCase() !== 'kg' : unit === 'in';
  const kg = Number(read[1]) * (pounds ? POUND : 1);
  if (kg < 100 || kg > 20_000)
    return fail('unlikely', '', 'a car weighs between 100 and 20 000 kg: check the unit');
  return succeed({ kg, typed: text.trim() });
}

function limited<Q>(
  read: Outcome<Q>,
  key: keyof Q,
  limits: { least?: number; above?: number; most?: number },
): Outcome<Q> {
  if (!read.ok) return read;
  const value = read.value[key] as number;
  if (limits.above !== undefined && value <= limits.above)
    return fail('too-small', '', `this must be more than ${limits.above}`);
  if (limits.least !== undefined && value < limits.least)
    return fail('too-small', '', `this must be at least ${limits.least}`);
  if (limits.most !== undefined && value > limits.most)
    return fail('too-big', '', `this must be at most ${limits.most}`);
  return read;
}
