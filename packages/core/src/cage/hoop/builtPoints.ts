import { itemAt } from '../../items/index.ts';
import { type BuiltHoop } from '../../plan/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { type HoopGeometry } from './geometry.ts';

/**
 * The corners of a hoop's axis as it was really built. Its feet are as far apart as they were taped, half of the difference on each side; its
 * crown is as much higher and as far to the left as it was found, and what is between follows in proportion to its height. Car's frame, mm
 */
export function builtPoints(
  { points, features }: Pick<HoopGeometry, 'points' | 'features'>,
  { feetApart, crownUp, crownLeft }: BuiltHoop,
): Vec3[] {
  const [first, last] = [itemAt(points, 0), itemAt(points, -1)];
  const out = feetApart ? (feetApart.mm - distance(first, last)) / 2 : 0;
  const foot = Math.min(first[2], last[2]);
  const crown = points.slice(1, -1).filter((_, i) => features[i]?.startsWith('crown'));
  const high = Math.min(...crown.map(([, , z]) => z)) - foot;
  return points.map(([x, y, z], i): Vec3 => {
    const isFoot = i === 0 || i === points.length - 1;
    if (isFoot) return [x, y + Math.sign(y) * out, z];
    const share = high > 0 ? Math.min(1, Math.max(0, (z - foot) / high)) : 0;
    return [x, y + share * (crownLeft?.mm ?? 0), z + share * (crownUp?.mm ?? 0)];
  });
}
