export { itemAt } from './itemAt.ts';
export { keysOf } from './keysOf.ts';
export { pairOf, tripleOf } from './pairOf.ts';
export { isKeyOf, recordOf } from './recordOf.ts';
