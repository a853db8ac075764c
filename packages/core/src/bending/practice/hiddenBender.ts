import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** A bender as nobody knows it: what it gives back, how evenly, and how far its dial is off when it is not zeroed. Degrees */
export interface HiddenBender {
  /** released = a + b · pulled, and a normal error of this spread. */
  a: number;
  b: number;
  spread: number;
  /** What the dial shows before the tube has been preloaded: a pull by a dial that was not zeroed lacks so much. */
  slack: number;
}

/** A bender of its own for every seed, within what hand and ram benders are commonly found to do [common practice, handbook §5]. */
export function hiddenBender(seed: number): HiddenBender {
  const generator = xoroshiro128plus(seed);
  const between = (low: number, high: number) => low + (high - low) * uniformFloat64(generator);
  return {
    a: between(-1.6, -0.2),
    b: between(0.945, 0.975),
    spread: between(0.08, 0.25),
    slack: between(1, 3),
  };
}

/** What a tube has when it is let go, pulled so far by the dial; never more than it was pulled. chance: standard normal numbers. Degrees */
export function releasedBy(
  { a, b, spread, slack }: HiddenBender,
  { reading, zeroed }: { reading: number; zeroed: boolean },
  chance: () => number,
): number {
  const pulled = reading - (zeroed ? 0 : slack);
  return Math.max(0, Math.min(pulled, a + b * pulled + spread * chance()));
}
