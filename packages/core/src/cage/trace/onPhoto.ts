import { fail, type Outcome, succeed } from '../../fault/index.ts';
import { type TracedPoint } from './fitTrace.ts';

/** A place on a photo, in its own dots from the upper left corner. */
export type PhotoPlace = readonly [number, number];

/** Marks nearer to each other than this give no scale. dots */
const LEAST = 20;

/** Places clicked on a photo, by two marks on it that are so far apart. mm; a photo's down is a trace's down. */
export function fromPhoto(
  [one, other]: readonly [PhotoPlace, PhotoPlace],
  apart: number,
  places: readonly PhotoPlace[],
): Outcome<TracedPoint[]> {
  const dots = Math.hypot(other[0] - one[0], other[1] - one[1]);
  if (dots < LEAST)
    return fail(
      'trace',
      '',
      'the two marks lie at one place: click them farther apart, as far as the rule reaches',
    );
  const scale = apart / dots;
  return succeed(places.map(([x, y]): TracedPoint => [(x - one[0]) * scale, (one[1] - y) * scale]));
}
