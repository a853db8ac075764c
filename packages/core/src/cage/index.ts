export { type BendSheet, bendSheetOf, type BendStep, type SheetBend } from './sheet/bendSheet.ts';
export { type Drift, driftOf } from './sheet/drift.ts';
export { type BentTube, springbackGroups, type SpringbackGroup, testsDue } from './sheet/springbackGroups.ts';
export { releasedWidths, type ReleasedWidths } from './sheet/releasedWidths.ts';
export { type Roller, rollerIn } from './sheet/rollerIn.ts';
export { benderOf, machineOf, type NoWalk, walkAsked, type WalkAsked } from './sheet/walkTube.ts';
export { type Gap, gapsOf } from './hoop/gaps.ts';
export { type FootCut, type HoopGeometry, type HoopResult, type NoHoop } from './hoop/geometry.ts';
export { hoopFeatures } from './hoop/hoopFeatures.ts';
export { hoopFrom } from './hoop/hoop.ts';
export { measuresWanted } from './hoop/measuresWanted.ts';
export { type BesideSurvey, besideSurvey } from './hoop/besideSurvey.ts';
export { wayFrom } from './hoop/own/wayFrom.ts';
export { bendRoomOf } from './sheet/radius.ts';
export { type ChordShape, takenOff, type TakenOff } from './shape/index.ts';
export {
  besideEdge,
  fitTrace,
  fromPhoto,
  type PhotoPlace,
  type TracedPoint,
  type TracedShape,
  tracedShape,
  type TraceFit,
} from './trace/index.ts';
export { type HoopShape, type Leg, type ShapeProposal } from './hoop/hoopShape.ts';
export { type BendSetup, type SpringbackUsed, setupOf, testsFor } from './sheet/tooling.ts';
export { areApart, boxOf, rebent, type Tube, tubeOf } from './tube.ts';
export {
  type Needs,
  type NoPlace,
  type Proposed,
  proposeBar,
  USUAL_ORDER,
  waysOf,
  withPieces,
} from './propose/index.ts';
export { endFeatures } from './placing/station.ts';
export { type Joint } from './placing/joint.ts';
export { mirroredAttachment, mirroredFeature, mirroredShape } from './placing/mirror.ts';
export { allBelow, byDependence, referencesOf, standsOn, wouldLoop } from './placing/order.ts';
export { type Cage, isExisting, resolveCage, type ResolvedMember, type ResolvedPiece } from './resolve.ts';
export { type Collision, collisionsOf } from './clearance/collisions.ts';
export { type AlongBody, alongBody, type GapAlong, type TurnToTouch } from './clearance/alongBody.ts';
export { radiusRoom, type RadiusRoom } from './clearance/radiusRoom.ts';
export { type MidDoor, midDoor } from './clearance/midDoor.ts';
export { type UnbracedBend, unbracedBends } from './clearance/bracing.ts';
export { placeOf } from './placing/place.ts';
export { type Measured, measureBetween } from './clearance/between.ts';
export { recommendedRole } from './propose/nextRole.ts';
export { freshBend, freshShape } from './shape/freshShape.ts';
export {
  HELMET_RADIUS,
  helmetGap,
  type KeepOutGap,
  keepOutGaps,
  offKeepOut,
  type ZoneGap,
  zoneGaps,
} from './clearance/keepOuts.ts';
export { type GussetAnswer, gussetsOf, type GussetShape } from './fittings/gussets.ts';
export { type Loop, loopsOf } from './clearance/loops.ts';
export { type Node, nodesOf } from './clearance/nodes.ts';
export { type PanelHole, panelHolesOf } from './clearance/panelHoles.ts';
export { type PartAnswer, partsOf } from './fittings/parts.ts';
export { barPanel } from './fittings/barPanel.ts';
export { type BarPanel, type PanelTab } from './fittings/partShape.ts';
export { type PartShape } from './fittings/partShape.ts';
export { type PartFigure } from './fittings/partShape.ts';
export { type PlateAnswer, platesOf } from './fittings/plates.ts';
export { type OutOfLine, outOfLine } from './clearance/outOfLine.ts';
export { type Symmetry, symmetryOf } from './clearance/symmetry.ts';
export { type BentLengths } from './cuts/bentLengths.ts';
export { type Copes, copesOf, cutEndsOf, type CutLengths } from './cuts/copes.ts';
export { straightCutsOf } from './cuts/straightCuts.ts';
export { type CopeSetting } from './cuts/copeSetting.ts';
export { type CopeMethod, type CutEnd, cutMark, type End, type EndCut, slants } from './cuts/endCut.ts';
export { type SeamAnswer } from './cuts/seams.ts';
export { type Other, type SeamReach } from './cuts/torch.ts';
export { cornerAt, type SeamCorner } from './cuts/nozzle.ts';
export { type Moved, NO_WAY, type TorchPlace, torchPlaces } from './cuts/torchWays.ts';
export { bodySides } from './clearance/bodySides.ts';
export { type Roof, dropToClear, roofOf } from './clearance/roof.ts';
export { type Ears, earsOf, type TapeHook, tapeHook } from './cuts/tapeHook.ts';
