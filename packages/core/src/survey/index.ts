export {
  alongPlane,
  type AxisSection,
  axisSection,
  type AxisSide,
  type TakeOffs,
  withinTighterSide,
} from './axis.ts';
export { type Contradiction, contradictions, type MeasuringError, sectionWithout } from './contradiction.ts';
export { angleFigure, type Figure, lengthFigure, sum } from './figure.ts';
export { type Quantity, numberOf, valueOf } from './quantity.ts';
export { inUnit, takenTwice, type TakenTwice } from './twice.ts';
export { halfOf, withHalves } from './wholeWidth.ts';
export { floorNormal, floorUnder } from './floor.ts';
export {
  asymmetry,
  type MeasuredSection,
  missingMeasures,
  readSection,
  type SectionReading,
  type WallSide,
} from './section.ts';
