import { kept } from '../../kept/index.ts';
import { directionAt, lengthOf } from '../../centreline/index.ts';
import { endPoint, footCut, planeCut } from '../../cope/index.ts';
import { scale, unit, type Vec3 } from '../../space/index.ts';
import { floorUnder } from '../../survey/index.ts';
import { type End, type EndCut } from './endCut.ts';
import { type PlateAnswer } from '../fittings/plates.ts';
import { type Tube } from '../tube.ts';
import { uncut, type WhichEnd, GENERATORS, type CopeSetting } from './copeSetting.ts';

/** A foot is cut as its plate lies, or the floor where it has none; square where it runs along that. */
export function toPlane(tube: Tube, end: End, which: WhichEnd, normal: Vec3): EndCut {
  const { toPlate, cut, foot } = PLANE[end](tube, ...normal);
  if (!cut) return uncut(which, 'it has no direction to be cut square to');
  return {
    ...which,
    method: toPlate ? 'plane' : 'square',
    why: null,
    outer: cut.outer,
    inner: cut.inner,
    face: cut.face,
    foot,
    passes: [],
    ear: Math.min(...cut.outer),
    throat: Math.max(...cut.outer),
    prep: null,
  };
}

/** The cut of an end to a plane, given by its normal; square where it runs along that. */
const planeAt = (end: End) =>
  kept((tube: Tube, ...normal: [number, number, number]) => {
    const direction = directionAt(tube.axis, end === 'a' ? 0 : lengthOf(tube.axis));
    const into: Vec3 = end === 'a' ? direction : scale(direction, -1);
    const toPlate = planeCut(tube.od, tube.wall, into, normal, GENERATORS);
    const point = endPoint(tube.axis, end);
    const foot = toPlate && footCut({ od: tube.od, axis: tube.axis, end, point, normal: unit(normal) });
    return {
      foot: foot?.ok ? foot.value : null,
      toPlate,
      cut: toPlate ?? planeCut(tube.od, tube.wall, into, into, GENERATORS),
    };
  });

const PLANE = { a: planeAt('a'), b: planeAt('b') };

const LEVEL: Vec3 = [0, 0, 1];

/** What a foot without a plate stands on: the main hoop's on the floor as it was measured, any other on one that is level. */
export const groundUnder = ({ role }: Tube, end: End, { plan }: Pick<CopeSetting, 'plan'>): Vec3 =>
  role === 'main-hoop' ? floorUnder(plan.survey, end === 'a' ? 'left' : 'right') : LEVEL;

/** The plate that an end stands on, by the plan. */
export function plateUnder(tube: Tube, end: End, { plan, plates, sides }: CopeSetting): PlateAnswer | null {
  const found = plan.plates.find(
    ({ under }) =>
      under?.member === tube.member &&
      under.end === end &&
      (under.side === undefined || under.side === sides.get(tube.piece)),
  );
  return plates.find(({ plate }) => plate === found?.id) ?? null;
}
