export { type Needs, type NoPlace } from './roles.ts';
export { type Proposed, proposeBar, USUAL_ORDER, waysOf } from './proposeBar.ts';
export { withPieces } from './pieces.ts';
