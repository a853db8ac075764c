export { type Datum, DATUMS, fromDatum, MARK_REFERENCES, type MarkReference, type Side } from './datum.ts';
export { finishedRadius, type TestPiece } from './finishedRadius.ts';
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
export { type Clash, clashesOf, type MachineNeeds, straightsBeside } from './clashes.ts';
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
  type Deviation,
  type Errors,
  type MadeBend,
  radiusInput,
  type Scatter,
  scatterInput,
  type ScatterInput,
  scatterOf,
  spansOf,
  whatNow,
  whatNowInput,
  type WhatNowInput,
} from './deviation/index.ts';
