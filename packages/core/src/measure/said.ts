import { type Said, type SaidLength } from '../fault/index.ts';
import { decided, DECISION } from './tolerances.ts';
import { formatLength, formatWithUnit, type LengthStyle } from './format.ts';
import { INCH, type Unit } from './length.ts';

/** A sentence with its lengths in the reader's unit. */
export const writeSaid = (said: Said, style: LengthStyle): string =>
  said.map((part) => (typeof part === 'string' ? part : writeLength(part, style))).join('');

function writeLength({ mm, round, signed, fine }: SaidLength, style: LengthStyle): string {
  if (fine) return fineLength(mm, style);
  const step = style.unit === 'in' ? INCH / style.fraction : 10 ** -style.decimals;
  const marks = decided(mm / step);
  const kept = round === 'up' ? Math.ceil(marks) * step : round === 'down' ? Math.floor(marks) * step : mm;
  const text = formatWithUnit(kept, style);
  return signed && kept > 0 ? `+${text}` : text;
}

/** A length that a tape's marks would round away, such as a wall or a size of the catalogue: `2.41 mm`, `1 3/4 in`, `0.095 in`. */
export const fineLength = (mm: number, { unit }: Pick<LengthStyle, 'unit'>): string =>
  `${fineFigure(mm, unit)} ${unit}`;

/** Millimetres to a hundredth; inches as a fraction where they are one of 1/64, else to a thousandth. */
export function fineFigure(mm: number, unit: Unit): string {
  if (unit === 'mm') return withoutZeros(formatLength(mm, { unit, fraction: 64, decimals: 2 }));
  const sixtyFourths = (mm / INCH) * 64;
  return Math.abs(sixtyFourths - Math.round(sixtyFourths)) < DECISION
    ? formatLength(mm, { unit, fraction: 64, decimals: 0 })
    : withoutZeros((mm / INCH).toFixed(3)).replace('-', '−');
}

/** Without zeros at the end of its decimals. */
const withoutZeros = (text: string): string => (text.includes('.') ? text.replace(/\.?0+$/, '') : text);
