import { arcOf, type PulledBend } from '../../centreline/index.ts';
import { type MarkedBlank } from '../marks.ts';

/** A bend of a tube by its place along it. mm, degrees */
export interface BendAlong {
  number: number;
  /** Its middle, along the tube from end A. */
  at: number;
  angle: number;
  clr: number;
  /** Turn of its plane from the first bend's, seen A → B. */
  clock: number;
}

/** A tube by its bends, A → B: what a piece has, or what a bar needs. mm */
export interface TubeByBends {
  length: number;
  bends: BendAlong[];
}

/** A tube by the straights, turns and angles of its path. numbers: of its bends, A → B; trim: what is left on both ends. mm */
export function byBends(
  { bends, tail }: { bends: readonly PulledBend[]; tail: number },
  numbers: readonly number[],
  trim: readonly [number, number] = [0, 0],
): TubeByBends {
  let [along, clock] = [trim[0], 0];
  const placed = bends.map(({ length, rotation, angle, clr }, i) => {
    const arc = arcOf(clr, angle);
    const at = along + length + arc / 2;
    along += length + arc;
    clock += rotation;
    return { number: numbers[i] ?? i + 1, at, angle, clr, clock };
  });
  return { length: along + tail + trim[1], bends: placed };
}

/** What a marked blank is to become, without its trims. */
export const barOf = ({ lra, corners }: Pick<MarkedBlank, 'lra' | 'corners'>): TubeByBends =>
  byBends(
    lra,
    corners.corners.map(({ index }) => index),
  );

/** The same tube read from its end B. Read so, rotations keep their sign and belong to the other bend of the two. */
export const fromEndB = ({ length, bends }: TubeByBends): TubeByBends => ({
  length,
  bends: bends.map((bend) => ({ ...bend, at: length - bend.at, clock: -bend.clock })).reverse(),
});
