export {
  type Bend,
  type Corner,
  type Corners,
  clrInput,
  cornersOf,
  developedLength,
  layOut,
  type Lra,
  type LraInput,
  lraInput,
  lraOf,
  pointsInput,
  wrapped,
} from './lra.ts';
export { distanceToPath } from './distance.ts';
export { mirrored, reversed } from './mirror.ts';
export { type Piece, piecesOf, polylineOf } from './path.ts';
export { arcOf, setbackOf, straightOf } from './straight.ts';
export { pointsOf, type XyzInput, xyzInput } from './xyz.ts';
