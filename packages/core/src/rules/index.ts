export { migrateRuleBook } from './book/bookMigrations.ts';
export { readRuleBook } from './book/readRuleBook.ts';
export { ruleBookFaults } from './book/bookFaults.ts';
export { bookFindings } from './checkBooks.ts';
export { chosenBook, continuousPieces, holdsOf } from './book/chosen.ts';
export { type EditionChange, editionChanges, type Stated } from './book/edition.ts';
export { type MatrixRow, matrixOf, type Tightest, tightestOf } from './matrix.ts';
export { COUNTED_IN, type CountedIn, READINGS, type Reading, type RuleCheck } from './book/ruleCheck.ts';
export { type RuledMember } from './subject.ts';
export { seamFindings } from './seamFindings.ts';
export { strapWindows } from './strapWindows.ts';
export { type PassedOver, passedOver } from './passedOver.ts';
export {
  type Rule,
  RULE_BOOK_FORMAT,
  RULE_BOOK_VERSION,
  type RuleBook,
  ruleBookSchema,
  type ScheduleRow,
  type TubeOption,
} from './book/ruleBook.ts';
export { demandedRoles } from './demandedRoles.ts';
export { leastTube, type LeastTube, optionsSaid } from './leastTube.ts';
