import { leastOver } from '../../measure/index.ts';
import { kept, keptPair } from '../../kept/index.ts';
import { distanceToPath, lengthOf, pointOn } from '../../centreline/index.ts';
import { type Plan, type Survey } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { placeOf } from '../placing/place.ts';
import { areApart, type Box, boxOf, type Tube } from '../tube.ts';

/** How near a tube's surface comes to a keep-out. mm */
export interface KeepOutGap {
  keepOut: string;
  name: string;
  tube: Tube;
  gap: number;
  clearance: number;
}

/** How near a tube's surface comes to a measured point of the body that has a gap school. mm */
export interface ZoneGap {
  point: string;
  name: string;
  zone: Survey['gaps'][number]['zone'];
  school: Survey['gaps'][number]['school'];
  wanted: number;
  tube: Tube;
  gap: number;
}

/** Every tube that comes nearer to a keep-out than its clearance. */
export function keepOutGaps({ survey }: Plan, tubes: Tube[]): KeepOutGap[] {
  return survey.keepOuts.flatMap((box) => {
    const corners = cornersOf(box);
    return tubes.flatMap((tube): KeepOutGap[] => {
      const { id, name, clearance } = box;
      if (areApart(boxOf(tube), corners, tube.od / 2 + clearance.mm)) return [];
      const gap = toBox(corners, tube) - tube.od / 2;
      return gap < clearance.mm ? [{ keepOut: id, name, tube, gap, clearance: clearance.mm }] : [];
    });
  });
}

const cornersOf = kept(({ from, to }: Survey['keepOuts'][number]): Box =>
  boxOf({ points: [placeOf(from), placeOf(to)] }),
);

/** From a place to a box; 0 inside of it. mm */
function offBox([low, high]: Box, at: Vec3): number {
  const beyond = (axis: 0 | 1 | 2) => Math.max(low[axis] - at[axis], at[axis] - high[axis], 0);
  return Math.hypot(beyond(0), beyond(1), beyond(2));
}

/** From a place to a keep-out; 0 inside of it. mm */
export const offKeepOut = (keepOut: Survey['keepOuts'][number], at: Vec3): number =>
  offBox(cornersOf(keepOut), at);

/** Least distance from a tube's axis to a box. mm */
const toBox = keptPair(
  (box: Box, { axis }: Tube): number =>
    leastOver(lengthOf(axis), (along) => offBox(box, pointOn(axis, along))).least,
);

/** The nearest tube to each measured point of a zone with a school. */
export function zoneGaps({ survey }: Plan, tubes: Tube[]): ZoneGap[] {
  return survey.points.flatMap(({ id, name, at, zone }): ZoneGap[] => {
    const rule = survey.gaps.find((one) => one.zone === zone);
    if (!rule || zone === null || tubes.length === 0) return [];
    const nearest = tubes
      .map((tube) => ({ tube, gap: gapToPoint(at, tube) }))
      .reduce((best, one) => (one.gap < best.gap ? one : best));
    return [{ point: id, name, zone, school: rule.school, wanted: rule.gap.mm, ...nearest }];
  });
}

const gapToPoint = keptPair(
  (at: Survey['points'][number]['at'], tube: Tube): number =>
    distanceToPath(placeOf(at), tube.axis) - tube.od / 2,
);

/** A helmet as a ball below its measured top. mm, common practice */
export const HELMET_RADIUS = 140;

/** From a helmet, by its top, to a tube's surface; negative where they run into each other. mm */
export const helmetGap = ([x, y, z]: Vec3, tube: Tube): number =>
  distanceToPath([x, y, z - HELMET_RADIUS], tube.axis) - HELMET_RADIUS - tube.od / 2;
