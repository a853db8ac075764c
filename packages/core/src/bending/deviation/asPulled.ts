import { type Lra } from '../../centreline/index.ts';
import { type Outcome, succeed } from '../../fault/index.ts';
import { halfTurned } from '../../measure/index.ts';
import { type MarkedBlank } from '../marks.ts';
import { offTheStraights, remade } from './whatNow.ts';

/**
 * How a bend came out at the machine: what is left out is as planned. Degrees; mark: mm toward end B off its place; turned: how much more than
 * wanted the tube was turned from the bend pulled before it, seen A → B.
 */
export interface PulledOtherwise {
  angle?: number;
  mark?: number;
  turned?: number;
}

/**
 * Straights, turns and angles of a blank when one of its bends came out otherwise. What is pulled after it is turned from it, and so leans
 * with it; what was pulled before stays. toCome: numbers of the bends that are still to be made. Fault: a place beyond the straights beside it.
 */
export function asPulled(
  { corners, lra }: Pick<MarkedBlank, 'corners' | 'lra'>,
  bend: number,
  { angle, mark, turned = 0 }: PulledOtherwise,
  toCome: readonly number[],
): Outcome<Pick<Lra, 'bends' | 'tail'>> {
  const numbers = corners.corners.map(({ index }) => index);
  const i = numbers.indexOf(bend);
  const fault = offTheStraights(lra, i, mark ?? 0);
  if (fault) return fault;
  const { bends, tail } = remade(lra, i, {
    ...(angle !== undefined && { angle }),
    ...(mark !== undefined && { mark }),
  });
  const leans = numbers.map((number) => (number === bend || toCome.includes(number) ? turned : 0));
  return succeed({
    bends: bends.map((one, k) =>
      k === 0 ? one : { ...one, rotation: halfTurned(one.rotation + (leans[k] ?? 0) - (leans[k - 1] ?? 0)) },
    ),
    tail,
  });
}
