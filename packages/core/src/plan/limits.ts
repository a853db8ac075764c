import { z } from 'zod';
import { oneOf } from '../fault/index.ts';
import { id, note, sizeField } from './quantities.ts';

/** Figures of the main hoop that a builder may set a limit to. */
export const LIMITED = [
  'feet-outside',
  'feet-apart',
  'corners-apart',
  'crown-height',
  'crown-over-helmet',
] as const;
/** A figure of the main hoop that a builder may set a limit to. */
export type LimitedFigure = (typeof LIMITED)[number];

/** A rule of the job: what the builder wants of a figure, whatever the books say. */
export const jobLimit = z.strictObject({
  id,
  figure: oneOf(LIMITED, 'the figure that has a limit'),
  bound: oneOf(['most', 'least'], 'whether it is the most or the least'),
  length: sizeField('the limit'),
  note,
});
/** A rule of the job: `no wider than 59 1/4 outside at the feet`. */
export type JobLimit = z.infer<typeof jobLimit>;
