import { z } from 'zod';
import { oneOf, say } from '../fault/index.ts';
import { id, massField, note, title } from './quantities.ts';

/** What can be built. */
export const BUILT = ['four-point-bar', 'six-point-cage', 'full-cage', 'harness-bar'] as const;
/** How it is joined to the car. */
export const JOINING = ['welded', 'bolted'] as const;
/** What the car is used for. */
export const USES = ['track', 'street-too', 'show'] as const;
/** What the feet stand on; a hoop whose load reaches no frame is a show bar, and is told so. */
export const LANDINGS = ['frame', 'sill', 'floor-sheet'] as const;

/** Check of a brief. */
export const brief = z.strictObject({
  car: title,
  series: title,
  customer: title,
  built: oneOf(BUILT, 'what is built'),
  joining: oneOf(JOINING, 'how it is joined'),
  use: oneOf(USES, 'what the car is used for'),
  feetOn: oneOf(LANDINGS, 'what the feet stand on'),
  drivers: z.array(title, say('the names of the drivers')).max(20),
  passenger: z.boolean(say('true or false')),
  carWeight: massField("the car's weight").nullable(),
  dueBy: z.iso.date('a date is written as 2027-03-01').nullable(),
  /** When the car goes to be painted: nothing is welded after that. */
  paintOn: z.iso.date('a date is written as 2027-03-01').nullable(),
  roof: oneOf(['closed', 'open'], 'the roof'),
  /** The car's year, where a book goes by it. */
  buildYear: z.int(say('a year')).gte(1900, 'a year from 1900 on').lte(2200, 'a year').nullable(),
  books: z
    .array(
      z.strictObject({
        book: id,
        class: id.nullable(),
        /** The edition that the job is tied to; the newest where it is tied to none. */
        edition: title.nullable(),
      }),
      say('the rule books chosen'),
    )
    .max(20),
  notes: note,
});
/** What the job is for: car, class, weight, use, books. */
export type Brief = z.infer<typeof brief>;
