export {
  bendAngle,
  clrInput,
  type LraInput,
  lraInput,
  pointsInput,
  type XyzInput,
  xyzInput,
} from './input.ts';
export {
  type Bend,
  type Corner,
  type Corners,
  cornersOf,
  developedLength,
  layOut,
  type Lra,
  lraOf,
  wrapped,
} from './lra.ts';
export { type Nearest, nearestBetween } from './between.ts';
export { distanceToPath, nearestOnPath } from './distance.ts';
export { mirrored, reversed } from './mirror.ts';
export {
  crossingsOf,
  directionAt,
  firstCrossing,
  highestOf,
  placeAcross,
  lengthOf,
  pointAt,
  pointOn,
} from './place.ts';
export { arcsIn, type Piece, piecesOf, polylineOf, straightAxis } from './path.ts';
export { AT_ORIGIN, pathFrom, type PathStart, type PulledBend } from './pathFrom.ts';
export { arcOf, setbackOf, straightOf } from './setback.ts';
export { pointsOf } from './xyz.ts';
