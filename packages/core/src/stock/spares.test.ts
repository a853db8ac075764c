import { inch } from '../testing/index.ts';
import { type Need } from './need.ts';
import { scrapRates, sparesFor } from './spares.ts';

const need = (stamp: string, bends: number, length = 1000): Need => ({
  ...{ member: stamp, piece: stamp, stamp, bends, length, of: { blank: true } },
  tube: { od: inch('1.75'), wall: inch('0.095'), kind: 'alloy', batch: '' },
});

test('pieces are counted by the letters of their stamps, the worst first', () => {
  expect(scrapRates(['MH', 'SL', 'SL2', 'BL'], ['SL', 'MH', 'MH2'])).toEqual([
    { letters: 'MH', made: 1, scrapped: 2, rate: 1 },
    { letters: 'SL', made: 2, scrapped: 1, rate: 0.5 },
    { letters: 'BL', made: 1, scrapped: 0, rate: 0 },
  ]);
  expect(scrapRates([], [])).toEqual([]);
});

test('those most often spoiled get a second blank, straight bars and what was never spoiled none', () => {
  const needs = [need('BL', 1), need('SL', 3), need('MH', 2), need('D1', 0)];
  const rates = scrapRates(['MH', 'SL', 'SL2', 'BL', 'D1'], ['SL', 'MH', 'D1']);
  expect([...sparesFor(needs, rates, 1)]).toEqual(['MH']);
  expect([...sparesFor(needs, rates, 9)]).toEqual(['MH', 'SL']);
  expect(sparesFor(needs, [], 3).size).toBe(0);
  expect(sparesFor(needs, rates, 0).size).toBe(0);
});
