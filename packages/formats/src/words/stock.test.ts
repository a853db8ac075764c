import { type CutGroup, INCHES, MILLIMETRES, type Need } from '@gyrus/core';
import {
  bentOffcutWords,
  boughtWords,
  cutTotalsWords,
  needWords,
  notYetWords,
  provenWords,
} from './stock.ts';

const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
const tube = { od: mm(44.45), wall: mm(2.413), kind: 'alloy', batch: '' } as const;
const stick = { from: { rack: 'r' }, batch: '', place: '', length: 6000, pieces: [], offcut: 500 };
const group: CutGroup = {
  tube,
  sticks: [stick, { ...stick, from: { buy: 'b' } }],
  proven: true,
  atBest: 1,
  totals: {
    ...{ pieces: 9, used: 10_980, offcuts: 1000, kerfs: 20, mass: 30.04, price: null },
    bought: [{ stock: 'b', length: 6000, count: 1 }],
  },
};

test('a plan says whether it is proven, and what it comes to', () => {
  expect(provenWords(group)).toBe('2 sticks, 1 of them bought: nothing holds them for less (proven)');
  expect(boughtWords(group, MILLIMETRES)).toBe('To buy: 1 stick of 6000 mm.');
  expect(boughtWords({ ...group, totals: { ...group.totals, bought: [] } }, MILLIMETRES)).toBeNull();
  expect(provenWords({ ...group, proven: false, atBest: 0.914 })).toContain('less than 91 % of it');
  expect(cutTotalsWords(group, MILLIMETRES)).toBe(
    '10980 mm of pieces out of 12000 mm, 30.0 kg; 1000 mm left over and 20 mm to the saw (9 %).',
  );
  expect(cutTotalsWords({ ...group, totals: { ...group.totals, price: 42 } }, INCHES)).toContain(
    '; 42.00 for the sticks.',
  );
});

test('a piece says what its length is made of, and what cannot be cut says why', () => {
  const about = { member: 'm', piece: 'p', stamp: 'D1', tube, bends: 0 };
  const bar: Need = { ...about, length: 1040, of: { ears: 1000, trim: 0, pilot: 40 } };
  expect(needWords(bar, MILLIMETRES)).toBe(
    "1040 mm: 1000 mm ear to ear, 40 mm past its ends for the saw's pilot",
  );
  expect(needWords({ ...about, length: 900, of: { blank: true } }, MILLIMETRES)).toBe(
    '900 mm, the blank of its sheet',
  );
  expect(notYetWords({ stamp: 'WB', why: 'no-marks' })).toContain('choose a die');
  expect(notYetWords({ stamp: 'WB', why: 'not-placed' })).toContain('Design');
  expect(notYetWords({ stamp: 'WB', why: 'there' })).toContain('sawn already');
});

test('a bent piece says where to cut it and what is still to be bent', () => {
  const fit = { turned: false, there: [], missing: [2, 3], from: 40, cut: [40, 12] as [number, number] };
  expect(bentOffcutWords({ rack: 'r', fit }, { stamp: 'SL' }, MILLIMETRES)).toBe(
    'SL lies in it: bends 2 and 3 still to be made; cut 40 mm off end A and 12 mm off end B.',
  );
  const whole = { rack: 'r', fit: { ...fit, turned: true, missing: [] } };
  expect(bentOffcutWords(whole, { stamp: 'SL' }, MILLIMETRES)).toContain(
    'turned end for end: all its bends are there',
  );
});
