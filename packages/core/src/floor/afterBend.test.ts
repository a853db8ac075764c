import { expectValue } from '../fault/index.ts';
import { itemAt } from '../items/index.ts';
import { decided } from '../measure/index.ts';
import { hoopSheet } from '../testing/twoInchShop.ts';
import { afterBend, pullTarget, type ReleasedBend } from './afterBend.ts';

const sheet = hoopSheet();
const bend = itemAt(sheet.bends, 0);
const released = (off: number, changes: Partial<ReleasedBend> = {}): ReleasedBend => ({
  reading: { deg: bend.reading },
  released: { deg: bend.angle + off },
  place: null,
  turn: null,
  zeroed: true,
  slipped: false,
  ...changes,
});
const ticked = (measured: ReleasedBend, time = 1) => ({
  step: `${bend.number}/release`,
  time,
  again: false,
  measured,
});

test('what was measured decides: right within the protractor, short, or over with what later bends could take', () => {
  const verdict = (off: number) => expectValue(afterBend(sheet, bend, released(off), 0.5)).verdict;
  expect([verdict(0.4), verdict(-1), verdict(1)]).toEqual(['right', 'short', 'over']);
  const [first] = sheet.steps;
  const others = sheet.steps.slice(1).map((step) => step.bend);
  const made = sheet.bends.find(({ number }) => number === first?.bend);
  if (!made) throw new Error('the first step has a bend');
  const over = { ...released(0), released: { deg: made.angle + 2 } };
  const takings = expectValue(afterBend(sheet, made, over, 0.5)).takings.map((one) => one.bend);
  expect(takings.sort()).toEqual(others.sort());
});

test('the first pull goes by the sheet, the next by what was measured of the last', () => {
  const target = (time: number, ...ticks: ReturnType<typeof ticked>[]) =>
    pullTarget(sheet, bend, time, ticks, 0.5);
  expect(target(1)).toEqual({ kind: 'dial', to: bend.dial.to, next: bend.dial.next });
  // 2° short on release is 2° over the slope of the line farther on the dial.
  const short = ticked(released(-2));
  const slope = 1 / bend.pull.growth;
  expect(target(2, short)).toMatchObject({ kind: 'dial' });
  const second = target(2, short);
  expect(second.kind === 'dial' && decided(second.to)).toBe(decided(bend.reading + 2 / slope));
  const slipped = ticked(released(-2, { slipped: true }));
  expect(target(2, slipped)).toEqual({ kind: 'more', more: 2 / slope });
});
