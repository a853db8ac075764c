export { barOf, byBends, type TubeByBends } from './byBends.ts';
export { type BentFit, type BentTolerance, fitsOf, nearBy } from './fits.ts';
