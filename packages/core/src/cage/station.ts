import { firstCrossing, lengthOf, pointAt } from '../centreline/index.ts';
import { andThen, fail, type Outcome, succeed } from '../fault/index.ts';
import { type CarSide, type Station } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { type Tube } from './tube.ts';

/** The names of a tube's ends: a hoop's are its feet. */
export const endFeatures = ({ role }: Pick<Tube, 'role'>): [a: string, b: string] =>
  role === 'main-hoop' ? ['foot-left', 'foot-right'] : ['end-a', 'end-b'];

/** The point that a station names on a tube's axis; a bend's corner lies off it. Car's frame, mm. */
export function stationPoint(tube: Tube, station: Station): Outcome<Vec3> {
  const { feature, edge, along } = station;
  const bend = tube.features.indexOf(feature);
  if (bend >= 0 && edge === 'pi' && along.mm === 0) return succeed(tube.points[bend + 1] as Vec3);
  return andThen(stationAlong(tube, station), (at) => succeed(pointAt(tube.axis, at) as Vec3));
}

/** How far along the axis from end A a station lies, mm. */
export function stationAlong(tube: Tube, { feature, edge, along }: Station): Outcome<number> {
  const [endA, endB] = endFeatures(tube);
  const total = lengthOf(tube.axis);
  const bend = tube.features.indexOf(feature);
  if (bend < 0 && feature !== endA && feature !== endB)
    return fail(
      'no-feature',
      '',
      `${tube.stamp} has no "${feature}": it has ${[endA, ...tube.features, endB].join(', ')}`,
    );
  const from = bend >= 0 ? edgeOf(tube, bend, edge) : feature === endA ? 0 : total;
  if (pointAt(tube.axis, from + along.mm)) return succeed(from + along.mm);
  return fail(
    'off-the-tube',
    '',
    `the place lies beyond an end of ${tube.stamp}, which is ${total.toFixed(0)} mm long`,
  );
}

/** Arcs stand at every second place of the axis, after the straight before them. The corner itself counts as the arc's middle. */
function edgeOf(tube: Tube, bend: number, edge: Station['edge']): number {
  const arc = tube.axis[2 * bend + 1];
  const { start = 0, length = 0 } = arc ?? {};
  return { tangentA: start, middle: start + length / 2, pi: start + length / 2, tangentB: start + length }[
    edge
  ];
}

/** The first point of the axis, from end A, at a height above the floor; on one side of the car where a side is named. */
export function heightPoint(tube: Tube, height: number, side: CarSide | null): Outcome<Vec3> {
  const onSide = ([, y]: Vec3) => side === null || (side === 'left' ? y >= 0 : y <= 0);
  const along = firstCrossing(tube.axis, ([, , z]) => z - height, onSide);
  const point = along === null ? null : pointAt(tube.axis, along);
  if (point) return succeed(point);
  const where = side === null ? '' : ` on the ${side}`;
  return fail(
    'no-such-height',
    '',
    `${tube.stamp} does not pass ${height.toFixed(0)} mm above the floor${where}`,
  );
}
