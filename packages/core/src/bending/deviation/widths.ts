import { deviation, mean, quantile } from 'd3-array';
import { AT_ORIGIN, type Lra, pathFrom } from '../../centreline/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { type Errors, normalFrom } from './chance.ts';

/** Two points of a path by their numbers: end A is 0, then the PIs that turn, then end B. */
export type Pair = readonly [from: number, to: number];

/** The pairs that stand across from each other, from the ends inward: the feet of a hoop, its knees, its corners. */
export const acrossPairs = (bends: number): Pair[] =>
  Array.from({ length: Math.floor((bends + 2) / 2) }, (_, i): Pair => [i, bends + 1 - i]);

/** How far each pair stands apart when each bend comes out by so many degrees over its angle. mm */
export function widthsWhen({ bends, tail }: Lra, pairs: readonly Pair[], over: readonly number[]): number[] {
  const made = bends.map((bend, i) => ({ ...bend, angle: bend.angle + (over[i] ?? 0) }));
  return widthsIn(pathFrom(AT_ORIGIN, made, tail), pairs);
}

const widthsIn = (points: readonly Vec3[], pairs: readonly Pair[]): number[] =>
  pairs.map(([from, to]) => {
    const [a, b] = [points[from], points[to]];
    return a && b ? distance(a, b) : 0;
  });

/** How far each pair stands apart in each of n parts with errors at every bend, a list for each pair. mm; one seed, one answer. */
export function widthsOf(
  { bends, tail }: Lra,
  pairs: readonly Pair[],
  sigma: Errors,
  { n, seed }: { n: number; seed: number },
): Float64Array[] {
  const normal = normalFrom(seed);
  const widths = pairs.map(() => new Float64Array(n));
  for (let k = 0; k < n; k++) {
    let moved = 0;
    const made = bends.map((bend, i) => {
      const before = moved;
      moved = sigma.mark * normal();
      return {
        ...bend,
        length: bend.length + moved - before,
        angle: bend.angle + sigma.angle * normal(),
        rotation: bend.rotation + (i === 0 ? 0 : sigma.rotation * normal()),
      };
    });
    const found = widthsIn(pathFrom(AT_ORIGIN, made, tail - moved), pairs);
    for (const [i, width] of found.entries()) widths[i]?.fill(width, k, k + 1);
  }
  return widths;
}

/** How a figure spreads over many parts. */
export interface Spread {
  mean: number;
  sd: number;
  p05: number;
  p50: number;
  p95: number;
}

/** Mean, standard deviation, and what five, fifty and ninety-five of a hundred stay under. */
export function spreadOf(values: Float64Array): Spread {
  const percentile = (share: number) => quantile(values, share) ?? 0;
  return {
    mean: mean(values) ?? 0,
    sd: deviation(values) ?? 0,
    p05: percentile(0.05),
    p50: percentile(0.5),
    p95: percentile(0.95),
  };
}

/** The part of them that lies within so much of a figure, 0 to 1. */
export const shareWithin = (values: Float64Array, of: number, within: number): number =>
  values.reduce((count, value) => count + (Math.abs(value - of) <= within ? 1 : 0), 0) / values.length;

/** What share of a figure's variance each kind of error has by itself, 0 to 1; nothing of all where nothing spreads. */
export function causesOf(lra: Lra, pair: Pair, sigma: Errors, of: { n: number; seed: number }): Errors {
  const alone = (kind: keyof Errors) => {
    const none: Errors = { mark: 0, angle: 0, rotation: 0 };
    const [widths] = widthsOf(lra, [pair], { ...none, [kind]: sigma[kind] }, of);
    return (widths ? spreadOf(widths).sd : 0) ** 2;
  };
  const variances: Errors = { mark: alone('mark'), angle: alone('angle'), rotation: alone('rotation') };
  const all = variances.mark + variances.angle + variances.rotation;
  const share = (variance: number) => (all > 0 ? variance / all : 0);
  return {
    mark: share(variances.mark),
    angle: share(variances.angle),
    rotation: share(variances.rotation),
  };
}
