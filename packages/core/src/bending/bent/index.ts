export { byBends, type TubeByBends } from './byBends.ts';
export { type BentFit, type BentTolerance, fitsOf } from './fits.ts';
