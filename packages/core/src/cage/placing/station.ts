import { firstCrossing, pointAt } from '../../centreline/index.ts';
import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { type CarSide, type Station } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type Tube } from '../tube.ts';

/** The names of a tube's ends: a hoop's are its feet. */
export const endFeatures = ({ role }: Pick<Tube, 'role'>): [a: string, b: string] =>
  role === 'main-hoop' ? ['foot-left', 'foot-right'] : ['end-a', 'end-b'];

/** How far along a tube's axis from its end A a station at one of its bends lies, mm. */
export const stationAlong = (tube: Tube, { feature, edge, along }: Station): number =>
  edgeOf(tube, tube.features.indexOf(feature), edge) + along.mm;

/** Arcs stand at every second place of the axis, after the straight before them. The corner itself counts as the arc's middle. */
function edgeOf(tube: Tube, bend: number, edge: Station['edge']): number {
  const arc = tube.axis[2 * bend + 1];
  const { start = 0, length = 0 } = arc ?? {};
  return { tangentA: start, middle: start + length / 2, pi: start + length / 2, tangentB: start + length }[
    edge
  ];
}

/** The first point of the axis, from end A, at a height above the floor; on one side of the car where a side is named. */
export function heightPoint(
  tube: Tube,
  height: number,
  side: CarSide | null,
): Outcome<{ point: Vec3; along: number }> {
  const onSide = ([, y]: Vec3) => side === null || (side === 'left' ? y >= 0 : y <= 0);
  const along = firstCrossing(tube.axis, ([, , z]) => z - height, onSide);
  const point = along === null ? null : pointAt(tube.axis, along);
  if (along !== null && point) return succeed({ point, along });
  const where = side === null ? '' : ` on the ${side}`;
  return fail(
    'no-such-height',
    '',
    told`${tube.stamp} does not pass ${{ mm: height }} above the floor${where}`,
  );
}
