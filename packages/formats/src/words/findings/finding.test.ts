import { evaluate, finding, INCHES, MILLIMETRES, type Plan } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop, fourPointPlan, unfinishedPlan } from '@gyrus/demo';
import { remedyWords } from './remedy.ts';
import { findingFigure, findingWords } from './finding.ts';

test('every finding of the demo reads as a sentence in both units', () => {
  for (const found of evaluate(demoPlan, demoShop, demoBooks).findings)
    for (const style of [INCHES, MILLIMETRES])
      expect(findingWords(found, style)).toMatch(/^[A-Z0-9].*[.?]$/s);
});

test('a finding names what it measured in the reader’s unit', () => {
  const gap = finding({
    key: 'k',
    code: 'in-body',
    status: 'out',
    measured: { mm: -12.7 },
    facts: { place: { text: 'roof' }, side: { text: 'left' } },
  });
  expect(findingWords(gap, INCHES)).toBe('The tube stands 1/2 in inside the body at the left roof rail.');
  expect(findingWords(gap, MILLIMETRES)).toBe('The tube stands 13 mm inside the body at the left roof rail.');
});

test('a pull that meets something says what, at which degree and how deep, and where to change it', () => {
  const met = (what: string, which: string) =>
    finding({
      key: 'k',
      code: 'machine-meets',
      status: 'out',
      feature: 'shoulder-left',
      measured: { mm: -25.4 },
      facts: { bend: { count: 3 }, at: { deg: 41 }, what: { text: what }, which: { text: which } },
    });
  expect(findingWords(met('floor', ''), INCHES)).toMatch(
    /^Bend 3 \(.+\): the tube meets the floor at 41° of the pull, and would go 1 in into it\. /,
  );
  expect(findingWords(met('wall', 'left'), INCHES)).toContain('meets the wall at the left at 41°');
  expect(findingWords(met('frame', 'the vice'), MILLIMETRES)).toContain('meets the vice at 41°');
});

test('a wall’s thickness is not rounded to the tape', () => {
  const wall = finding({
    key: 'k',
    code: 'tube-wall',
    status: 'out',
    measured: { mm: 2.413 },
    limit: { mm: 3.048 },
    facts: { options: { said: [] } },
  });
  expect(findingFigure(wall, 'measured', INCHES)).toBe('0.095 in');
  expect(findingFigure(wall, 'limit', MILLIMETRES)).toBe('3.05 mm');
  expect(findingFigure(wall, 'margin', MILLIMETRES)).toBe('–');
});

/** Sizes of the catalogue are told as they are bought. */
const BOUGHT = new Set(['tube', 'plate', 'gusset']);

/** What the findings of a plan say and advise; a question is asked in its book's own words. */
function sentencesOf(plan: Plan, style: typeof INCHES): string[] {
  const { findings } = evaluate(plan, demoShop, demoBooks);
  return findings
    .filter(({ code }) => !['asked', 'answered'].includes(code))
    .flatMap((one) => [
      findingWords(one, style),
      findingFigure(one, 'measured', style),
      findingFigure(one, 'limit', style),
      findingFigure(one, 'margin', style),
      ...(one.remedy && !BOUGHT.has(one.remedy.kind) ? [remedyWords(one.remedy, style)] : []),
    ]);
}

test.each([
  ['the full cage', demoPlan],
  ['the four-point bar', fourPointPlan],
  ['the unfinished job', unfinishedPlan],
])('who works in inches is told no millimetres, and the other way round: %s', (_name, plan) => {
  expect(sentencesOf(plan, INCHES).filter((one) => /\dmm\b|\d mm\b/.test(one))).toEqual([]);
  expect(sentencesOf(plan, MILLIMETRES).filter((one) => /\d in\b/.test(one))).toEqual([]);
});
