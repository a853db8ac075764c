import { formatLength, INCH, type LengthStyle, type Unit } from '@gyrus/core';

/** Shorter than this, a tape's marks would hide what was typed: walls, diameters, clearances. mm */
const SHORT = 100;

/**
 * A length in both units, `41 1/4 in · 1047.8 mm`: exactly in the reader's own, and in the other as a tape shows it, or
 * exactly where it is short.
 */
export function bothUnits(mm: number, style: LengthStyle): string {
  const other: Unit = style.unit === 'in' ? 'mm' : 'in';
  const second = Math.abs(mm) < SHORT ? exactly(mm, other) : onTape(mm, other, style);
  return `${exactly(mm, style.unit)} ${style.unit} · ${second} ${other}`;
}

/** A size of the catalogue, which is never rounded to a tape's marks: `44.45 mm`, `1 3/4 in`. */
export const catalogueWords = (mm: number, { unit }: Pick<LengthStyle, 'unit'>): string =>
  `${exactly(mm, unit)} ${unit}`;

const onTape = (mm: number, unit: Unit, style: LengthStyle): string =>
  plain(formatLength(mm, { ...style, unit, decimals: 1 }));

/** Millimetres to a hundredth; inches as a fraction where they are one of 1/64, else to a thousandth. */
function exactly(mm: number, unit: Unit): string {
  if (unit === 'mm') return plain(formatLength(mm, { unit, fraction: 64, decimals: 2 }));
  const sixtyFourths = (mm / INCH) * 64;
  return Math.abs(sixtyFourths - Math.round(sixtyFourths)) < 1e-6
    ? formatLength(mm, { unit, fraction: 64, decimals: 0 })
    : plain((mm / INCH).toFixed(3));
}

/** Without zeros at the end of its decimals. */
const plain = (text: string): string => (text.includes('.') ? text.replace(/\.?0+$/, '') : text);
