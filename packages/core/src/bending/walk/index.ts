export {
  type Bender,
  BENDER_KINDS,
  type BenderKind,
  type FrameBox,
  type Swing,
  SWINGS,
  type Wall,
  WALLS,
} from './bender.ts';
export { type Clearance, type Met } from './bodies.ts';
export {
  type BlockedPull,
  type Turn,
  type Walk,
  type Walked,
  walkInOrder,
  walkOrders,
  walkThrough,
} from './orders.ts';
export { blankPlaceIn, type Pose, poseOf, type Stage, type WalkBend, type WalkTube } from './pose.ts';
export { type Sweep, sweepOf } from './sweep.ts';
export {
  type Hindrance,
  type Nearest as NearestAtPull,
  type PullAsked,
  type WalkedPull,
  walkPull,
} from './pull.ts';
