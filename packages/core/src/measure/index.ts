export { parseStrength, type Strength, strengthInBoth } from './strength.ts';
export { type Angle, degrees, halfTurned, parseAngle, radians, turned } from './angle.ts';
export {
  formatAngle,
  formatLength,
  formatWithUnit,
  INCHES,
  type LengthStyle,
  MILLIMETRES,
  type Rounded,
  roundLength,
} from './format.ts';
export { POUND } from './mass.ts';
export { finelyInDegrees, finelyWritten, inDegrees, millimetres, wholeMillimetres } from './written.ts';
export { inCar, isInCar } from './inCar.ts';
export { INCH, type Length, parseLength, type Unit, writtenLength } from './length.ts';
export { leastOver } from './leastOver.ts';
export {
  atLeast,
  CATALOGUE,
  COINCIDENT,
  decided,
  DECISION,
  FOLD,
  IN_LINE,
  LARGEST_IN_CAR,
  NOISE,
  PROTRACTOR_ERROR,
  STRAIGHT_ENOUGH,
  TAPE_ERROR,
} from './tolerances.ts';
export { assumed, isAssumed, isFigure, type Known, knownAs } from './known.ts';
export { fineFigure, fineLength, writeSaid } from './said.ts';
export { firstZero, halve, rootBetween } from './halve.ts';
export { type Interval, intervalsBelow } from './intervals.ts';
