export * from './order/index.ts';
export { type BuildAnswer, buildAnswerOf, type BuiltTube, type ReachCompared } from './buildAnswer.ts';
export { type BentAgain } from './steps/bentAgain.ts';
export { beforeFitting, type BeforeFitting, CLEANED_BACK, VENT_HOLE } from './beforeFitting.ts';
export { type NearSeam } from './steps/nearSeams.ts';
export { type LowerHoop } from './room/lowerHoop.ts';
export { type PaintStretch } from './steps/paint.ts';
export {
  type BuildStep,
  type StepPlace,
  type StepWork,
  type Tacked,
  type WayTold,
  type Welded,
} from './steps/step.ts';
export { type TackMark } from './steps/tacks.ts';
export { type Vent } from './steps/vents.ts';
export * from './welding/index.ts';
export {
  sizeOf,
  STEP_KINDS,
  type StepKind,
  type TimeExpected,
  timeLeft,
  timeOf,
  type TimeTaken,
} from './hours.ts';
export {
  type BuildEntry,
  isDone,
  type CageReading,
  readIn,
  type Ticked,
  tickedIn,
  timesOf,
} from './ticked.ts';
