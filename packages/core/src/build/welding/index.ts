export {
  positionAt,
  positionsOf,
  type SeamPositions,
  turnedFlat,
  WELD_POSITIONS,
  type WeldPosition,
} from './positions.ts';
export { WELD_PROCESSES, type WeldProcedure, type WeldProcess, type WeldSample } from './procedure.ts';
export { lastSample, proceduresFor, standingOf, type WeldStanding } from './standing.ts';
export { weldedSeams, type WeldedSeam, weldTick } from './weldedSeams.ts';
