export { barOf, byBends, type TubeByBends } from './byBends.ts';
export { type BentFit, fitsOf, nearBy } from './fits.ts';
