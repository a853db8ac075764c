import { copesIn, type EndCut, evaluate, INCHES, itemAt, MILLIMETRES } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { clockedWords, footCutWords, footFigures } from './foot.ts';

const { ends, lengths } = copesIn(demoPlan, evaluate(demoPlan, demoShop, demoBooks), demoBooks);
const hoop = ends.filter(({ stamp }) => stamp === 'MH');
const [left, right] = [itemAt(hoop, 0), itemAt(hoop, 1)];
const figureIn = (cut: EndCut, label: RegExp, style = INCHES) =>
  footFigures(cut, 44.45, style).find((one) => label.test(one.label))?.text;
const at = (angle: number, clock: number | null = 90): EndCut => ({
  ...left,
  foot: {
    ...{ angle, clock, shortest: 0, longest: 0, long: angle === 0 ? null : [1, 0, 0] },
    rise: 44.45 * Math.tan((angle * Math.PI) / 180),
  },
});

test('a foot says how the saw is set, by how much its long side stands out, and where that lies', () => {
  // 45° off square a tube stands out by its own diameter (a right-angled triangle with two equal sides).
  expect(footFigures(at(45), 44.45, INCHES).map(({ text }) => text)).toEqual([
    '45°',
    '1 3/4 in',
    'front',
    '90°, 1 3/8 in round',
  ]);
  expect(figureIn(at(45), /stands out/, MILLIMETRES)).toBe('44 mm');
  expect(figureIn(at(10, null), /round from/)).toBeUndefined();
  expect(footFigures(at(0), 44.45, INCHES)).toEqual([]);
});

test('what the saw cannot swing to is laid out by the template', () => {
  expect(footCutWords(at(45), demoPlan.coping)).toMatch(/^Set the saw/);
  const words = footCutWords(at(52), demoPlan.coping);
  expect(words).toContain('stops at 45°');
  expect(words).toContain('a wedge of 7°');
  expect(footCutWords(at(0), demoPlan.coping)).toMatch(/^Cut it square/);
});

test('the feet of the demo’s hoop lean alike on both sides, and are clocked to each other', () => {
  expect(figureIn(left, /off square/)).toMatch(/^\d/);
  expect(left.foot?.angle).toBeGreaterThan(1);
  // A hoop that leans to the rear has the long side of its feet in front.
  expect([left, right].map((cut) => figureIn(cut, /lies toward/))).toEqual(['front', 'front']);
  expect(clockedWords(left, right)).toBe('long side A to long side B');
  expect(lengths.find(({ stamp }) => stamp === 'MH')?.clocking).not.toBeNull();
  const coped = ends.find(({ stamp, headers }) => stamp === 'D1' && headers.length > 0);
  expect(coped && clockedWords(coped, right)).toBe('face line A to long side B');
});
