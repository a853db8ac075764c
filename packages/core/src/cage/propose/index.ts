export { type Needs, type NoPlace } from './draft.ts';
export { type Proposed, proposeBar, USUAL_ORDER, waysOf } from './proposeBar.ts';
export { withPieces } from './pieces.ts';
