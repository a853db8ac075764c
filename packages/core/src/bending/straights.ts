import { type Side } from './datum.ts';

/** Bends on a blank, A → B. Distances from its end A, mm */
interface Placed {
  blank: number;
  bends: readonly { number: number; tangentA: number; tangentB: number }[];
}

/**
 * The straights on both sides of a bend as the machine meets them: to the next bend that is there, or to the end, whose trim belongs to it.
 * made: numbers of the bends that are there already; all of them where it is left out. mm
 */
export function straightsBeside(
  { blank, bends }: Placed,
  bend: number,
  made?: ReadonlySet<number>,
): Record<Side, number> {
  const i = bends.findIndex(({ number }) => number === bend);
  const here = bends[i];
  if (!here) throw new Error(`the blank has no bend ${bend}`);
  const there = (one: { number: number }) => made?.has(one.number) ?? true;
  return {
    a: here.tangentA - (bends.slice(0, i).findLast(there)?.tangentB ?? 0),
    b: (bends.slice(i + 1).find(there)?.tangentA ?? blank) - here.tangentB,
  };
}
