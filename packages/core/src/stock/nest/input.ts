import { z } from 'zod';
import { between, extent, say, size } from '../../fault/index.ts';

/** More sticks or pieces of one kind than this are a slip of the finger. */
const MOST_OF_ONE = 1000;
/** More pieces than this are no job of a shop, and no computer proves them. */
const MOST = 2000;

const sticks = z.strictObject(
  {
    length: size('the length of a stick'),
    /** How many there are; as many as wanted where it is left out. */
    count: z
      .int(say('how many sticks there are, a whole number'))
      .gte(0, 'there cannot be fewer than no sticks')
      .lte(MOST_OF_ONE, `${MOST_OF_ONE} sticks are enough`)
      .optional(),
    /** What one costs; its length where it is left out. */
    cost: between(0, 1_000_000_000, 'what a stick costs').optional(),
  },
  say('sticks as {length, count?, cost?}'),
);

const piece = z.strictObject(
  {
    id: z.string(say('the name of a piece')).min(1, 'a piece has a name'),
    length: size('the length of a piece'),
    quantity: z
      .int(say('how many of a piece are wanted, a whole number'))
      .gte(1, 'want at least one of a piece')
      .lte(MOST_OF_ONE, `${MOST_OF_ONE} of a piece are enough`),
  },
  say('pieces as {id, length, quantity}'),
);

/** Check of the input of nest: what the saw takes, the sticks there are and the pieces wanted. mm */
export const nestInput = z
  .strictObject({
    kerf: extent('what the saw takes of the tube'),
    sticks: z.array(sticks, say('the sticks, as a list')).min(1, 'give at least one kind of stick'),
    pieces: z.array(piece, say('the pieces, as a list')),
  })
  .refine(({ pieces }) => pieces.reduce((sum, { quantity }) => sum + quantity, 0) <= MOST, {
    path: ['pieces'],
    message: `no more than ${MOST} pieces can be laid out at once`,
  });
/** What the saw takes, the sticks there are and the pieces wanted. mm */
export type NestInput = z.infer<typeof nestInput>;
