import { andThen, collect, fail, type Outcome, succeed } from '../../../fault/index.ts';
import { itemAt } from '../../../items/index.ts';
import { type CarSide, type FrontSection, type ShapeOf } from '../../../plan/index.ts';
import { add, cross, dot, length, scale, subtract, unit, type Vec3 } from '../../../space/index.ts';
import { alongPlane } from '../../../survey/index.ts';
import { mirroredPlace } from '../../placing/mirror.ts';
import { placeOf } from '../../placing/place.ts';
import { type BendRoom, type WholePath } from '../../shape/index.ts';
import { halvesOf } from './halves.ts';
import { halvesInCar, reachable } from './halvesInCar.ts';
import { hoopFeatures } from '../hoopFeatures.ts';

/**
 * A hoop in front of the driver in one piece, from its left foot to its right: within the section of the body that was measured for it, or
 * by its own figures. Car's frame, mm. room: of its bends.
 */
export function frontHoopPath(
  { way, gap, forward, up, tilt }: ShapeOf<'hoop'>,
  section: FrontSection | null,
  room: BendRoom,
): Outcome<WholePath> {
  if (way.kind === 'survey')
    return section
      ? within(section, gap.mm + room.od / 2)
      : fail(
          'no-section',
          '',
          "measure the front hoop's section at Survey, or give the hoop its own figures",
        );
  return andThen(halvesOf(way, room, tilt.deg), (halves) =>
    andThen(reachable(halves), (reach) => {
      const footUp = alongPlane(up.mm, tilt.deg);
      const { points, features, bySample } = halvesInCar(reach, () => footUp, tilt.deg);
      // Its plane goes through its feet, not through the floor below them.
      const ahead = forward.mm - itemAt(points, 0)[0];
      return succeed({
        points: points.map((point) => add(point, [ahead, 0, 0])),
        features,
        radii: features.map(() => null),
        bySample,
      });
    }),
  );
}

/** So far within the body all round. off: from its surface to the axis, mm */
function within({ left, right }: FrontSection, off: number): Outcome<WholePath> {
  const onLeft = left.map(({ at }) => placeOf(at));
  const onRight = right?.map(({ at }) => placeOf(at)) ?? left.map(({ at }) => placeOf(mirroredPlace(at)));
  const body = [...onLeft, ...[...onRight].reverse()];
  const inward = body.slice(1).map((to, i) => {
    const from = itemAt(body, i);
    const toMiddle: Vec3 = i < onLeft.length - 1 ? RIGHT : i === onLeft.length - 1 ? DOWN : LEFT;
    return squareTo(subtract(to, from), toMiddle);
  });
  return andThen(collect(inward), (normals) => {
    const points = body.map((at, i) => {
      const [before, after] = [normals[i - 1], normals[i]];
      if (before && after) return add(at, mitred(before, after, off));
      const lone = before ?? after ?? DOWN;
      return onTheFloor(add(at, scale(lone, off)), at, itemAt(body, i === 0 ? 1 : -2));
    });
    const named = (side: CarSide, count: number) =>
      hoopFeatures(count - 1).map((feature) => `${feature}-${side}`);
    const features = [...named('left', onLeft.length).reverse(), ...named('right', onRight.length)];
    return succeed({ points, features, radii: features.map(() => null) });
  });
}

const RIGHT: Vec3 = [0, -1, 0];
const LEFT: Vec3 = [0, 1, 0];
const DOWN: Vec3 = [0, 0, -1];

/** The direction toward the inside of the car, square to a stretch of the body. */
function squareTo(stretch: Vec3, inside: Vec3): Outcome<Vec3> {
  if (length(stretch) < 1)
    return fail('front-section', '', "two corners of the front hoop's section lie at one place: check them");
  const along = unit(stretch);
  const square = subtract(inside, scale(along, dot(inside, along)));
  return length(square) > 0.05
    ? succeed(unit(square))
    : fail(
        'front-section',
        '',
        "a stretch of the front hoop's section runs straight across where a leg goes, or straight up where the crown goes: check its corners",
      );
}

/** From a corner of the body to the corner of an axis that lies so far within both of its stretches. */
const mitred = (before: Vec3, after: Vec3, off: number): Vec3 =>
  scale(add(before, after), off / (1 + dot(before, after)));

/** A foot goes on along its leg to the height that was measured. */
function onTheFloor(foot: Vec3, measured: Vec3, above: Vec3): Vec3 {
  const leg = subtract(above, measured);
  return length(cross(leg, DOWN)) > 5 * Math.abs(leg[2])
    ? foot
    : add(foot, scale(leg, (measured[2] - foot[2]) / leg[2]));
}
