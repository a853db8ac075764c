export { clrInput, type LraInput, lraInput, pointsInput, type XyzInput, xyzInput } from './input.ts';
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
export { distanceToPath } from './distance.ts';
export { mirrored, reversed } from './mirror.ts';
export { firstCrossing, lengthOf, pointAt } from './place.ts';
export { type Piece, piecesOf, polylineOf } from './path.ts';
export { arcOf, setbackOf, straightOf } from './straight.ts';
export { pointsOf } from './xyz.ts';
