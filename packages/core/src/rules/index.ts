export { migrateRuleBook } from './bookMigrations.ts';
export { readRuleBook } from './readRuleBook.ts';
export { ruleBookFaults } from './bookFaults.ts';
export { bookFindings } from './checkBooks.ts';
export { chosenBook, continuousPieces, holdsOf } from './chosen.ts';
export { type HarnessAnswer, harnessAnswers, type StrapNow } from './harnessAnswer.ts';
export { type StrapVerdict } from './straps.ts';
export { type LapAnswer, lapAnswers, type LapVerdict } from './lapAnswer.ts';
export { type EditionChange, editionChanges } from './edition.ts';
export { type MatrixRow, matrixOf, type Tightest, tightestOf } from './matrix.ts';
export { applyRemedy, type Remedy } from './remedy.ts';
export { COUNTED_IN, type CountedIn, READINGS, type Reading, type RuleCheck } from './ruleCheck.ts';
export { type RuledMember } from './subject.ts';
export { cockpitFindings, doorRoomStatus } from './cockpitFindings.ts';
export { seamFindings } from './seamFindings.ts';
export { copeFindings } from './copeFindings.ts';
export { resting } from './resting.ts';
export { type PassedOver, passedOver } from './passedOver.ts';
export { type Finding, finding, type Holds, type RuleSource, type Status } from './finding.ts';
export { judgeCatalogue, judgeMeasured } from './judge.ts';
export {
  type Provenance,
  PROVENANCES,
  type Rule,
  RULE_BOOK_FORMAT,
  RULE_BOOK_VERSION,
  type RuleBook,
  ruleBookSchema,
  type ScheduleRow,
  type TubeOption,
  type When,
} from './ruleBook.ts';
export { beyondFindings } from './beyondFindings.ts';
export {
  asymmetryFindings,
  briefFindings,
  driftFindings,
  gapFindings,
  loopFindings,
  noHoopFindings,
  noSheetFinding,
  notPlacedFinding,
  outsideTapedFindings,
  proposalFindings,
  settledFindings,
  sheetFindings,
  trimFindings,
} from './jobFindings.ts';
export {
  collisionFindings,
  keepOutFindings,
  midDoorFindings,
  offNodeFindings,
  outOfLineFindings,
  partFindings,
  unbracedFindings,
  zoneFindings,
} from './cageFindings.ts';
