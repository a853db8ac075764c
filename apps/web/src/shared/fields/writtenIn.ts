import { formatWithUnit, type Length, type LengthStyle, roundLength } from '@gyrus/core';

/** A length as somebody of the job would have typed it: to the finest mark of its tape, in its unit. */
export const writtenIn = (mm: number, style: LengthStyle): Length => ({
  mm: roundLength(mm, style).mm,
  typed: formatWithUnit(mm, style),
});
