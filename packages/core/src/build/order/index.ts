export { canBeNext, faultsOf, howIn, movedTo, placesIn, type OrderFault } from './allowed.ts';
export { type BestOrder, bestOrder } from './bestOrder.ts';
export { neededBy } from './needed.ts';
export {
  type BuildProblem,
  CLOSED,
  PLACES,
  type SeamPart,
  type SeamPlace,
  type WorkPlace,
} from './problem.ts';
export { type BuildCost, compareCost, type Timeline, timelineOf, type Weld } from './timeline.ts';
