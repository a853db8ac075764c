import { fail, type Outcome, succeed } from '../fault/index.ts';

/** A length of a sum as it was written, without its sign; divided by what stands behind a slash with spaces round it. */
export interface Term {
  sign: 1 | -1;
  text: string;
  by: number;
}

const FRACTION = /^\d+\s*\/\s*\d+/;
/** A hyphen between a whole and a fraction joins them, and so it does between feet and inches. */
const JOINS = /^(?:\d+|.*(?:'|ft|feet|foot))$/;
const LESS_THAN_ONE = /^(?:\d+\s+)?(\d+)\s*\/\s*(\d+)(?!\d)/;
const DIVIDED = /^(.*\S) \/ (\d+(?:\.\d+)?)\s*((?:"|in|inch|inches|mm|cm|m)?)$/;

/**
 * The terms of `12 1/2 - 3/8`, `3 + 1/2`, `52 1/4 / 2`: signs with spaces round them. null where it is one length alone. Fault: divided
 * by nothing.
 */
export function termsOf(text: string): Outcome<Term[]> | null {
  const parts = joined(text.split(/ ([+-]) /));
  const terms: Term[] = [];
  for (let i = 0; i < parts.length; i += 2) {
    const term = divided(parts[i] ?? '');
    if (term.by === 0) return fail('zero-denominator', '', 'a length divided by nothing is no length');
    terms.push({ sign: parts[i - 1] === '-' ? -1 : 1, ...term });
  }
  return terms.length > 1 || terms.some(({ by }) => by !== 1) ? succeed(terms) : null;
}

/** Texts and the signs between them, with a whole and the fraction behind its hyphen as one text again. */
function joined(parts: string[]): string[] {
  const [first = '', ...rest] = parts;
  const whole = [first];
  for (let i = 0; i < rest.length; i += 2) {
    const [sign = '', text = ''] = [rest[i], rest[i + 1]];
    const before = whole.at(-1) ?? '';
    const joins = sign === '-' && JOINS.test(before) && (FRACTION.test(text) || /['tf]$/.test(before));
    if (joins) whole[whole.length - 1] = `${before}-${text}`;
    else whole.push(sign, text);
  }
  return whole;
}

function divided(text: string): Pick<Term, 'text' | 'by'> {
  const fraction = LESS_THAN_ONE.exec(text);
  const found = DIVIDED.exec(text);
  // `1 / 2` is a half, whatever stands round its slash; `52 / 2` is 26.
  const isFraction = fraction && fraction[0].length === text.replace(/\s*("|in|mm)$/, '').length;
  if (!found || (isFraction && Number(fraction[1]) < Number(fraction[2]))) return { text, by: 1 };
  return { text: `${found[1] ?? ''}${found[3] ? ` ${found[3]}` : ''}`, by: Number(found[2]) };
}

/** A decimal comma as a point. Fault: one before exactly three digits may be of thousands. */
export function withPoints(text: string): Outcome<string> {
  if (/\d,\d{3}(?!\d)|\d,\d+,\d|\d\.\d+,\d|\d,\d+\.\d/.test(text))
    return fail('comma', '', commaWords(/(\d+),(\d{3})(?!\d)/.exec(text)));
  return succeed(text.replaceAll(/(\d),(\d)/g, '$1.$2'));
}

/** Both readings of what was typed, as they would be written without doubt. */
const commaWords = (found: RegExpExecArray | null): string => {
  const [, whole = '1', behind = '048'] = found ?? [];
  return `a comma before three digits may mean thousands or a decimal: write ${whole}${behind}, or ${whole}.${behind} with a point`;
};
