import { atLeast, degrees } from '../measure/index.ts';
import { fail, type Outcome, succeed, told } from '../fault/index.ts';
import { type StrapInput } from './input.ts';

/**
 * Angle of a shoulder strap from the seat's slot to the bar, from horizontal, positive down toward the rear. Degrees.
 * A tab points to the bar's axis; a wrapped strap leaves the tube along its tangent, so the angle changes by asin(r/d), d from
 * slot to axis: less over the top, more from below [geometry of a tangent to a circle].
 */
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
  if (!(rearward > 0))
    return fail('bar-not-behind', '/bar', 'the bar must lie behind the slot: give it a smaller x');
  const toAxis = degrees(Math.atan2(down, rearward));
  const wrap = degrees(Math.asin(Math.min(1, radius / apart)));
  return succeed({ angle: toAxis + { tab: 0, over: -wrap, under: wrap }[attach] + 0 });
}
