import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { halve, DECISION } from '../../measure/index.ts';
import { type ShapeOf } from '../../plan/index.ts';
import { beside, type Chord, type ShapePath } from './chord.ts';

/**
 * Half the turn of an arc over a chord with a straight lead at each end, and its radius. From the tangent at an end:
 * T = chord/(2 cos α) − lead, R = T/tan α, rise = chord/2·tan α − R·(1/cos α − 1). Radians and mm.
 */
function arcOver(
  chord: number,
  rise: number,
  lead: number,
): { half: number; radius: number; corner: number } | null {
  const tangent = (half: number) => chord / (2 * Math.cos(half)) - lead;
  const radius = (half: number) => tangent(half) / Math.tan(half);
  const riseOf = (half: number) => (chord / 2) * Math.tan(half) - radius(half) * (1 / Math.cos(half) - 1);
  const steepest = Math.PI / 2 - 0.05;
  if (rise <= 0 || tangent(0) <= 0 || riseOf(steepest) < rise) return null;
  const half = halve(DECISION, steepest, (at) => riseOf(at) - rise);
  return { half, radius: radius(half), corner: (chord / 2) * Math.tan(half) };
}

/** A bar rolled to one arc, by the chord between its ends and the rise of its middle. */
export function arcPath(chord: Chord, { rise, lead }: ShapeOf<'arc'>): Outcome<ShapePath> {
  const arc = arcOver(chord.length, rise.mm, lead.mm);
  if (!arc)
    return fail(
      'arc-does-not-fit',
      '',
      told`no arc rises ${{ mm: rise.mm }} over ${{ mm: chord.length }} with ${{ mm: lead.mm }} left straight: change one of them`,
    );
  return succeed({
    points: [beside(chord, chord.length / 2, arc.corner)],
    features: ['arc'],
    radii: [arc.radius],
  });
}
