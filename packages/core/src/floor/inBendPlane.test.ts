import { UNMEASURED } from '../testing/blank.ts';
import { hoopSheet } from '../testing/twoInchShop.ts';
import { walkAsked } from '../cage/index.ts';
import { inBendPlane } from './inBendPlane.ts';

const sheet = hoopSheet();
const asked = walkAsked(sheet, { machines: [] });
if (typeof asked === 'string') throw new Error(asked);
const [turn] = asked.order;
const bend = sheet.bends.find(({ number }) => number === turn?.bend);
const end = (points: [number, number][]): [number, number] => points.at(-1) ?? [NaN, NaN];

test('before the pull the tube lies along the feed, the die beside it by its radius', () => {
  const before = inBendPlane(asked, 0, { at: 'pull', dial: 0 });
  if (!before || !bend) throw new Error('the tube has a first pull');
  for (const [, y] of [...before.ahead, ...before.behind]) expect(y).toBeCloseTo(0, 6);
  expect(before.die.at[0]).toBeCloseTo(0, 6);
  expect(before.die.at[1]).toBeCloseTo(before.die.radius, 6);
  expect(end(before.ahead)[0] - end(before.behind)[0]).toBeCloseTo(sheet.blank, 6);
});

test('released the clamped end stands at the angle of the bend, toward the side of the die, whichever way the machine swings', () => {
  for (const swing of ['left', 'right', 'up', 'down'] as const) {
    const walk = { ...asked, bender: { ...UNMEASURED, swing } };
    const after = inBendPlane(walk, 0, { at: 'released' });
    if (!after || !bend) throw new Error('the tube has a first pull');
    const [before, last] = after.ahead.slice(-2);
    if (!before || !last) throw new Error('the clamped side has a straight');
    const leans = (Math.atan2(last[1] - before[1], last[0] - before[0]) * 180) / Math.PI;
    expect(leans).toBeCloseTo(bend.angle, 6);
  }
});

test('there is no pull beyond the last', () => {
  expect(inBendPlane(asked, 99, { at: 'released' })).toBeNull();
});
