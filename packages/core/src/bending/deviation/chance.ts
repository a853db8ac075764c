import { randomNormal } from 'd3-random';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { type ScatterInput } from './input.ts';

/** Standard deviations of what goes wrong at each bend. mm, degrees */
export type Errors = ScatterInput['sigma'];

/** A source of standard normal numbers that is the same for the same seed. */
export function normalFrom(seed: number): () => number {
  const generator = xoroshiro128plus(seed);
  return randomNormal.source(() => uniformFloat64(generator))();
}
