/** Where f passes zero between low and high, by halving: f has opposite signs at the two. */
export function halve(low: number, high: number, f: (at: number) => number): number {
  const rising = f(high) >= f(low);
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (f(middle) >= 0 === rising) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}

/** The first zero of f between low and high, sampled at even steps and halved; null where it passes none. */
export function firstZero(
  low: number,
  high: number,
  steps: number,
  f: (at: number) => number,
): number | null {
  let before = low;
  let valueBefore = f(low);
  if (valueBefore === 0) return low;
  for (let i = 1; i <= steps; i++) {
    const here = low + ((high - low) * i) / steps;
    const value = f(here);
    if (valueBefore * value <= 0) return halve(before, here, f);
    before = here;
    valueBefore = value;
  }
  return null;
}

/**
 * Where f passes zero between low and high, by chords with the Illinois rule: f has opposite signs at the two, and a smooth f
 * is found to 1e-10 in a handful of steps.
 */
export function rootBetween(low: number, high: number, f: (at: number) => number): number {
  let [a, b] = [low, high];
  let [fa, fb] = [f(a), f(b)];
  if (fa === 0) return a;
  for (let i = 0; i < 60 && Math.abs(b - a) > 1e-10 && fb !== 0; i++) {
    const c = b - (fb * (b - a)) / (fb - fa);
    const fc = f(c);
    if (fc * fb < 0) [a, fa] = [b, fb];
    else fa /= 2;
    [b, fb] = [c, fc];
    if (Math.abs(fc) < 1e-11) break;
  }
  return b;
}
