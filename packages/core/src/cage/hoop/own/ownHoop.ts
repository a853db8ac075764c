import { andThen, fail, type Outcome, succeed, told } from '../../../fault/index.ts';
import { itemAt } from '../../../items/index.ts';
import { degrees, radians } from '../../../measure/index.ts';
import {
  type CarSide,
  type HoopWay,
  type HoopWayOf,
  type MainHoop,
  type Survey,
  type TakeOffHalf,
} from '../../../plan/index.ts';
import { type Vec3 } from '../../../space/index.ts';
import { alongPlane, lengthFigure, readSection } from '../../../survey/index.ts';
import { halvesInCar, reachable, SIDES } from './halvesInCar.ts';
import { type BendRoom, pulledFurther } from '../../shape/index.ts';
import { footCut } from '../footCut.ts';
import { type BodyRound, type HoopGeometry, type HoopResult } from '../geometry.ts';
import { type HalfPoint, type Halves, halvesOf, type HoopHalf } from './halves.ts';
import { hoopFeatures } from '../hoopFeatures.ts';
import { hoopFigures } from '../hoopFigures.ts';
import { leanOf, type LegPoint } from '../hoopShape.ts';

type OwnWay = Exclude<HoopWay, { kind: 'survey' }>;

/**
 * A hoop that comes about without a survey. It stands level, its centre mark on the car's centre line, as high as its longer leg needs;
 * tilted as told, or as the pillar was measured. The body round it is known as far as it was measured. room: of its bends.
 */
export function ownHoop(survey: Survey, hoop: MainHoop, way: OwnWay, room: BendRoom): HoopResult {
  const tilt = hoop.tilt?.deg ?? survey.measures.pillarTilt?.deg ?? 0;
  const halves = halvesOf(way, room, tilt);
  if (!halves.ok) return { none: { why: 'impossible', fault: halves.fault } };
  const stands = andThen(
    andThen(furtherPulled(halves.value, hoop, room), (bent) => shorten(bent, hoop)),
    reachable,
  );
  if (!stands.ok) return { none: { why: 'impossible', fault: stands.fault } };
  return { hoop: standing(stands.value, survey, hoop, way, tilt) };
}

/** A hoop that stands already with bends of its legs pulled further: the leg below swings in. */
function furtherPulled(halves: Halves, { existing, bentAgain }: MainHoop, room: BendRoom): Outcome<Halves> {
  if (!existing) return succeed(halves);
  return bentAgain.reduce<Outcome<Halves>>(
    (so, { feature, by }) =>
      andThen(so, (now) => {
        const side = feature.endsWith('-right') ? 'right' : 'left';
        const half = now[side];
        const corner = hoopFeatures(half.points.length - 1).indexOf(feature.replace(/-(left|right)$/, ''));
        if (corner < 0) return fail('no-feature', '', `the hoop has no bend "${feature}" to pull further`);
        return andThen(legAgain(half, corner, { feature, by: by.deg }, room), (bent) =>
          succeed({ ...now, [side]: bent }),
        );
      }),
    succeed(halves),
  );
}

function legAgain(
  half: HoopHalf,
  corner: number,
  { feature, by }: { feature: string; by: number },
  room: BendRoom,
): Outcome<HoopHalf> {
  // From the centre mark outward: the crown stays.
  const path = [{ ...itemAt(half.points, 0), out: 0 }, ...half.points].map(({ out, up, fore }): Vec3 => [
    out,
    up,
    fore,
  ]);
  const radius = (i: number) => half.bySample[i] ?? room.clrAt(feature, by) ?? room.clr;
  const next = corner + 1 < half.bySample.length ? radius(corner + 1) : null;
  return andThen(pulledFurther(path, corner + 1, by, { here: radius(corner), next }), (bent) =>
    succeed({
      ...half,
      points: bent.slice(1).map(([out, up, fore]): HalfPoint => ({ out, up, fore })),
    }),
  );
}

/** Each foot of a hoop that stands already cut back along its axis. */
const shorten = ({ left, right }: Halves, { existing, cut }: MainHoop): Outcome<Halves> =>
  !existing
    ? succeed({ left, right })
    : andThen(cutBack(left, cut.a.mm, 'left'), (left) =>
        andThen(cutBack(right, cut.b.mm, 'right'), (right) => succeed({ left, right })),
      );

