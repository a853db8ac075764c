import { INCH, type Rule, recordOf } from '@gyrus/core';

const SMALL =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  );
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');

const WORDS = new Map<string, number>([
  ...SMALL.map((word, i): [string, number] => [word, i]),
  ...TENS.map((word, i): [string, number] => [word, (i + 2) * 10]),
  ['hundred', 100],
]);

/** A whole number with a fraction, a fraction, or a number with decimals. */
const FIGURE = /(\d+)\s+(\d+)\/(\d+)|(\d+)\/(\d+)|\d+(?:\.\d+)?/g;

/** Numbers that a text states, in figures or in words, with how it writes them. `one` is rarely a figure, and is passed over. */
export function figuresIn(text: string): { written: string; value: number }[] {
  const figures = [...text.matchAll(FIGURE)].map((match) => {
    const [written, whole, over, under, alone, below] = match;
    const value =
      whole !== undefined
        ? Number(whole) + Number(over) / Number(under)
        : alone !== undefined
          ? Number(alone) / Number(below)
          : Number(written);
    return { written, value };
  });
  const words = [...text.toLowerCase().matchAll(/[a-z]+/g)].flatMap(([written]) => {
    const value = WORDS.get(written);
    return value === undefined || value < 2 ? [] : [{ written, value }];
  });
  return [...figures, ...words];
}

const near = (a: number, b: number): boolean => Math.abs(a - b) < 1e-6 * Math.max(1, Math.abs(a));

/** Every number that a rule's blanks and conditions state, in each unit that a text might say it in. */
function statedBy(value: unknown): number[] {
  if (typeof value === 'number') return [value, value * 100];
  if (typeof value === 'string') return figuresIn(value).map((one) => one.value);
  if (value === null || typeof value !== 'object') return [];
  if ('mm' in value && typeof value.mm === 'number')
    return [value.mm, value.mm / 10, value.mm / INCH, ...statedBy(recordOf(value).typed)];
  return Object.values(value).flatMap(statedBy);
}

/** Figures that a rule's text states and none of its blanks does: the text is of another figure, or no check covers it. */
export function figuresUncovered({ text, check, when }: Pick<Rule, 'text' | 'check' | 'when'>): string[] {
  if (check.kind === 'ask') return [];
  const stated = [...statedBy({ ...check, kind: null }), ...statedBy(when ?? null)];
  const uncovered = figuresIn(text).filter(({ value }) => !stated.some((one) => near(one, value)));
  return [...new Set(uncovered.map(({ written }) => written))];
}
