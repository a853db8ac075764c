export { type BendAlong, byBends, type TubeByBends, fromEndB } from './byBends.ts';
export { type BentFit, type BentTolerance, fitsOf } from './fits.ts';
