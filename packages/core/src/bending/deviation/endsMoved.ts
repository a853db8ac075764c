import { pathFrom } from '../../centreline/index.ts';
import { itemAt } from '../../items/index.ts';
import { distance } from '../../space/index.ts';
import { type MarkedBlank } from '../marks.ts';
import { remade, startOf } from './whatNow.ts';

/** What a bend that comes out otherwise does to the ends of its tube. mm */
export interface EndsMoved {
  /** How far end B is off its place, with all before the bend held. */
  far: number;
  /** How much farther apart both ends stand; less than nothing: nearer. */
  apart: number;
}

/** Both ends, when a bend of the marked blank comes out by `off` degrees over its angle. */
export function endsMoved(
  { corners, lra }: Pick<MarkedBlank, 'corners' | 'lra'>,
  bend: number,
  off: number,
): EndsMoved {
  const i = corners.corners.findIndex(({ index }) => index === bend);
  const made = remade(lra, i, { angle: itemAt(lra.bends, i).angle + off });
  const end = itemAt(pathFrom(startOf(corners), made.bends, made.tail), -1);
  const [a, b] = corners.ends;
  return { far: distance(end, b), apart: distance(a, end) - distance(a, b) };
}
