export { builtHoop } from './accepted.ts';
export { type FeetCorrection, feetCorrection, twistCorrection } from './correction.ts';
export {
  type BuiltDeviation,
  deviationsOf,
  evenAndTwisted,
  hoopRacked,
  type BuiltReading,
  type Racked,
} from './deviation.ts';
export { type AsBuiltPoint } from './point.ts';
export { type Moment, MOMENTS, pointsAt } from './points.ts';
export { hoopPoints } from './hoopPoints.ts';
export { springForce, squaredHeights } from './spring.ts';
