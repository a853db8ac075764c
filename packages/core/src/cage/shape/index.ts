export { type BendRoom, directionOf } from './chord.ts';
export { fitsChord } from './offset.ts';
export { type ChordShape, shapedPath, type WholePath } from './shapedPath.ts';
export { takeOffFeatures } from './takeOff.ts';
export { takenOff, type TakenOff } from './takenOff.ts';
export { fitTrace, type TracedPoint, type TraceFit } from './fitTrace.ts';
export { type TracedShape, tracedShape, type TracePlace } from './tracedShape.ts';
export { besideEdge } from './besideEdge.ts';
export { fromPhoto, type PhotoPlace } from './onPhoto.ts';
