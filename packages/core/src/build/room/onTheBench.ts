import { itemAt } from '../../items/index.ts';
import { type CutEnd, type Tube } from '../../cage/index.ts';
import { NOISE } from '../../measure/index.ts';
import { cross, dot, length, subtract, unit, type Vec3 } from '../../space/index.ts';

/**
 * Which tubes are put together outside the car: the main hoop, and what lies in its plane and stands on nothing else. What goes in through
 * a door as a flat thing does so with its diagonal in it; what stands out of its plane does not.
 */
export function onTheBench(tubes: Tube[], ends: CutEnd[][]): boolean[] {
  const hoop = tubes.findIndex(({ role }) => role === 'main-hoop');
  const plane = hoop < 0 ? null : planeOf(itemAt(tubes, hoop).points);
  if (!plane) return tubes.map(() => false);
  const known = new Map([[itemAt(tubes, hoop).piece, true]]);
  const isOn = (tube: Tube, own: CutEnd[]): boolean => {
    const told = known.get(tube.piece);
    if (told !== undefined) return told;
    known.set(tube.piece, false);
    const within = (tube.od + itemAt(tubes, hoop).od) / 2;
    const flat = tube.points.every((at) => Math.abs(dot(subtract(at, plane.at), plane.normal)) <= within);
    const stands = own.every(
      ({ headers }) =>
        headers.length > 0 &&
        headers.every((header) => {
          const i = tubes.findIndex(({ piece }) => piece === header.piece);
          return i >= 0 && isOn(header, itemAt(ends, i));
        }),
    );
    known.set(tube.piece, flat && stands);
    return flat && stands;
  };
  return tubes.map((tube, i) => isOn(tube, itemAt(ends, i)));
}

/** The plane of a hoop: through its feet and its highest corner. */
function planeOf(points: Vec3[]): { at: Vec3; normal: Vec3 } | null {
  const [at, last] = [itemAt(points, 0), itemAt(points, -1)];
  const top = points.reduce((best, one) => (one[2] > best[2] ? one : best));
  const normal = cross(subtract(last, at), subtract(top, at));
  return length(normal) < NOISE ? null : { at, normal: unit(normal) };
}