function cutBack({ points, ...half }: HoopHalf, by: number, side: CarSide): Outcome<HoopHalf> {
  const [above, foot] = [itemAt(points, -2), itemAt(points, -1)];
  const length = Math.hypot(foot.out - above.out, foot.up - above.up, foot.fore - above.fore);
  if (by >= length)
    return fail(
      'cut-too-long',
      '',
      told`the ${side} leg has ${{ mm: length }} below its last bend: it cannot be cut back by ${{ mm: by }}`,
    );
  const at = (key: keyof HalfPoint) => foot[key] + ((above[key] - foot[key]) * by) / length;
  return succeed({
    ...half,
    points: [...points.slice(0, -1), { out: at('out'), up: at('up'), fore: at('fore') }],
  });
}

function standing(halves: Halves, survey: Survey, hoop: MainHoop, way: OwnWay, tilt: number): HoopGeometry {
  const { measures } = survey;
  const landings = { left: measures.landingLeft?.mm ?? 0, right: measures.landingRight?.mm ?? 0 };
  const slopes = { left: measures.floorSlopeLeft?.deg ?? 0, right: measures.floorSlopeRight?.deg ?? 0 };
  const footUp = (side: CarSide) => alongPlane(landings[side] + hoop.footLift.mm, tilt);
  const { crown, points, features, bySample } = halvesInCar(halves, footUp, tilt);
  return {
    points,
    features,
    radii: features.map(() => null),
    bySample,
    tilt,
    feet: SIDES.map((side) => {
      const [above, foot] = [itemAt(halves[side].points, -2), itemAt(halves[side].points, -1)];
      const turned = degrees(Math.atan2(foot.fore - above.fore, above.up - foot.up));
      const off = (crown + foot.up - footUp(side)) * Math.cos(radians(tilt));
      return { ...footCut(side, leanOf(foot, above), tilt + turned, slopes[side]), off };
    }),
    figures: figuresOf(halves, crown, hoop, way, tilt),
    body: bodyRound(survey, tilt),
    fromSurvey: null,
  };
}

function figuresOf(halves: Halves, crown: number, hoop: MainHoop, way: OwnWay, tilt: number) {
  const legs = { left: upLeg(halves.left, crown), right: upLeg(halves.right, crown) };
  const lift = itemAt(legs.left, 0).up * Math.cos(radians(tilt));
  const high = crown * Math.cos(radians(tilt));
  return hoopFigures({
    feet: { left: itemAt(legs.left, 0), right: itemAt(legs.right, 0) },
    crownHeight: lengthFigure(high, { mm: lift }, 'to the left foot +', { mm: high - lift }, 'its leg'),
    legs,
    od: hoop.tube.od.mm,
    tilt,
    crownSlope: 0,
    takenOff: way.kind === 'take-off' ? takenOffAngles(way, hoop) : null,
  });
}

/** The corners of a leg in the plane of the hoop, from the foot up. */
const upLeg = ({ points }: HoopHalf, crown: number): LegPoint[] =>
  [...points].reverse().map(({ out, up }) => ({ out, up: crown + up }));

/** The angles of a list, with what an old hoop is pulled further. */
function takenOffAngles({ left, right }: HoopWayOf<'take-off'>, { existing, bentAgain }: MainHoop): number[] {
  const further = (feature: string) =>
    bentAgain.reduce((sum, one) => (existing && one.feature === feature ? sum + one.by.deg : sum), 0);
  const angles = ({ rows }: TakeOffHalf, side: CarSide) =>
    hoopFeatures(rows.length).map((name, i) => itemAt(rows, i).angle.deg + further(`${name}-${side}`));
  return [...angles(left, 'left').reverse(), ...angles(right ?? left, 'right')];
}

/** The walls as they were taped: what they contradict is settled at Survey. */
function bodyRound(survey: Survey, tilt: number): BodyRound | null {
  const reading = readSection(survey);
  if ('missing' in reading) return null;
  const section = { ...reading.section, tilt };
  return { section, taped: section };
}
