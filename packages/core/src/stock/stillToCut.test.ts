import { inch } from '../testing/index.ts';
import { type Need } from './need.ts';
import { stillToCut } from './stillToCut.ts';

const need = (stamp: string): Need => ({
  ...{ member: stamp, piece: `p-${stamp}`, stamp, bends: 1, length: 1000, of: { blank: true } },
  tube: { od: inch('1.75'), wall: inch('0.095'), kind: 'alloy', batch: '' },
});
const needs = [need('MH'), need('SL')];
const left = (provided: string[], lost: [stamp: string, at: number][] = []) =>
  stillToCut(
    needs,
    provided.map((stamp, i) => ({ piece: `p-${stamp}`, at: 10 * (i + 1) })),
    lost.map(([stamp, at]) => ({ stamp, at })),
  ).needs.map(({ stamp }) => stamp);

test('what is promised or sawn is not cut again, and is named', () => {
  expect(left([])).toEqual(['MH', 'SL']);
  expect(left(['SL'])).toEqual(['MH']);
  expect(stillToCut(needs, [{ piece: 'p-SL', at: 1 }], []).there).toEqual([{ stamp: 'SL', why: 'there' }]);
});

test('what was spoiled since is cut once more, until another of it is there', () => {
  expect(left(['SL'], [['SL', 20]])).toEqual(['MH', 'SL']);
  expect(left(['SL', 'SL'], [['SL', 20]])).toEqual(['MH']);
  expect(
    left(
      ['SL', 'SL'],
      [
        ['SL', 20],
        ['SL', 30],
      ],
    ),
  ).toEqual(['MH', 'SL']);
  // What was spoiled before any plan had it is made up for by the first.
  expect(left(['SL'], [['SL', 5]])).toEqual(['MH']);
  expect(left(['SL'], [['MH', 20]])).toEqual(['MH']);
});
