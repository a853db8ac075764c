export { type BendRoom, chordOf, directionOf } from './chord.ts';
export { fitsChord } from './offset.ts';
export { type ChordShape, shapedPath, type WholePath } from './shapedPath.ts';
export { takeOffFeatures, upFrom } from './takeOff.ts';
export { takenOff, type TakenOff } from './takenOff.ts';
export { pulledFurther } from './pulledFurther.ts';
