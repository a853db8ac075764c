import { itemAt } from '../../items/index.ts';
import { nearestOnPath, type Piece } from '../../centreline/index.ts';
import { type CarSide } from '../../plan/index.ts';
import { distance, dot, subtract, type Vec3 } from '../../space/index.ts';
import { type HoopGeometry } from './geometry.ts';

/** Least distance between the tube's surface and a measured place of the body; negative: the tube is in the body. mm */
export interface Gap {
  place: 'floor' | 'lean' | 'roof' | 'corner' | 'headliner';
  side: CarSide | null;
  /** Car's frame, on the hoop's plane. */
  at: Vec3;
  gap: number;
}

/**
 * Gaps from the tube's surface to the places of the body that were measured: with what was settled of contradictions, or as the
 * tape had them.
 */
export function gapsOf(
  hoop: HoopGeometry,
  pieces: Piece[],
  od: number,
  which: 'section' | 'taped' = 'section',
): Gap[] {
  if (!hoop.body) return [];
  const section = hoop.body[which];
  const slant = Math.tan((hoop.tilt * Math.PI) / 180);
  const place = (y: number, z: number): Vec3 => [-z * slant + 0, y, z];
  const crown = hoop.figures.crownHeight.value;
  const gap = (name: Gap['place'], side: CarSide | null, at: Vec3): Gap => ({
    place: name,
    side,
    at,
    gap: insideOf(at, outwardAt(name, side), nearestOnPath(at, pieces)) - od / 2,
  });
  const ofSide = (side: CarSide, sign: 1 | -1): Gap[] => {
    const wall = section[side];
    const foot = itemAt(hoop.points, side === 'left' ? 0 : hoop.points.length - 1);
    const gaps = [gap('floor', side, [foot[0], sign * wall.floor, foot[2]])];
    if (wall.lean !== null && section.leanHeight !== null)
      gaps.push(gap('lean', side, place(sign * wall.lean, section.leanHeight)));
    gaps.push(gap('roof', side, place(sign * wall.roof, crown)));
    return gaps;
  };
  return [...ofSide('left', 1), ...ofSide('right', -1), gap('headliner', null, place(0, section.headliner))];
}

/** Which way the body lies from the inside, at a place of it. */
function outwardAt(place: Gap['place'], side: CarSide | null): Vec3 {
  const out = side === null ? 0 : side === 'left' ? 1 : -1;
  return [0, out, place === 'roof' || place === 'headliner' ? 1 : 0];
}

/** How far an axis stays inside of a place of the body; less than nothing: its nearest point lies outside. mm */
function insideOf(at: Vec3, outward: Vec3, nearest: Vec3): number {
  const away = distance(at, nearest);
  return dot(outward, subtract(nearest, at)) > 0 ? -away : away;
}
