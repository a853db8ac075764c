export { releasedInterval, testLine, type TestLine } from './line.ts';
export { type ErrorMade, errorsMade } from './errorsMade.ts';
export { outliersIn } from './outliers.ts';
export { testPiecePlan, type TestPiecePlan, trueOffset } from './testPiece.ts';
