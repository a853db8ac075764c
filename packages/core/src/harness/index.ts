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
  type StrapWindow,
} from './interval.ts';
export { type StrapAttach, strapAngle } from './strap.ts';
export { guidesOn, type HarnessAnswer, harnessAnswers, type StrapNow } from './harnessAnswer.ts';
export { hipPlaces, type LapAnswer, lapAnswers, OF_LAP, type LapVerdict, lapVerdict } from './lapAnswer.ts';
export {
  type BarStraps,
  keptWindows,
  OF_STRAPS,
  type StrapVerdict,
  strapsTo,
  strapVerdict,
} from './straps.ts';
