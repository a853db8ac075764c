export { clockingOf } from './clocking.ts';
export { copeFrom, copeInput } from './input.ts';
export { type PlaneCut, planeCut } from './plane.ts';
export { type WeldPrep, weldPrep } from './prep.ts';
export { type Cope, copeOf, type CopeTube, endPoint } from './profile.ts';
export { beyondNotcher, type NotcherLimits, type Saw, type SawPass } from './saw.ts';
export { coveredBy, leastGap, type Seam, seamOf } from './seam.ts';
export { directionNearest, type SweptTube, sweptTube } from './swept.ts';
export { chopCut, pushedHome, type StraightCut, type StraightCuts, twoCuts } from './twoCuts.ts';
