export { besideEdge } from './besideEdge.ts';
export { fitTrace, type TracedPoint, type TraceFit } from './fitTrace.ts';
export { fromPhoto, type PhotoPlace } from './onPhoto.ts';
export { type TracedShape, tracedShape } from './tracedShape.ts';
