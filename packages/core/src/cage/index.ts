export { type BendSheet, bendSheetOf, type BendStep, type SheetBend } from './bendSheet.ts';
export { type Drift, driftOf } from './drift.ts';
export { type Gap, gapsOf } from './gaps.ts';
export { type FootCut, type HoopGeometry, type HoopResult, hoopFrom, type NoHoop } from './hoop.ts';
export { type HoopShape, type Leg, type ShapeProposal } from './hoopShape.ts';
export { type BendSetup, type SchoolUsed, setupOf, testsFor } from './tooling.ts';
export { type Tube, tubeOf } from './tube.ts';
