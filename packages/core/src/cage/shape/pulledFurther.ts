import { arcOf, setbackOf } from '../../centreline/index.ts';
import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { decided, degrees, radians } from '../../measure/index.ts';
import {
  add,
  angleBetween,
  cross,
  distance,
  length,
  rotateAbout,
  scale,
  subtract,
  unit,
  type Vec3,
} from '../../space/index.ts';

/**
 * A tube whose bend at a corner is pulled further: all before the bend stays, all behind it swings round and comes nearer by what the bend
 * takes. points: ends and corners. corner: its number among them. by: degrees. clr: of that bend and the next, mm. Any frame.
 */
export function pulledFurther(
  points: readonly Vec3[],
  corner: number,
  by: number,
  clr: { here: number; next: number | null },
): Outcome<Vec3[]> {
  const [before, at, after] = [
    itemAt(points, corner - 1),
    itemAt(points, corner),
    itemAt(points, corner + 1),
  ];
  const into = unit(subtract(at, before));
  const out = unit(subtract(after, at));
  const was = degrees(angleBetween(into, out));
  if (decided(was + by - 180) >= 0 || was < 0.01)
    return fail(
      'bent-again',
      '',
      `the bend of ${was.toFixed(1)}° cannot be pulled ${by}° further: it would close`,
    );
  const normal = unit(cross(into, out));
  const [old, next] = [setbackOf(clr.here, was), setbackOf(clr.here, was + by)];
  const takes = arcOf(clr.here, by);
  const beyond = clr.next === null ? 0 : setbackOf(clr.next, turnAt(points, corner + 1));
  const straight = distance(at, after) - old - beyond;
  if (decided(straight - takes) < 0)
    return fail(
      'bent-again',
      '',
      told`pulled further, the bend takes ${{ mm: takes }} of the straight behind it, which is ${{ mm: straight }}: pull it less`,
    );
  const starts = subtract(at, scale(into, old));
  const moved = add(starts, scale(into, next));
  const swung = rotateAbout(normal, radians(by), out);
  // What lay so far behind the old bend lies as far behind the new one, less what it took.
  const from = add(at, scale(out, old + takes));
  const to = add(moved, scale(swung, next));
  return succeed([
    ...points.slice(0, corner),
    moved,
    ...points
      .slice(corner + 1)
      .map((point) => add(to, rotateAbout(normal, radians(by), subtract(point, from)))),
  ]);
}

function turnAt(points: readonly Vec3[], corner: number): number {
  const [before, at, after] = [points[corner - 1], points[corner], points[corner + 1]];
  if (!before || !at || !after) return 0;
  const [into, out] = [subtract(at, before), subtract(after, at)];
  return length(into) * length(out) === 0 ? 0 : degrees(angleBetween(into, out));
}
