export { type FeetCorrection, feetCorrection, twistCorrection } from './correction.ts';
export {
  type BuiltDeviation,
  deviationsOf,
  evenAndTwisted,
  type BuiltReading,
  rackedBy,
} from './deviation.ts';
export { type AsBuiltPoint } from './point.ts';
export { type Moment, MOMENTS, pointsAt } from './points.ts';
export { crownBends, hoopPoints } from './hoopPoints.ts';
export { springForce, squaredHeights } from './spring.ts';
