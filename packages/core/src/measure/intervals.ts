import { rootBetween } from './halve.ts';

/** From and to. */
export type Interval = [from: number, to: number];

/**
 * Where a smooth function is not above zero between two values: looked at in even steps, the edges closed in on. What is narrower
 * than a step may be missed.
 */
export function intervalsBelow(
  from: number,
  to: number,
  steps: number,
  f: (at: number) => number,
): Interval[] {
  const found: Interval[] = [];
  let before = { at: from, value: f(from) };
  let start: number | null = before.value <= 0 ? from : null;
  for (let i = 1; i <= steps; i++) {
    const at = from + ((to - from) * i) / steps;
    const here = { at, value: f(at) };
    if (before.value <= 0 !== here.value <= 0) {
      const edge = rootBetween(before.at, at, f);
      if (start === null) start = edge;
      else {
        found.push([start, edge]);
        start = null;
      }
    }
    before = here;
  }
  if (start !== null) found.push([start, to]);
  return found;
}
