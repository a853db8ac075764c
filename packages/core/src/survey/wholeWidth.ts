import { type Length, parseLength, type Unit } from '../measure/index.ts';
import { type LengthKey, type MeasureKey, type Measures, otherSideOf } from '../plan/index.ts';

/** Half of a width that was taped across the whole car, written as the sum that it is: `1404 / 2`. unit: of what was typed. */
export function halfOf({ mm, typed }: Length, unit: Unit): Length {
  const sum = `${typed} / 2`;
  const read = parseLength(sum, unit);
  // Of a text that is a sum itself, only its last part would be halved.
  const isHalf = read.ok && Math.abs(read.value.mm - mm / 2) < 1e-6;
  return { mm: mm / 2, typed: isHalf ? sum : `${mm / 2} mm` };
}

/** Measures with half of a whole width in one box, and in the other side's where nobody measured that. */
export function withHalves(
  measures: Measures,
  key: LengthKey,
  whole: Length,
  unit: Unit,
): Partial<Record<MeasureKey, Length>> {
  const half = halfOf(whole, unit);
  const other = otherSideOf(key);
  return { [key]: half, ...(other && measures[other] === undefined ? { [other]: half } : {}) };
}
