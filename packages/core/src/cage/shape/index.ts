export { type BendRoom } from './chord.ts';
export { fitsChord } from './offset.ts';
export { shapedPath, type WholePath } from './shapedPath.ts';
