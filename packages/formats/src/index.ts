export { figureWords, resultWords } from './words/figure.ts';
export {
  assumedValue,
  restsListWords,
  restsWords,
  sheetRestsWords,
  thingWords,
} from './words/findings/assumed.ts';
export { featureName } from './words/feature.ts';
export {
  figureName,
  areaWords,
  findingFigure,
  findingWords,
  provenanceWords,
  quantityWords,
  statusWords,
} from './words/findings/finding.ts';
export {
  afterWords,
  benderKindWords,
  hindranceWords,
  metWords,
  swingWords,
  turnName,
} from './words/bend/bender.ts';
export { movesTheTube, sheetChangeWords } from './words/bend/sheetChange.ts';
export { addedBendWords } from './words/bend/addedBend.ts';
export { endsWords } from './words/bend/asMade.ts';
export { stillBecomesWords } from './words/bend/stillBecomes.ts';
export { bendOffWords, partWords } from './words/bend/practice.ts';
export { correctionWords } from './words/bend/correction.ts';
export { limitedFigures } from './words/limit.ts';
export { causeWords, pairWords } from './words/bend/outcome.ts';
export { dialWords, dieWords, zeroWords } from './words/bend/dial.ts';
export { releaseWords, schoolWords } from './words/bend/school.ts';
export { pieceName, tubeKindWords, tubeWords } from './words/tube.ts';
export {
  bentFigures,
  clockingWords,
  methodWords,
  type NamedFigure,
  passCautions,
  passFigures,
  prepWords,
  roundWords,
  seamWords,
  seatWords,
  straightCutFigures,
} from './words/cope.ts';
export { clockedWords, footCutWords, footFigures } from './words/foot.ts';
export { beforeFittingWords } from './words/fitting.ts';
export { AXIS_HOW, AXIS_NAMES, placeName } from './words/place.ts';
export { zoneWords } from './words/zone.ts';
export { pastPillarWords } from './words/pastPillar.ts';
export { radiusRoomWords } from './words/radiusRoom.ts';
export { bookBlankWords, bookFieldWords } from './words/books/bookField.ts';
export { leastTubeWords } from './words/books/leastTubeWords.ts';
export { briefChoiceWords } from './words/books/briefChoice.ts';
export { massWords, runWords } from './words/printUnits.ts';
export { type CheckBlank } from './words/books/checkBlank.ts';
export { blanksOf, CHECK_KINDS, checkForms } from './words/books/checkForm.ts';
export { type CheckForm } from './words/books/forms/checkForms.ts';
export { holdsWords } from './words/books/conditions.ts';
export { editionChangeWords } from './words/books/edition.ts';
export { type FindingLine, findingStamps } from './words/findings/findingLines.ts';
export { type Hands, handsOf, isQuestion, lineBelow, lineTitle, openWords } from './words/findings/hands.ts';
export { passedOverWords } from './words/books/passedOver.ts';
export { figuresUncovered } from './words/books/statedFigures.ts';
export { checkWords } from './words/books/check.ts';
export { remedyWords } from './words/findings/remedy.ts';
export { planChangesWords } from './words/plan/planChanges.ts';
export { planFieldWords, planValueWords } from './words/plan/planField.ts';
export { isRolled, riseLabel, rollFigures } from './words/roll.ts';
export { ROLE_GROUPS, ROLE_REASONS, roleWords, RULED_ROLES } from './words/role.ts';
export { bothUnits } from './words/length.ts';
export {
  clampWords,
  footSawWords,
  footWords,
  lineUpWords,
  markSide,
  referenceWords,
  turnWords,
  widthWords,
} from './words/bend/step.ts';
export { paperTheme, screenTheme, type Theme } from './svg/theme.ts';
export { type SvgNode, svgTree } from './svg/tree.ts';
export { writeSvg } from './svg/write.ts';
export { readOffsets } from './csv/offsets.ts';
export { readTakeOff, type TakeOffList } from './csv/takeOff.ts';
export { outlineDxf } from './outline/dxf.ts';
export { outlineSvg } from './outline/svg.ts';
export { madeBendsCsv } from './csv/madeBends.ts';
export { scrapCsv } from './csv/scrap.ts';
export { tubesCsv } from './csv/tubes.ts';
export {
  bentOffcutWords,
  boughtWords,
  cutTotalsWords,
  needWords,
  notYetWords,
  provenWords,
} from './words/stock.ts';
export {
  builtHoopWords,
  feetCorrectionWords,
  leanedWords,
  MOMENT_WORDS,
  offWords,
  plannedWords,
  pointWords,
  rackedWords,
  readingWords,
  stanceWords,
} from './words/build/asBuiltWords.ts';
export {
  buildCostWords,
  exitWords,
  isCopedByOrder,
  orderFaultWords,
  reachComparedWords,
} from './words/build/orderWords.ts';
export {
  weldLiesWords,
  weldProcedureWords,
  weldProcessWords,
  weldStandingWords,
} from './words/build/weldWords.ts';
export { stepCaution } from './words/build/stepCaution.ts';
export { measuredWords, stepReasons } from './words/build/stepReasons.ts';
export { PLACE_WORDS, stepKindWords, stepTitle } from './words/build/stepTitle.ts';
export { type HistorySeam, historySeams } from './words/history/historySeams.ts';
export { type HistoryEvent, historyOf, type HistorySources, historyTubes } from './words/history/history.ts';
export { type Term, TERM_KEYS, type TermKey, TERMS } from './words/terms/terms.ts';
export { termDrawing } from './words/terms/termDrawings.ts';
export { dayWords, minuteWords, type ShopMoment } from './words/moment.ts';
