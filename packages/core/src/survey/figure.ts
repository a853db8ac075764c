import { type Quantity } from './quantity.ts';

/** A derived figure and how it came about: words, signs and quantities in the order in which they are written. */
export interface Figure {
  /** mm, or degrees when `unit` is "deg". */
  value: number;
  unit: 'mm' | 'deg';
  /** Reads as `61 1/2 − 1/2 clear − 7/8 half the tube`; the value itself comes after the last of them. */
  how: (string | Quantity)[];
}

/** A sum of lengths, each with the word for what it is. mm */
export function sum(...terms: [value: number, word: string][]): Figure {
  const how: Figure['how'] = [];
  for (const [i, [value, word]] of terms.entries()) {
    if (i > 0) how.push(value < 0 ? '−' : '+');
    how.push({ mm: i > 0 ? Math.abs(value) : value });
    if (word) how.push(word);
  }
  return { value: terms.reduce((total, [value]) => total + value, 0), unit: 'mm', how };
}

/** A length with how it came about. mm */
export const lengthFigure = (value: number, ...how: Figure['how']): Figure => ({ value, unit: 'mm', how });
/** An angle with how it came about. Degrees */
export const angleFigure = (value: number, ...how: Figure['how']): Figure => ({ value, unit: 'deg', how });
