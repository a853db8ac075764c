import { DECISION } from './tolerances.ts';
import { fail, LARGEST, type Outcome, succeed } from '../fault/index.ts';
import { type Known } from './known.ts';
import { termsOf, withPoints } from './sums.ts';

/** The unit of a length as people write it. */
export type Unit = 'in' | 'mm';

/** The one length of every document: the millimetres that count, and what was typed. */
export interface Length {
  mm: number;
  typed: string;
  known?: Known;
}

/** mm per unit. The inch is exact by definition. */
export const INCH = 25.4;
const MM_PER: Record<string, number> = { mm: 1, cm: 10, m: 1000, in: INCH };

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

const WHOLE_AND_FRACTION = /^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/;
const DECIMAL = /^(?:\d+\.?\d*|\.\d+)$/;

/**
 * Reads a length as people write it: `41 1/4`, `41-1/4"`, `3' 5 1/4"`, `41.25 in`, `1048`, `104.8 cm`, `1,5 m`, `52 1/4 / 2`, `12 1/2 - 3/8`.
 * A bare number takes the job's unit; a bare fraction is inches in any job, as no metric tape has them.
 * A fault says what could not be read.
 */
export function parseLength(text: string, unit: Unit): Outcome<Length> {
  const plain = tidy(text);
  if (plain === '') return fail('empty', '', 'nothing written: give a length, such as 41 1/4 or 1048 mm');
  const pointed = withPoints(plain);
  if (!pointed.ok) return pointed;
  const read = readSum(pointed.value, unit);
  if (!read.ok) return read;
  const mm = read.value;
  if (Math.abs(mm) > LARGEST)
    return fail('too-big', '', `${text.trim()} is longer than ${LARGEST / 1000} m: check the unit`);
  // 1 3/4 in is 44.45 mm: the last bits of the multiplication are not the length.
  return succeed({ mm: Math.round(mm * 1e9) / 1e9 + 0, typed: text.trim() });
}

/** What was typed, with its unit said: a bare `1 3/4` of an inch job reads `1 3/4 in` wherever it is shown. */
export function writtenLength({ typed, mm }: Length): string {
  if (/[a-z"'″′”’]/i.test(typed)) return typed;
  const asInches = parseLength(typed, 'in');
  return asInches.ok && Math.abs(asInches.value.mm - mm) < DECISION ? `${typed} in` : `${typed} mm`;
}

function tidy(text: string): string {
  return text
    .trim()
    .toLowerCase()
    .replace(/(\d?)([½¼¾⅛⅜⅝⅞])/g, (_, digit: string, sign: string) =>
      digit ? `${digit} ${VULGAR[sign]}` : (VULGAR[sign] ?? ''),
    )
    .replace(/⁄/g, '/')
    .replace(/[−–]/g, '-')
    .replace(/''|[″”“]/g, '"')
    .replace(/[′’‘]/g, "'")
    .replace(/\s+/g, ' ');
}

/** One length, or lengths added, taken off and divided; those without a unit take that of the last that has one. mm */
function readSum(text: string, unit: Unit): Outcome<number> {
  const terms = termsOf(text.replace(/^- ?/, ''));
  const negative = text.startsWith('-');
  if (!terms) {
    const read = readUnsigned(negative ? text.slice(1).trim() : text, unit);
    return read.ok ? succeed(negative ? -read.value : read.value) : read;
  }
  if (!terms.ok) return terms;
  const units = terms.value.map(({ text: term }) => unitIn(term));
  const own = units.findLast((one) => one !== null) ?? unit;
  let sum = 0;
  for (const [i, { sign, text: term, by }] of terms.value.entries()) {
    const read = units[i] ? readUnsigned(term, unit) : scaled(term, MM_PER[own] ?? 1);
    if (!read.ok) return read;
    sum += ((i === 0 && negative ? -sign : sign) * read.value) / by;
  }
  return succeed(sum);
}

/** The unit that a length is written with; inches of a bare fraction, as no metric tape has them. */
function unitIn(text: string): string | null {
  if (WHOLE_AND_FRACTION.test(text) || /'|ft\b|feet\b|foot\b/.test(text)) return 'in';
  const [, suffix] = /\s*("|in|inch|inches|mm|cm|m)$/.exec(text) ?? [];
  return suffix === undefined ? null : suffix === '"' || suffix.startsWith('inch') ? 'in' : suffix;
}

function readUnsigned(text: string, unit: Unit): Outcome<number> {
  const feet = /^(.+?)\s*(?:'|ft\b|feet\b|foot\b)\s*-?\s*(.*)$/.exec(text);
  if (feet) return readFeet(feet[1] ?? '', feet[2] ?? '');
  const marked = /^(.+?)\s*("|in\b|inch\b|inches\b|mm\b|cm\b|m\b)$/.exec(text);
  if (marked) {
    const suffix = marked[2] ?? '';
    const name = suffix === '"' || suffix.startsWith('inch') ? 'in' : suffix;
    return scaled(marked[1] ?? '', MM_PER[name] ?? 1);
  }
  const isFraction = WHOLE_AND_FRACTION.test(text);
  return scaled(text, isFraction ? INCH : (MM_PER[unit] ?? 1));
}

function readFeet(feetText: string, rest: string): Outcome<number> {
  const feet = scaled(feetText, 12 * INCH);
  if (!feet.ok || rest === '') return feet;
  const inches = scaled(rest.replace(/\s*("|in|inch|inches)$/, ''), INCH);
  if (!inches.ok) return inches;
  if (inches.value >= 12 * INCH)
    return fail('inches', '', 'inches after feet are less than 12: write 4\' 3" for 51 inches');
  return succeed(feet.value + inches.value);
}

function scaled(text: string, mmPer: number): Outcome<number> {
  const number = readNumber(text.trim());
  return number.ok ? succeed(number.value * mmPer) : number;
}

/** An unsigned number: decimal (`41.25`), fraction (`1/4`) or whole and fraction (`41 1/4`, `41-1/4`). */
export function readNumber(text: string): Outcome<number> {
  if (DECIMAL.test(text)) return succeed(Number(text));
  const fraction = WHOLE_AND_FRACTION.exec(text);
  if (!fraction)
    return fail('unreadable', '', `"${text}" is not a length: write 41 1/4, 41.25 in, 1048 mm or 104.8 cm`);
  const [, whole, over, of] = fraction;
  if (Number(of) === 0) return fail('zero-denominator', '', 'a fraction over zero is no length');
  if (whole !== undefined && Number(over) >= Number(of))
    return fail('improper', '', `${over}/${of} beside a whole number must be less than one`);
  return succeed(Number(whole ?? 0) + Number(over) / Number(of));
}
