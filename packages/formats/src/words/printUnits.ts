import { fineLength, INCH, type Length, type LengthStyle, POUND, writtenLength } from '@gyrus/core';

type Units = Pick<LengthStyle, 'unit'>;

/** A weight in the reader's unit. */
export const massWords = (kg: number, { unit }: Units, decimals = 0): string =>
  unit === 'in' ? `${(kg / POUND).toFixed(decimals)} lb` : `${kg.toFixed(decimals)} kg`;

/** How much tube, in metres or feet. mm */
export const runWords = (mm: number, { unit }: Units): string =>
  unit === 'in' ? `${(mm / INCH / 12).toFixed(1)} ft` : `${(mm / 1000).toFixed(1)} m`;

/** A size of the catalogue in the reader's unit, and as it is bought where that is another: `1.772 in (45 mm)`. */
export function sizeWords(size: Length, style: Units): string {
  const bought = writtenLength(size);
  const own = fineLength(size.mm, style);
  const sameUnit = bought.trim().endsWith('mm') === (style.unit === 'mm');
  return sameUnit ? own : `${own} (${bought})`;
}
