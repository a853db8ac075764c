export { type StrapInput, strapInput } from './input.ts';
export { strapAngle } from './strap.ts';
