import {
  type Corners,
  cornersOf,
  layOut,
  type Lra,
  pathFrom,
  type PathStart,
} from '../../centreline/index.ts';
import { fail, type Outcome, succeed } from '../../fault/index.ts';
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
  if (i < 0)
    return fail(
      'no-feature',
      '/bend',
      `the path has no bend ${bend}: ${countWords(corners.value.corners.length)}`,
    );
  if (i === 0 && made.rotation !== undefined)
    return fail(
      'first-rotation',
      '/made/rotation',
      'the first bend has no rotation: later ones turn from it',
    );
  const changed = remade(lra.value, i, made);
  if (!changed.ok) return changed;
  const { bends, tail } = changed.value;
  const points = pathFrom(startOf(corners.value), bends, tail);
  const planned = [
    corners.value.ends[0],
    ...corners.value.corners.map(({ at }) => at),
    corners.value.ends[1],
  ];
  return succeed({ points, off: points.map((at, k) => distance(at, itemAt(planned, k))) });
}

const countWords = (bends: number) =>
  bends === 0 ? 'it is straight' : `it has ${bends}, each named by its PI`;

/** Straights, turns and angles with one bend as it was made. */
export function remade(
  { bends, tail }: Lra,
  i: number,
  { angle, rotation, mark = 0 }: MadeBend,
): Outcome<Pick<Lra, 'bends' | 'tail'>> {
  const made = bends.map((bend, k) => ({
    ...bend,
    length: bend.length + (k === i ? mark : k === i + 1 ? -mark : 0),
    angle: k === i ? (angle ?? bend.angle) : bend.angle,
    rotation: k === i ? (rotation ?? bend.rotation) : bend.rotation,
  }));
  const last = i === bends.length - 1 ? tail - mark : tail;
  if ([last, ...made.map(({ length }) => length)].some((straight) => straight < -DECISION))
    return fail(
      'negative-straight',
      '/made/mark',
      'the bend lies farther off its place than the straight beside it is long',
    );
  return succeed({ bends: made, tail: last });
}

/** Where a path begins, and the plane of its first bend. The path has a bend. */
export function startOf({ ends, corners }: Corners): PathStart {
  const first = itemAt(corners, 0).at;
  const along = unit(subtract(first, ends[0]));
  return { at: ends[0], along, normal: unit(cross(along, subtract(corners[1]?.at ?? ends[1], first))) };
}
