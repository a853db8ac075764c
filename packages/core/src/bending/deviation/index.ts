export { asPulled, type PulledOtherwise } from './asPulled.ts';
export { bendAdded, copeTurned, type AddedBend, type AddedBendInput } from './addedBend.ts';
export { type Correction, correctionOf, type MeasuredBend } from './correction.ts';
export { endsMoved, type EndsMoved } from './endsMoved.ts';
export { radiusInput, scatterInput, type ScatterInput, whatNowInput, type WhatNowInput } from './input.ts';
export { type Errors, normalFrom } from './chance.ts';
export { type Scatter, scatterOf, spansOf } from './scatter.ts';
export { type Deviation, type MadeBend, startOf, whatNow } from './whatNow.ts';
export {
  acrossPairs,
  causesOf,
  type Pair,
  shareWithin,
  type Spread,
  spreadOf,
  widthsOf,
  widthsWhen,
} from './widths.ts';
