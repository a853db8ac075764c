export { type BentOffcut, bentOffcutsFor } from './bentOffcuts.ts';
export {
  type CutAsked,
  type CutGroup,
  type CutNeed,
  type CutPlan,
  cutPlanOf,
  type CutTotals,
  type PlannedStick,
  type StickFrom,
  sticksOf,
} from './cutPlan.ts';
export { cageCosts, type MemberCost, wholeCost } from './costs.ts';
export { massCentre, type MassCentre, middleOf } from './massCentre.ts';
export { type Need, needsOf, type NotYet, readOff } from './need.ts';
export { nest, nestInput, type Solver } from './nest/index.ts';
export { type RackBends, type RackTube } from './rack.ts';
export { spoiledPiece } from './spoiled.ts';
export { type Lost, type Provided, stillToCut } from './stillToCut.ts';
export { scrapRates, type ScrapRate, sparesFor } from './spares.ts';
