import { evaluate, hoopAnswerOf, INCHES, releasedWidths } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { causeWords, pairWords, releasedWords } from './outcome.ts';

const sheet = hoopAnswerOf(evaluate(demoPlan, demoShop, demoBooks))?.sheet;
if (!sheet) throw new Error('the demo has a hoop');

test('a pair is named by what stands across', () => {
  expect(pairWords(sheet, [0, 5], true)).toBe('foot to foot');
  expect(pairWords(sheet, [0, 5], false)).toBe('end to end');
  expect(pairWords(sheet, [1, 4], true)).toBe('knee, left to knee, right');
});

test('the error that matters most comes first', () => {
  expect(causeWords({ mark: 0.25, angle: 0.7, rotation: 0.05 })).toBe(
    'Angles are 70 % of what spreads the ends, marks 25 %, turns 5 %.',
  );
  expect(causeWords({ mark: 0, angle: 0, rotation: 0 })).toBe('Without errors nothing spreads.');
});

test('what the interval does to the feet: short is wider, over is narrower, and too few tests say nothing', () => {
  const [ends] = releasedWidths(sheet)?.widths ?? [];
  if (!ends) throw new Error('the demo has test bends enough');
  expect(ends.short).toBeGreaterThan(ends.planned);
  expect(ends.over).toBeLessThan(ends.planned);
  expect(releasedWords(sheet, true, INCHES)).toBe(
    'Nine bends of ten release within their interval: all short, foot to foot is 56 7/16 in between axes; all over, 55 9/16 in.',
  );
  const [first, ...rest] = sheet.bends;
  if (!first) throw new Error('the hoop has bends');
  const untested = { ...sheet, bends: [{ ...first, pull: { ...first.pull, released: null } }, ...rest] };
  expect(releasedWords(untested, true, INCHES)).toBeNull();
  // The legs of the demo turn about their knee and their corner: both intervals of a side, and both sides alike.
  const leg = releasedWidths(sheet)?.leg;
  expect(leg?.short).toBeCloseTo(-(leg?.over ?? 0), 9);
});
