export {
  aboutOf,
  type FactsOf,
  FINDING_KINDS,
  type FindingAbout,
  type FindingCode,
  type FindingStage,
  stageOf,
} from './codes.ts';
export {
  factOf,
  marginOf,
  type Finding,
  finding,
  type FindingOf,
  type Status,
  textFact,
  type Verdict,
} from './finding.ts';
export { ALWAYS, type Holds, type Provenance, PROVENANCES, type RuleSource, type When } from './source.ts';
export { judgeCatalogue, judgeMeasured, marginIn, nearerLimit } from './judge.ts';
export { conditional, resting } from './resting.ts';
export { distinctRemedies } from './remedy/distinctRemedies.ts';
export { applyRemedy } from './remedy/applyRemedy.ts';
export { type Remedy, type RemedyKind } from './remedy/remedy.ts';
export { tubeFindings } from './tubeFindings.ts';
export { allFindings } from './allFindings.ts';
export { cockpitFindings, doorRoomStatus } from './cockpitFindings.ts';
export { copeFindings } from './copeFindings.ts';
export { releasedLimits } from './bender/releasedLimits.ts';
