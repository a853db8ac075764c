import { atLeast, degrees } from '../measure/index.ts';
import { fail, type Outcome, succeed, told } from '../fault/index.ts';
import { type StrapInput } from './input.ts';

/** How the straps are fastened: to tabs, or wrapped over or under the bar. */
export type StrapAttach = 'tab' | 'over' | 'under';

/**
 * Angle of a shoulder strap from its slot to a bar, from horizontal, positive down toward the rear. Degrees.
 * A tab points to the bar's axis; a wrapped strap leaves the tube along its tangent, so the angle changes by asin(r/d), d from
 * slot to axis: less over the top, more from below [geometry of a tangent to a circle]. rearward, down: from the slot to the bar's
 * axis; radius: of the bar. mm. null where the bar does not lie behind the slot, or the slot lies inside the tube.
 */
export function strapDirection(
  rearward: number,
  down: number,
  radius: number,
  attach: StrapAttach,
): number | null {
  const apart = Math.hypot(rearward, down);
  if (rearward <= 0 || !atLeast(apart, radius)) return null;
  const wrap = degrees(Math.asin(Math.min(1, radius / apart)));
  // Plus nothing: a strap that lies level is 0°, never −0°.
  return degrees(Math.atan2(down, rearward)) + { tab: 0, over: -wrap, under: wrap }[attach] + 0;
}

/** The strap's angle for somebody who typed slot and bar, who is told why there is none. */
export function strapAngle({ slot, bar, barOd, attach }: StrapInput): Outcome<{ angle: number }> {
  const rearward = slot[0] - bar[0];
  const down = slot[1] - bar[1];
  const apart = Math.hypot(rearward, down);
  const radius = barOd / 2;
  if (!atLeast(apart, radius))
    return fail(
      'slot-in-bar',
      '/slot',
      told`the slot lies ${{ mm: apart, fine: true }} from the bar's axis, inside the tube`,
    );
  const angle = strapDirection(rearward, down, radius, attach);
  return angle === null
    ? fail('bar-not-behind', '/bar', 'the bar must lie behind the slot: give it a smaller x')
    : succeed({ angle });
}
