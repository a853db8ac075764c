import { distance, type Vec3 } from '../space/index.ts';
import { contactsOf, type Cope } from './profile.ts';
import { outside, type SweptTube } from './swept.ts';

/** The footprint of a cope on what it sits on: the line that its outer edge draws there, and the weld's seam follows. */
export interface Seam {
  /** Places at even steps round the branch, closed; null where the branch passes its header. */
  line: (Vec3 | null)[];
  /** mm */
  length: number;
  /** The widest step between two of its places. mm */
  widest: number;
}

/** radius: of the branch's outside, mm. */
export function seamOf(cope: Cope, radius: number): Seam {
  const line = contactsOf(cope.branch, radius, cope.outer);
  let widest = 0;
  const length = lengthAlong(line, (from, to) => {
    widest = Math.max(widest, distance(from, to));
    return true;
  });
  return { line, length, widest };
}

/** How much of a seam lies where something is so, looked at in the middle of each of its steps. mm */
export const lengthWhere = ({ line }: Seam, isSo: (at: Vec3) => boolean): number =>
  lengthAlong(line, (from, to) =>
    isSo([(from[0] + to[0]) / 2, (from[1] + to[1]) / 2, (from[2] + to[2]) / 2]),
  );

/** How much of a seam lies within another tube: it has to be welded before that tube goes on. mm */
export const coveredBy = (seam: Seam, tube: SweptTube): number =>
  lengthWhere(seam, ([x, y, z]) => outside(tube, x, y, z) < 0);

/**
 * The least way from a seam to another tube's surface, negative within it. mm
 * within: gaps wider than this need no exact answer; what is given then is somewhere beyond it.
 */
export function leastGap({ line, widest }: Seam, tube: SweptTube, within: number): number {
  let least = Infinity;
  for (let i = 0; i < line.length;) {
    const at = line[i];
    const gap = at ? outside(tube, at[0], at[1], at[2]) : Infinity;
    if (gap < least) least = gap;
    // The gap changes by no more than the way along the seam.
    const spare = gap < Infinity ? gap - Math.min(least, within) : 0;
    i += Math.max(1, Math.floor(spare / widest));
  }
  return least;
}

function lengthAlong(line: (Vec3 | null)[], counts: (from: Vec3, to: Vec3) => boolean): number {
  let sum = 0;
  for (const [i, from] of line.entries()) {
    const to = line[(i + 1) % line.length];
    if (from && to && counts(from, to)) sum += distance(from, to);
  }
  return sum;
}
