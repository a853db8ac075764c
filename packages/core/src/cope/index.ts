export { clockingBetween } from './clocking.ts';
export { setbackAt } from './cuts.ts';
export { footCut, type FootSaw, footCutFrom, footCutInput } from './footCut.ts';
export { copeFrom, copeInput } from './input.ts';
export { type PlaneCut, planeCut } from './plane.ts';
export { type WeldPrep, weldPrep } from './prep.ts';
export { type Cope, copeOf, type CopeTube, endPoint } from './profile.ts';
export { beyondNotcher, type NotcherLimits, type Saw, type SawPass } from './saw.ts';
export { coveredBy, leastGap, lengthWhere, type Seam, seamOf } from './seam.ts';
export { nearestAlong, openEnd, type Shell, type ShellEnd, tubeShell } from './shell.ts';
export { directionNearest, outside, type SweptTube, sweptTube } from './swept.ts';
export {
  chopCut,
  pushedHome,
  type StraightCut,
  type StraightCuts,
  straightSetback,
  twoCuts,
} from './twoCuts.ts';
