export { type StrapInput, strapInput } from './input.ts';
export {
  aimedHeight,
  angleAt,
  type BarLine,
  brokenAt,
  type HeightAim,
  type HeightInterval,
  heightInterval,
  type Limit,
  offsetThatHelps,
  type SlotPlace,
  type StrapAttach,
  type StrapWindow,
} from './interval.ts';
export { slotPlaces } from './places.ts';
export { strapAngle } from './strap.ts';
