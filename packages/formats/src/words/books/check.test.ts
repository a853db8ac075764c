import { INCHES, MILLIMETRES, type Remedy, type RuleCheck } from '@gyrus/core';
import { demoBooks } from '@gyrus/demo';
import { remedyWords } from '../findings/remedy.ts';
import { checkWords } from './check.ts';

test('every check of the books reads as words about its member, with its figures', () => {
  for (const { check } of demoBooks.flatMap(({ rules }) => rules)) {
    expect(checkWords(check)).toMatch(/^[a-z].*[a-z0-9°²%)?]$/i);
    expect(checkWords(check)).not.toMatch(/undefined|null|NaN|object/);
  }
});

const mm = (value: number) => ({ mm: value, typed: `${value} mm` });

test.each<[RuleCheck, string]>([
  [
    { kind: 'angle', from: 'vertical', least: { deg: 30, typed: '30' }, most: null },
    'makes at least 30° with vertical',
  ],
  [
    { kind: 'end-distance', end: 'upper', from: 'joint', of: 'backstay', edge: 'middle', most: mm(100) },
    'its upper end lies within 100 mm of the joint of the backstay',
  ],
  [
    { kind: 'end-distance', end: 'each', from: 'bend', of: null, edge: 'tangent', most: mm(150) },
    'each end lies within 150 mm of a bend of the tube it stands on, taken at its tangent',
  ],
  [{ kind: 'opening-height', share: 0.5 }, 'its front end stands no higher than 50 % of the door opening'],
  [{ kind: 'feet-on', allowed: ['frame', 'sill'] }, 'feet stand on frame or sill'],
])('a check in a sentence (%#)', (check, words) => {
  expect(checkWords(check)).toBe(words);
});

test.each<[Remedy, string]>([
  [{ kind: 'slide-end', member: 'm', end: 'a', by: -12 }, 'move end A by 12 mm along what it stands on'],
  [{ kind: 'bar-height', member: 'm', by: -30 }, 'lower the bar by 30 mm'],
  [{ kind: 'move-foot', member: 'm', end: 'b', by: [-80, 0, 0] }, 'move its foot 80 mm to the rear'],
  [{ kind: 'straighten', member: 'm' }, 'make it straight'],
  [{ kind: 'radius', clr: 150 }, 'take a die of 150 mm radius or more'],
  [{ kind: 'tilt', member: 'm', deg: -9.5 }, 'tilt the hoop to 9.5°'],
  [
    {
      kind: 'plate',
      plate: 'p',
      scale: 1.1,
      thickness: mm(3),
      bolts: { count: 3, size: mm(8), grade: null },
    },
    'a plate 10 % larger each way, 3 mm thick, 3 bolts of 8 mm',
  ],
  [{ kind: 'gusset', gusset: 'g', leg: 53, thickness: mm(1.5) }, 'legs of 53 mm, sheet of 1.5 mm'],
  [{ kind: 'splice', part: 's', sleeve: 83, rosettes: 4 }, 'a sleeve of 83 mm, 4 rosettes'],
  [
    { kind: 'tube', member: 'm', od: mm(45), wall: mm(2.5), tubeKind: 'cold-drawn-seamless' },
    'take 45 mm × 2.5 mm, cold-drawn seamless',
  ],
])('a remedy in words (%#)', (remedy, words) => {
  expect(remedyWords(remedy, MILLIMETRES)).toBe(words);
  expect(remedyWords(remedy, INCHES)).not.toMatch(/NaN|undefined/);
});
