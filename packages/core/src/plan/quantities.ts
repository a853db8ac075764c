import { z } from 'zod';
import { coordinate, extent, LARGEST, oneOf, say, size } from '../fault/index.ts';
import { type Angle, type Known, type Length } from '../measure/index.ts';

/** A moment, by the clock of Greenwich. */
export const moment = z.iso.datetime('a moment is written as 2027-03-01T10:30:00Z');

const typed = z.string(say('the text that was typed')).max(60, 'the typed text is 60 characters at most');

/** Left out where somebody typed the figure. */
const known: z.ZodType<Known> = z.union(
  [
    z.strictObject({ how: z.literal('assumed') }),
    z.strictObject({
      how: oneOf(['measured', 'chosen'], 'how it is known'),
      by: z
        .string(say('who confirmed it'))
        .min(1, 'who confirmed it')
        .max(120, 'a name has 120 characters at most'),
      on: moment,
    }),
  ],
  say('how it is known: {how: "assumed"}, or {how: "measured" or "chosen", by, on}'),
);

const lengthOf = (mm: z.ZodNumber, what: string): z.ZodType<Length> =>
  z.strictObject({ mm, typed, known: known.optional() }, say(`${what} as {mm, typed}`));

/** The one length of every document, `{ "mm": 595.3125, "typed": "23 7/16" }`; mm counts, typed is kept as written. */
export const sizeField = (what: string) => lengthOf(size(what), what);
/** Check of a length that is 0 or more. */
export const extentField = (what: string) => lengthOf(extent(what), what);
/** Check of a length that may go either way. */
export const offsetField = (what: string) => lengthOf(coordinate(what), what);

const degreesIn = (low: number, high: number, what: string) =>
  z
    .number(say(`${what} in degrees, from ${low} to ${high}`))
    .gte(low, say(`${what} in degrees, at least ${low}`))
    .lte(high, say(`${what} in degrees, at most ${high}`));

/** The one angle of every document, `{ "deg": 84.5, "typed": "84 1/2" }`. */
export const angleField = (low: number, high: number, what: string): z.ZodType<Angle> =>
  z.strictObject(
    { deg: degreesIn(low, high, what), typed, known: known.optional() },
    say(`${what} as {deg, typed}`),
  );

/** Figures of a rule book: they are stated, and nobody measures or assumes them. */
export const stated = {
  size: (what: string): z.ZodType<Length> =>
    z.strictObject({ mm: size(what), typed }, say(`${what} as {mm, typed}`)),
  extent: (what: string): z.ZodType<Length> =>
    z.strictObject({ mm: extent(what), typed }, say(`${what} as {mm, typed}`)),
  angle: (low: number, high: number, what: string): z.ZodType<Angle> =>
    z.strictObject({ deg: degreesIn(low, high, what), typed }, say(`${what} as {deg, typed}`)),
};

/** A mass as typed, in kilograms. */
export interface Mass {
  kg: number;
  typed: string;
}
/** Check of a mass. */
export const massField = (what: string): z.ZodType<Mass> =>
  z.strictObject(
    {
      kg: z
        .number(say(`${what} in kg`))
        .gt(0, say(`${what} in kg, more than 0`))
        .lte(LARGEST),
      typed,
    },
    say(`${what} as {kg, typed}`),
  );

/** Identity of a member, plate, piece, die or book: never changes, and means nothing to people. */
export const id = z
  .string(say('an id'))
  .regex(/^[\w-]{1,64}$/, 'an id has 1 to 64 letters, digits, "-" or "_"');

/** Check of a name. */
export const title = z.string(say('a name')).max(120, 'a name has 120 characters at most');
/** Check of a longer text. */
export const note = z.string(say('text')).max(4000, 'a note has 4000 characters at most');

/** What is stamped on the steel and printed on the sheets. */
export const stamp = z
  .string(say('a stamp'))
  .regex(/^[A-Z0-9]{1,4}$/, 'a stamp has 1 to 4 capitals or digits');
