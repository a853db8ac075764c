import { fail, type Outcome, succeed } from '../../fault/index.ts';
import { type ShapeOf } from '../../plan/index.ts';
import { beside, type BendRoom, type Chord, type ShapePath } from './chord.ts';

/** A bar on legs of its own: out from each end, a bend of 90°, and across. Both legs and the middle hold a radius. */
export function standOffPath(
  chord: Chord,
  { offset }: ShapeOf<'stand-off'>,
  { clr }: BendRoom,
): Outcome<ShapePath> {
  if (offset.mm < clr)
    return fail(
      'stand-off-too-short',
      '',
      `a leg of ${offset.mm.toFixed(0)} mm holds no bend of ${clr.toFixed(0)} mm radius: make it ${Math.ceil(clr)} mm at least, or build the legs as tubes of their own`,
    );
  if (chord.length < 2 * clr)
    return fail(
      'stand-off-too-narrow',
      '',
      `the ends are ${chord.length.toFixed(0)} mm apart: two bends need ${Math.ceil(2 * clr)} mm`,
    );
  return succeed({
    points: [beside(chord, 0, offset.mm), beside(chord, chord.length, offset.mm)],
    features: ['leg-a', 'leg-b'],
    radii: [null, null],
  });
}
