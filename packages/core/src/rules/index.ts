export { bookFindings } from './checkBooks.ts';
export { chosenBook, continuousPieces } from './chosen.ts';
export { type HarnessAnswer, harnessAnswers, type StrapNow } from './harnessAnswer.ts';
export { type StrapVerdict } from './straps.ts';
export { type LapAnswer, lapAnswers, type LapVerdict } from './lapAnswer.ts';
export { type EditionChange, editionChanges } from './edition.ts';
export { type MatrixRow, matrixOf, type Tightest, tightestOf } from './matrix.ts';
export { applyRemedy, type Remedy } from './remedy.ts';
export { type RuleCheck } from './ruleCheck.ts';
export { type RuledMember } from './subject.ts';
export { cockpitFindings, doorRoomStatus } from './cockpitFindings.ts';
export { seamFindings } from './seamFindings.ts';
export { copeFindings } from './copeFindings.ts';
export { resting } from './resting.ts';
export { type Finding, finding, type RuleSource, type Status } from './finding.ts';
export { judgeCatalogue, judgeMeasured } from './judge.ts';
export {
  type Provenance,
  PROVENANCES,
  readRuleBook,
  type Rule,
  RULE_BOOK_FORMAT,
  type RuleBook,
  ruleBookFaults,
  ruleBookSchema,
  type ScheduleRow,
  type TubeOption,
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
