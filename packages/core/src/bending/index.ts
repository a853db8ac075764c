export { type Datum, DATUMS, fromDatum, MARK_REFERENCES, type MarkReference, type Side } from './datum.ts';
export { finishedRadius, tapeOnRadius, type TestPiece } from './finishedRadius.ts';
export {
  type BendTooling,
  markBlank,
  type MarkedBend,
  type MarkedBlank,
  type Marks,
  marksOf,
  type PlacedBend,
} from './marks.ts';
export { type Pull, pullFor } from './pull.ts';
export { type Springback, springbackFrom } from './springback.ts';
export { bendClashes, type Clash, type MachineNeeds, stickClashes } from './clashes.ts';
export { type Dial, dialFor } from './dial.ts';
export { straightsBeside } from './straights.ts';
export { type TubeUsed, tubeUsedAt } from './tubeUsed.ts';
export { takeOff, type TakeOffLine, type TakeOffStep } from './takeOff.ts';
export { elasticShare } from './theory.ts';
export {
  type MarkInput,
  markInput,
  type SpringbackModel,
  type SpringbackInput,
  springbackInput,
  type TestBend,
} from './input.ts';
export {
  acrossPairs,
  asPulled,
  causesOf,
  type Correction,
  correctionOf,
  type Deviation,
  endsMoved,
  type EndsMoved,
  type Errors,
  type MadeBend,
  type MeasuredBend,
  type Pair,
  type PulledOtherwise,
  radiusInput,
  type Scatter,
  scatterInput,
  type ScatterInput,
  scatterOf,
  shareWithin,
  spansOf,
  type Spread,
  spreadOf,
  startOf,
  whatNow,
  whatNowInput,
  type WhatNowInput,
  widthsOf,
  widthsWhen,
  type AddedBend,
  type AddedBendInput,
  bendAdded,
  copeTurned,
  normalFrom,
} from './deviation/index.ts';
export {
  type Bender,
  BENDER_KINDS,
  type BenderKind,
  blankPlaceIn,
  type BlockedPull,
  type Clearance,
  type FrameBox,
  type Hindrance,
  type Met,
  type NearestAtPull,
  type Pose,
  poseOf,
  type PullAsked,
  type Stage,
  type Swing,
  SWINGS,
  type Turn,
  type Walk,
  type WalkBend,
  type Walked,
  type Sweep,
  sweepOf,
  type WalkedPull,
  walkInOrder,
  walkOrders,
  walkPull,
  walkThrough,
  type WalkTube,
  type Wall,
  WALLS,
} from './walk/index.ts';
export {
  type BendOff,
  bendsOff,
  type HandMadeBend,
  hiddenBender,
  type HiddenBender,
  isUsable,
  partMade,
  type PartMade,
  releasedBy,
} from './practice/index.ts';
export {
  type ErrorMade,
  errorsMade,
  outliersIn,
  releasedInterval,
  testLine,
  type TestLine,
  testPiecePlan,
  type TestPiecePlan,
  trueOffset,
} from './learned/index.ts';
export { radiusOfRise, riseOver, type Roll, rollOf } from './roll.ts';
export { barOf, type BentFit, byBends, fitsOf, nearBy, type TubeByBends } from './bent/index.ts';
