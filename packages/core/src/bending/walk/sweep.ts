import { lengthOf, pointOn } from '../../centreline/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type Bender } from './bender.ts';
import { poseOf, type WalkTube } from './pose.ts';
import { type PullAsked } from './pull.ts';

/**
 * What a pull sweeps through on both sides of the die: rows of the tube's axis from the bare tube to the full reading, each with as many places
 * from the die outward. Machine's frame, mm
 */
export interface Sweep {
  ahead: Vec3[][];
  behind: Vec3[][];
  /** Square to the plane that the tube is bent in. */
  normal: Vec3;
}

/** A row for at most so many degrees of the dial, and a place for so much of the tube: finer than the eye sees. Degrees, mm */
const ROW = 4;
const PLACE = 60;

/** The room that a tube takes while a bend of it is pulled. */
export function sweepOf(tube: WalkTube, bender: Bender, pull: PullAsked): Sweep {
  const reading = tube.bends.find(({ number }) => number === pull.bend)?.reading ?? 0;
  const rows = Math.max(1, Math.ceil(reading / ROW));
  const places = Math.max(2, Math.ceil(tube.blank / PLACE));
  const poses = Array.from({ length: rows + 1 }, (_, i) =>
    poseOf(tube, bender, pull, { at: 'pull', dial: (reading * i) / rows }),
  );
  const along = (side: 'ahead' | 'behind') =>
    poses.map((pose) =>
      Array.from({ length: places + 1 }, (_, i) => pointOn(pose[side], (lengthOf(pose[side]) * i) / places)),
    );
  return { ahead: along('ahead'), behind: along('behind'), normal: poses[0]?.normal ?? [0, 0, 1] };
}
