export { type BendSheet, bendSheetOf, type BendStep, type SheetBend } from './bendSheet.ts';
export { type Drift, driftOf } from './drift.ts';
export { type Gap, gapsOf } from './gaps.ts';
export { type FootCut, type HoopGeometry, type HoopResult, hoopFrom, type NoHoop } from './hoop.ts';
export { type HoopShape, type Leg, type ShapeProposal } from './hoopShape.ts';
export { type BendSetup, type SchoolUsed, setupOf, testsFor } from './tooling.ts';
export { areApart, boxOf, type Tube, tubeOf } from './tube.ts';
export {
  type Needs,
  type NoPlace,
  type Proposed,
  proposeBar,
  USUAL_ORDER,
  waysOf,
  withPieces,
} from './propose/index.ts';
export { endFeatures } from './station.ts';
export { type Joint } from './joint.ts';
export { mirroredAttachment, mirroredFeature, mirroredShape } from './mirror.ts';
export { allBelow, byDependence, referencesOf, standsOn, wouldLoop } from './order.ts';
export { type Cage, isExisting, resolveCage, type ResolvedMember, type ResolvedPiece } from './resolve.ts';
export {
  type Collision,
  collisionsOf,
  type MidDoor,
  midDoor,
  type UnbracedBend,
  unbracedBends,
} from './bracing.ts';
export { placeOf } from './place.ts';
export { HELMET_RADIUS, helmetGap, type KeepOutGap, keepOutGaps, type ZoneGap, zoneGaps } from './clear.ts';
export { type GussetAnswer, gussetsOf, type GussetShape } from './gussets.ts';
export { type Loop, loopsOf } from './loops.ts';
export { type Node, nodesOf } from './nodes.ts';
export { type PanelHole, panelHolesOf } from './panelHoles.ts';
export { type PartAnswer, type PartFigure, partsOf, type PartShape } from './parts.ts';
export { type PlateAnswer, platesOf } from './plates.ts';
export { type OutOfLine, outOfLine } from './outOfLine.ts';
export { type Symmetry, symmetryOf } from './symmetry.ts';
export { type BentLengths } from './bentLengths.ts';
export { type Copes, copesOf, type CutLengths } from './copes.ts';
export { type CopeMethod, cutMark, type EndCut } from './endCut.ts';
export { type SeamAnswer } from './seams.ts';
export { type SeamReach } from './torch.ts';
export { type Ears, earsOf, type TapeHook, tapeHook } from './tapeHook.ts';
