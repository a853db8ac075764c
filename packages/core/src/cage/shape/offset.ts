import { setbackOf } from '../../centreline/index.ts';
import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { radians } from '../../measure/index.ts';
import { type ShapeOf } from '../../plan/index.ts';
import { beside, type BendRoom, type Chord, type ShapePath } from './chord.ts';

/** Whether the die makes an offset over a chord of a length. */
export const fitsChord = (shape: ShapeOf<'offset'>, chord: number, room: BendRoom): boolean =>
  offsetPath({ a: [0, 0, 0], length: chord, along: [0, 1, 0], aside: [1, 0, 0] }, shape, room).ok;

/** Along the chord, from the middle of the offset to the outer tangent of its outer bend, for bends of this angle. */
function halfWidth(angle: number, offset: number, flat: number, clr: number): number {
  return flat / 2 + 2 * setbackOf(clr, angle) + offset / Math.tan(radians(angle));
}

/** The straight between the two bends of one step: travel = set / sin θ, less both setbacks. */
const between = (angle: number, offset: number, clr: number): number =>
  offset / Math.sin(radians(angle)) - 2 * setbackOf(clr, angle);

/**
 * A bar that steps over to a line beside it and back. The angle is solved when none is given: the least whole degree whose
 * steps fit between the flat and the straight that each end needs, with the clamp's straight between the bends.
 */
export function offsetPath(chord: Chord, shape: ShapeOf<'offset'>, room: BendRoom): Outcome<ShapePath> {
  const { offset, flat, centre } = { offset: shape.offset.mm, flat: shape.flat.mm, centre: shape.centre.mm };
  const middle = chord.length / 2 + centre;
  const reach = Math.min(middle, chord.length - middle) - room.straight;
  const fits = (angle: number) =>
    halfWidth(angle, offset, flat, room.clr) <= reach && between(angle, offset, room.clr) >= room.straight;
  const angle = shape.angle?.deg ?? WHOLE_DEGREES.find(fits);
  if (angle === undefined) return doesNotFit(chord, shape, reach, room);
  const inner = flat / 2 + setbackOf(room.clr, angle);
  const outer = inner + offset / Math.tan(radians(angle));
  return succeed({
    points: [
      beside(chord, middle - outer, 0),
      beside(chord, middle - inner, offset),
      beside(chord, middle + inner, offset),
      beside(chord, middle + outer, 0),
    ],
    features: ['step-out-a', 'offset-a', 'offset-b', 'step-out-b'],
    radii: [null, null, null, null],
  });
}

const WHOLE_DEGREES = Array.from({ length: 86 }, (_, i) => i + 5);

/** Says the widest flat that fits this offset, or that the offset itself is too small or too deep for the die. */
function doesNotFit(chord: Chord, { offset }: ShapeOf<'offset'>, reach: number, room: BendRoom) {
  const widest = Math.max(
    ...WHOLE_DEGREES.filter((angle) => between(angle, offset.mm, room.clr) >= room.straight).map(
      (angle) => 2 * (reach - halfWidth(angle, offset.mm, 0, room.clr)),
    ),
    -Infinity,
  );
  const remedy = !Number.isFinite(widest)
    ? told`an offset of ${{ mm: offset.mm }} leaves no ${{ mm: room.straight }} of straight between its bends: offset more, or take a smaller radius`
    : widest > 0
      ? told`a width of ${{ mm: widest, round: 'down' }} fits`
      : told`its steps alone take more than the ${{ mm: chord.length }} between the ends: offset less, or move the ends apart`;
  return fail('offset-does-not-fit', '', told`the offset does not fit between the ends: ${remedy}`);
}
