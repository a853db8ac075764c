import { arcsIn, nearestOnPath } from '../../centreline/index.ts';
import { type BarRole, type Role } from '../../plan/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { type GussetAnswer } from '../fittings/gussets.ts';
import { type Joint } from '../placing/joint.ts';
import { type Tube } from '../tube.ts';

/** Bars that take a hit end-on: a bend in one is a hinge under load (handbook §7). */
const END_ON: readonly Role[] = [
  'backstay',
  'diagonal',
  'rear-diagonal',
  'roof-diagonal',
  'door-bar',
  'sill-bar',
  'rear-cross',
  'strut',
  'spreader',
] satisfies BarRole[];

/** A tube that meets a bend nearer than this to its arc braces it. mm; within the bead of common tube */
const AT_THE_BEND = 60;

/** A bend with nothing to hold it in a bar that takes a hit end-on. */
export interface UnbracedBend {
  tube: Tube;
  feature: string;
  angle: number;
}

/** Bends of bars that take a hit end-on, where neither a tube nor a gusset meets them. */
export function unbracedBends(tubes: Tube[], joints: Joint[], gussets: GussetAnswer[]): UnbracedBend[] {
  return tubes
    .filter((tube) => END_ON.includes(tube.role))
    .flatMap((tube) =>
      arcsIn(tube.axis).flatMap((arc, i): UnbracedBend[] => {
        const near = (at: Vec3) => distance(at, nearestOnPath(at, [arc])) < AT_THE_BEND + tube.od / 2;
        const braced =
          joints.some(({ header, at }) => header === tube.piece && near(at)) ||
          gussets.some(({ shape }) => shape.ok && shape.value.corners.some(near));
        return braced ? [] : [{ tube, feature: tube.features[i] ?? '', angle: arc.angle }];
      }),
    );
}
