/** What a blank for a number takes. */
export interface NumberLimits {
  least: number;
  most: number;
  whole?: boolean;
  /** What one of it is written as: 100 for a share in percent. */
  shown?: number;
}

/** Digits, with a point or without: what else a computer reads as a number, nobody writes in a book. */
const PLAIN = /^\s*(\d+\.?\d*|\.\d+)\s*$/;

/** The number that a text is, the text where it is none within the limits, null where it is empty. */
export function numberOr(
  text: string,
  { least, most, whole, shown = 1 }: NumberLimits,
): number | string | null {
  if (text.trim() === '') return null;
  if (!PLAIN.test(text)) return text;
  const number = Number(text) / shown;
  return number >= least && number <= most && (!whole || Number.isInteger(number)) ? number : text;
}
