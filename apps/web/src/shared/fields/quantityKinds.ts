import {
  type Angle,
  fail,
  formatAngle,
  formatLength,
  formatWithUnit,
  inCar,
  type Length,
  type LengthStyle,
  type Mass,
  type Outcome,
  parseAngle,
  parseLength,
  parseStrength,
  POUND,
  type Strength,
  strengthInBoth,
  succeed,
} from '@gyrus/core';
import { bothUnits } from '@gyrus/formats';
import { type QuantityKind } from './QuantityInput.tsx';

/** Farther than this in the car's frame is rather a slip than a place: it is asked back. mm */
const USUAL_REACH = 4000;

/**
 * Lengths in the job's unit; one that no car has is refused. `least` and `above` are limits in mm; outside of `usual` a length is taken and
 * asked back, `any` asks nothing.
 */
export function lengthKind(
  style: LengthStyle,
  limits: { least?: number; above?: number; usual?: readonly [number, number] | 'any' } = {},
): QuantityKind<Length> {
  const { usual = [-USUAL_REACH, USUAL_REACH] } = limits;
  return {
    parse: (text) => {
      const read = limited(parseLength(text, style.unit), 'mm', limits);
      return read.ok ? inCar(read.value, style) : read;
    },
    doubt: ({ mm }) =>
      usual === 'any' || (mm >= usual[0] && mm <= usual[1])
        ? null
        : `${bothUnits(mm, style)}: is that right? This is mostly ${between(usual, style)}.`,
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

/** The usual range in words; one that goes both ways is a reach. */
const between = ([low, high]: readonly [number, number], style: LengthStyle): string =>
  low === -high
    ? `within ${formatWithUnit(high, style)}`
    : low === 0
      ? `no more than ${formatWithUnit(high, style)}`
      : `from ${formatWithUnit(low, style)} to ${formatWithUnit(high, style)}`;

/** Angles within limits, in degrees. */
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

/** Masses in kg or lb; a bare number takes the unit that goes with the job's lengths. */
export function massKind(unit: 'in' | 'mm'): QuantityKind<Mass> {
  return {
    parse: (text) => parseMass(text, unit),
    shown: (value) => value.typed,
    understood: (value) => `= ${Math.round(value.kg)} kg · ${Math.round(value.kg / POUND)} lb`,
    example: unit === 'in' ? '1980 lb' : '900 kg',
  };
}

/** Strengths of steel as certificates have them, by the unit that the reader's certificates are in. */
export const strengthKind = (unit: 'in' | 'mm'): QuantityKind<Strength> => ({
  parse: (text) => parseStrength(text, unit === 'in' ? 'ksi' : 'MPa'),
  shown: (value) => value.typed,
  understood: (value) => `= ${strengthInBoth(value)}`,
  example: unit === 'in' ? '78 ksi' : '540 MPa',
});

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
