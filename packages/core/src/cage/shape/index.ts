export { type BendRoom, directionOf } from './chord.ts';
export { fitsChord } from './offset.ts';
export { type ChordShape, shapedPath, type WholePath } from './shapedPath.ts';
export { takeOffFeatures } from './takeOff.ts';
export { takenOff, type TakenOff } from './takenOff.ts';
