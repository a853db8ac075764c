export { type BendRoom } from './chord.ts';
export { shapedPath, type WholePath } from './shapedPath.ts';
