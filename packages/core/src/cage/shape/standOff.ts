import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
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
      told`a leg of ${{ mm: offset.mm }} holds no bend of ${{ mm: clr }} radius: make it ${{ mm: clr, round: 'up' }} at least, or build the legs as tubes of their own`,
    );
  if (chord.length < 2 * clr)
    return fail(
      'stand-off-too-narrow',
      '',
      told`the ends are ${{ mm: chord.length }} apart: two bends need ${{ mm: 2 * clr, round: 'up' }}`,
    );
  return succeed({
    points: [beside(chord, 0, offset.mm), beside(chord, chord.length, offset.mm)],
    features: ['leg-a', 'leg-b'],
    radii: [null, null],
  });
}
