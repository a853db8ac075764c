import { fail, type Outcome, succeed } from '../fault/index.ts';
import { formatWithUnit, type LengthStyle } from './format.ts';
import { type Length } from './length.ts';
import { LARGEST_IN_CAR } from './tolerances.ts';

/** A length that somebody typed, where it is one that a car can have; else what it was read as, in the person's unit. */
export function inCar<L extends Length>(length: L, style: LengthStyle): Outcome<L> {
  if (isInCar(length.mm)) return succeed(length);
  return fail(
    'beyond-any-car',
    '',
    `this is ${formatWithUnit(length.mm, style)}, and no car is larger than ${formatWithUnit(LARGEST_IN_CAR, style)}: check the unit`,
  );
}

/** Whether a length can be one of a car. */
export const isInCar = (mm: number): boolean => Math.abs(mm) <= LARGEST_IN_CAR;
