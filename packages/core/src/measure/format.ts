import { INCH, type Unit } from './length.ts';
import { decided } from './tolerances.ts';

/** How a person wants lengths written: inches to 1/fraction, or millimetres to `decimals` places. */
export interface LengthStyle {
  unit: Unit;
  /** 8, 16, 32 or 64: the finest mark on the tape. */
  fraction: number;
  /** Places after the point for millimetres. */
  decimals: number;
}

/** Inches in sixteenths. */
export const INCHES: LengthStyle = { unit: 'in', fraction: 16, decimals: 0 };
/** Whole millimetres. */
export const MILLIMETRES: LengthStyle = { unit: 'mm', fraction: 16, decimals: 0 };

/** A length as the tape can show it, and what rounding left over (exact − shown). mm. */
export interface Rounded {
  mm: number;
  residual: number;
}

/** Rounds to the style's finest mark; halves go away from zero. The value is decided first, so all engines agree. */
export function roundLength(mm: number, style: LengthStyle): Rounded {
  const step = style.unit === 'in' ? INCH / style.fraction : 10 ** -style.decimals;
  const marks = decided(Math.abs(mm) / step);
  const shown = Math.sign(mm) * Math.floor(marks + 0.5) * step + 0;
  return { mm: shown, residual: mm - shown };
}

/** Writes a length as `41 1/4` or `1048`, without its unit. The minus is a true minus sign. */
export function formatLength(mm: number, style: LengthStyle): string {
  const rounded = roundLength(mm, style).mm;
  const size = Math.abs(rounded);
  const text = style.unit === 'in' ? inches(size, style.fraction) : size.toFixed(style.decimals);
  return rounded < 0 ? `−${text}` : text;
}

/** The same with its unit: `41 1/4 in`, `1048 mm`. */
export const formatWithUnit = (mm: number, style: LengthStyle): string =>
  `${formatLength(mm, style)} ${style.unit}`;

function inches(mm: number, fraction: number): string {
  const marks = Math.round((mm / INCH) * fraction);
  const whole = Math.floor(marks / fraction);
  const part = marks % fraction;
  if (part === 0) return String(whole);
  const common = greatestCommonDivisor(part, fraction);
  const written = `${part / common}/${fraction / common}`;
  return whole === 0 ? written : `${whole} ${written}`;
}

const greatestCommonDivisor = (a: number, b: number): number =>
  b === 0 ? a : greatestCommonDivisor(b, a % b);

/** Writes an angle to a tenth of a degree, halves away from zero, without trailing zeros after the point: `84`, `88.4`. */
export function formatAngle(degrees: number, decimals = 1): string {
  const marks = Math.floor(decided(decided(Math.abs(degrees)) * 10 ** decimals) + 0.5);
  const text = String(Number(((Math.sign(degrees) * marks) / 10 ** decimals).toFixed(decimals)) + 0);
  return text.replace('-', '−');
}
