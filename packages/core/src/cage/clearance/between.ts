import { nearestBetween, nearestOnPath } from '../../centreline/index.ts';
import { type Plan } from '../../plan/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { placeOf } from '../placing/place.ts';
import { type Tube } from '../tube.ts';
import { HELMET_RADIUS } from './keepOuts.ts';

/** The least distance between a tube and something else: where, between axes, and between surfaces. Car's frame, mm */
export interface Measured {
  line: [Vec3, Vec3];
  axes: number;
  surfaces: number;
}

/**
 * From a tube to another tube, a point of the car or a helmet, each by its id; null while one of the two is not chosen, or not there.
 */
export function measureBetween(plan: Plan, tubes: Tube[], from: string, to: string): Measured | null {
  const first = tubes.find((tube) => tube.piece === from);
  if (!first || to === '') return null;
  const second = tubes.find((tube) => tube.piece === to);
  if (second) {
    const near = nearestBetween(first.axis, second.axis);
    return {
      line: [near.first, near.second],
      axes: near.distance,
      surfaces: near.distance - (first.od + second.od) / 2,
    };
  }
  const place = ballOf(plan, to);
  if (!place) return null;
  const near = nearestOnPath(place.at, first.axis);
  const axes = distance(near, place.at);
  return { line: [near, place.at], axes, surfaces: axes - first.od / 2 - place.radius };
}

/** A point as a ball without a radius, a helmet as one below its top. */
function ballOf({ survey, occupants }: Plan, id: string): { at: Vec3; radius: number } | null {
  const point = survey.points.find((one) => one.id === id);
  if (point) return { at: placeOf(point.at), radius: 0 };
  const top = occupants.find((one) => one.id === id)?.helmetTop;
  if (!top) return null;
  const [x, y, z] = placeOf(top);
  return { at: [x, y, z - HELMET_RADIUS], radius: HELMET_RADIUS };
}
