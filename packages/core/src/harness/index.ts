export { type Alternative, alternativesFor, type OffsetRange, offsetRange } from './alternatives.ts';
export { type HipPlace, lapAngle, type LapInterval, lapInterval } from './lap.ts';
export { longestSpan, type Span } from './span.ts';
export { legRoom, type StrapRun, strapRuns, type WorstSpread, worstSpread } from './spread.ts';
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
export { AS_MEASURED, carried, carriedByBack, type SeatPose, seatPoses, slotPlaces } from './places.ts';
export { strapAngle } from './strap.ts';
