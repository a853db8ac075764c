import { fail, type Outcome, succeed } from '../../fault/index.ts';
import { type Towards } from '../../plan/index.ts';
import { add, distance, dot, length, scale, subtract, unit, type Vec3 } from '../../space/index.ts';

/** What a shape is built in: the chord from end A to end B, and the direction square to it that the shape turns to. */
export interface Chord {
  a: Vec3;
  length: number;
  along: Vec3;
  aside: Vec3;
}

/** What the dies ask of a tube's bends. mm */
export interface BendRoom {
  /** Finished radius of the axis. */
  clr: number;
  /** The same of a bend of so many degrees on the die that makes it; null where none is chosen for it. */
  clrAt: (feature: string, angle: number) => number | null;
  /** Outside diameter of the tube. */
  od: number;
  /** Straight needed between bends and at an end, for the clamp and the cope. */
  straight: number;
}

/** The corners of a bar between its ends. `radii`: the roller's, null where the member's die makes the bend. */
export interface ShapePath {
  points: Vec3[];
  features: string[];
  radii: (number | null)[];
}

const DIRECTIONS: Record<Exclude<Towards, 'out' | 'in'>, Vec3> = {
  front: [1, 0, 0],
  rear: [-1, 0, 0],
  left: [0, 1, 0],
  right: [0, -1, 0],
  up: [0, 0, 1],
  down: [0, 0, -1],
};

/** Away from the car's centre line is to the left where the chord lies on it. */
export function directionOf(towards: Towards, middle: Vec3): Vec3 {
  if (towards !== 'out' && towards !== 'in') return DIRECTIONS[towards];
  const outward = middle[1] >= 0 ? DIRECTIONS.left : DIRECTIONS.right;
  return towards === 'out' ? outward : scale(outward, -1);
}

/** Faults: ends at one place, or a chord that runs in the very direction the shape should turn to. */
export function chordOf(a: Vec3, b: Vec3, towards: Towards): Outcome<Chord> {
  const span = distance(a, b);
  if (span < 1) return fail('no-length', '', 'both ends stand at one place: move one of them');
  const along = unit(subtract(b, a));
  const wanted = directionOf(towards, scale(add(a, b), 0.5));
  const square = subtract(wanted, scale(along, dot(wanted, along)));
  if (length(square) < 0.05)
    return fail(
      'no-direction',
      '',
      `the bar itself runs ${/^(front|rear|left|right)$/.test(towards) ? `to the ${towards}` : towards}: let its shape turn another way`,
    );
  return succeed({ a, length: span, along, aside: unit(square) });
}

/** A point by its distance along the chord and beside it. */
export const beside = ({ a, along, aside }: Chord, at: number, off: number): Vec3 =>
  add(a, add(scale(along, at), scale(aside, off)));
