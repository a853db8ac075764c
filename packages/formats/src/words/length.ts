import { fineFigure, formatLength, type LengthStyle, type Unit } from '@gyrus/core';

/** Shorter than this, a tape's marks would hide what was typed: walls, diameters, clearances. mm */
const SHORT = 100;

/**
 * A length in both units, `41 1/4 in · 1047.8 mm`: exactly in the reader's own, and in the other as a tape shows it, or
 * exactly where it is short.
 */
export function bothUnits(mm: number, style: LengthStyle): string {
  const other: Unit = style.unit === 'in' ? 'mm' : 'in';
  const second = Math.abs(mm) < SHORT ? fineFigure(mm, other) : onTape(mm, other, style);
  return `${fineFigure(mm, style.unit)} ${style.unit} · ${second} ${other}`;
}

/** As a tape shows it, millimetres to a tenth. */
const onTape = (mm: number, unit: Unit, style: LengthStyle): string =>
  formatLength(mm, { ...style, unit, decimals: 1 }).replace('.0', '');
