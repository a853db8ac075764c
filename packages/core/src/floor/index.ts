export {
  type BendFigure,
  answersChanged,
  type BookEdition,
  booksChanged,
  type SheetChange,
  shopChanged,
} from './changes.ts';
export { issuedAnswers, type IssuedAnswers } from './issued.ts';
export {
  floorPlace,
  type FloorPlace,
  type FloorStep,
  type FloorStepKind,
  floorSteps,
  type TickedStep,
} from './steps.ts';
export {
  afterBend,
  isTrusted,
  pulledAs,
  pullTarget,
  type PullTarget,
  type ReleasedBend,
  toCome,
  turnOf,
} from './afterBend.ts';
export { spoiledAsTicked } from './spoiledAsTicked.ts';
export { inBendPlane, type InBendPlane } from './inBendPlane.ts';
export { loggedTube, wantedBend, type WantedBend } from './loggedBend.ts';
