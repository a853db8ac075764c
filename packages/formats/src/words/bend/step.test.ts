import { evaluate, hoopAnswerOf, INCHES, type BendSheet, tapeHook } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { releaseWords, schoolWords } from './school.ts';
import { figureWords } from '../figure.ts';
import { clampWords, footSawWords, footWords, lineUpWords, markSide, turnWords, widthWords } from './step.ts';

const answer = hoopAnswerOf(evaluate(demoPlan, demoShop, demoBooks));
const sheet = answer?.sheet as BendSheet;
const [knee, crown] = sheet.bends;
if (!knee || !crown || !answer || !('hoop' in answer.hoop)) throw new Error('the demo has a hoop');
const { hoop } = answer.hoop;

test('which way round the tube lies', () => {
  expect(clampWords(crown)).toBe('clamp toward B; the bend runs toward A');
  expect(clampWords({ ...crown, clampSide: 'a' })).toBe('clamp toward A; the bend runs toward B');
});

test('what is lined up on the mark goes by the die', () => {
  const at = (reference: 'start' | 'centre' | 'end', mm: number) =>
    lineUpWords({ ...crown, die: { ...crown.die, reference, offset: { mm, typed: '' } } });
  expect(at('start', 114.3)).toBe('clamp edge to the mark');
  expect(at('start', 0)).toBe("die's start line to the mark");
  expect(at('centre', 0)).toBe('centre of the die to the mark');
  expect(at('end', 10)).toBe("die's end line to the mark");
});

test('a mark says from where, and toward which end', () => {
  expect(markSide(tapeHook(sheet, 'centre', null), knee)).toBe('toward A from centre');
  expect(markSide(tapeHook(sheet, 'centre', null), { ...knee, mark: sheet.blank - 1 })).toBe(
    'toward B from centre',
  );
  expect(markSide(tapeHook(sheet, 'b', null), knee)).toBe('from end B');
});

test('a turn is told in degrees and as tape round the tube', () => {
  const step = { bend: 1, turn: 23.9, turnOnSurface: 7.9375, endForEnd: true, swing: 0 };
  expect(turnWords(step, false, INCHES)).toBe('end for end; turn 23.9° (5/16 round the tube, seen A to B)');
  expect(turnWords({ ...step, turn: 0, endForEnd: false }, false, INCHES)).toBe(
    'level with the last bend, 0°',
  );
  expect(turnWords(step, true, INCHES)).toContain('seam on the neutral side');
});

test('a foot’s cut says which side is long', () => {
  const [foot] = hoop.feet;
  if (!foot) throw new Error('no foot');
  const cut = (value: number) => footWords({ ...foot, across: { ...foot.across, value } });
  expect([cut(4.645), cut(-1.21), cut(0.01)]).toEqual([
    'left 4.6° off square, long on the outside',
    'left 1.2° off square, long on the inside',
    'left square',
  ]);
});

test('a foot’s setting at the saw is the slant from behind and from the side together', () => {
  const [foot] = hoop.feet;
  if (!foot) throw new Error('no foot');
  expect(footSawWords({ ...foot, side: 'right', total: 10.04 })).toBe('right 10° at the saw');
});

test('a derivation reads as a sum', () => {
  const floor = hoop.fromSurvey?.axis.left.floor;
  if (!floor) throw new Error('the hoop is by the survey');
  expect(figureWords(floor, INCHES)).toBe('29 1/4 − 3/8 clear − 7/8 half the tube = 28');
  expect(figureWords(hoop.figures.bends[1]?.angle ?? floor, INCHES)).toBe("90° − 14.92° leg's lean = 75.08°");
});

test('where a reading came from is said, loudly where it came from theory', () => {
  const pull = { fit: 'constant', released: null };
  const words = (school: string, testCount = 0) => schoolWords({ school, testCount, pull });
  expect(words('tests', 1)).toBe('one test bend on this die, taken as a constant');
  expect(words('tests', 5)).toBe('5 test bends on this die');
  expect(words('theory-without-tests')).toContain('for want of a test bend: usually too low');
});

test('the released angle comes with its interval where there is one', () => {
  expect(releaseWords({ angle: 84, pull: { released: [83.6, 84.3] } })).toBe(
    'Springs back to 84° (83.6° to 84.3° in nine of ten)',
  );
  expect(releaseWords({ angle: 84, pull: { released: null } })).toBe('Springs back to 84°');
});

test('feet that come out wider were bent too little and are strapped together; narrower ones are spread apart', () => {
  // A fact of the trade: each bend that stays open leaves the legs farther apart; a strap can only pull, a spreader only push.
  const [wider = '', narrower = ''] = widthWords;
  expect(wider).toMatch(/^Wider .* under-bent\. .*together with a strap\.$/);
  expect(narrower).toMatch(/^Narrower: over-bent\. .*apart with a spreader/);
});
