import { z } from 'zod';
import { LARGEST } from './limits.ts';

/** A schema's own words: what the field is, said when it is missing and when it is of the wrong kind. */
export const say = (what: string) => ({
  error: (issue: { input?: unknown }): string =>
    issue.input === undefined ? `missing: give ${what}` : `this must be ${what}`,
});

/** A finite number from `low` to `high`, limits included. */
export const between = (low: number, high: number, what: string) =>
  z
    .number(say(`${what}, from ${low} to ${high}`))
    .gte(low, say(`${what}, at least ${low}`))
    .lte(high, say(`${what}, at most ${high}`));

/** A finite number above `low` and up to `high`. */
export const above = (low: number, high: number, what: string) =>
  z
    .number(say(`${what}, more than ${low}`))
    .gt(low, say(`${what}, more than ${low}`))
    .lte(high, say(`${what}, at most ${high}`));

/** A size that something real has: more than nothing. mm. */
export const size = (what: string) => above(0, LARGEST, `${what} in mm`);

/** A length that may be nothing. mm. */
export const extent = (what: string) => between(0, LARGEST, `${what} in mm`);

/** A co-ordinate or a signed offset. mm. */
export const coordinate = (what: string) => between(-LARGEST, LARGEST, `${what} in mm`);

/** One of the given words. */
export const oneOf = <const T extends readonly [string, ...string[]]>(words: T, what: string) =>
  z.enum(words, say(`${what}: ${words.map((word) => `"${word}"`).join(', ')}`));
