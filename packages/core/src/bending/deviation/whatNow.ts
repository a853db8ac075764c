import {
  type Corners,
  cornersOf,
  layOut,
  type Lra,
  pathFrom,
  type PathStart,
} from '../../centreline/index.ts';
import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { DECISION } from '../../measure/index.ts';
import { cross, distance, subtract, unit, type Vec3 } from '../../space/index.ts';
import { type WhatNowInput } from './input.ts';

/** How a bend came out: what is left out is as planned. Degrees; mark: mm toward end B off its place. */
export type MadeBend = WhatNowInput['made'];

/** A part as it comes to lie, and how far each of its ends and PIs is from its place. mm */
export interface Deviation {
  points: Vec3[];
  off: number[];
}

/**
 * The part when one of its bends came out otherwise: all before that bend held, all behind it made as planned, every straight as long
 * as it was. A bend off its mark has the straight before it grow by what the one behind loses. Frame of the points, mm, degrees.
 */
export function whatNow(input: WhatNowInput): Outcome<Deviation> {
  const { bend, made } = input;
  const corners = cornersOf(input);
  if (!corners.ok) return corners;
  const lra = layOut(corners.value);
  if (!lra.ok) return lra;
  const i = corners.value.corners.findIndex(({ index }) => index === bend);
  if (i < 0) return noSuchBend(bend, corners.value);
  if (i === 0 && made.rotation !== undefined)
    return fail(
      'first-rotation',
      '/made/rotation',
      'the first bend has no rotation: later ones turn from it',
    );
  const fault = offTheStraights(lra.value, i, made.mark ?? 0);
  if (fault) return fault;
  const { bends, tail } = remade(lra.value, i, made);
  const points = pathFrom(startOf(corners.value), bends, tail);
  const planned = [
    corners.value.ends[0],
    ...corners.value.corners.map(({ at }) => at),
    corners.value.ends[1],
  ];
  return succeed({ points, off: points.map((at, k) => distance(at, itemAt(planned, k))) });
}

function noSuchBend(bend: number, { corners }: Corners) {
  const named = corners.map(({ index }) => index).join(', ');
  const right = corners.length === 0 ? 'it is straight' : `name one of ${named}`;
  return fail('no-feature', '/bend', `the path has no bend ${bend}: ${right}`);
}

/** Straights, turns and angles with one bend as it was made. A bend off its place has the straight before it grow. */
export function remade(
  { bends, tail }: Pick<Lra, 'bends' | 'tail'>,
  i: number,
  { angle, rotation, mark = 0 }: MadeBend,
): Pick<Lra, 'bends' | 'tail'> {
  const made = bends.map((bend, k) => ({
    ...bend,
    length: bend.length + (k === i ? mark : k === i + 1 ? -mark : 0),
    angle: k === i ? (angle ?? bend.angle) : bend.angle,
    rotation: k === i ? (rotation ?? bend.rotation) : bend.rotation,
  }));
  return { bends: made, tail: i === bends.length - 1 ? tail - mark : tail };
}

/** That a bend lies farther off its place than the straights beside it are long; null where it does not. */
export function offTheStraights({ bends, tail }: Pick<Lra, 'bends' | 'tail'>, i: number, mark: number) {
  const before = itemAt(bends, i).length;
  const behind = bends[i + 1]?.length ?? tail;
  if (mark >= -before - DECISION && mark <= behind + DECISION) return null;
  return fail(
    'negative-straight',
    '/made/mark',
    told`the bend cannot lie so far off its place: the straight before it is ${{ mm: before, fine: true }}, the one behind ${{ mm: behind, fine: true }}`,
  );
}

/** Where a path begins, and the plane of its first bend. The path has a bend. */
export function startOf({ ends, corners }: Corners): PathStart {
  const first = itemAt(corners, 0).at;
  const along = unit(subtract(first, ends[0]));
  return { at: ends[0], along, normal: unit(cross(along, subtract(corners[1]?.at ?? ends[1], first))) };
}
