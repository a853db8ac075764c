import { type Said, type SaidLength } from '../fault/index.ts';
import { decided } from './tolerances.ts';
import { formatWithUnit, type LengthStyle } from './format.ts';
import { INCH } from './length.ts';

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

/** A length that a tape's marks would round away, such as a wall: to hundredths of a millimetre, or thousandths of an inch. */
export const fineLength = (mm: number, { unit }: LengthStyle): string =>
  unit === 'in' ? `${(mm / INCH).toFixed(3)} in` : `${Number(mm.toFixed(2))} mm`;
