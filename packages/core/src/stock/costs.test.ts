import { type Shop, type TubeChoice } from '../plan/index.ts';
import { evaluate, copesIn } from '../evaluate.ts';
import { bar, cageOf, mm, stationOn } from '../testing/index.ts';
import { cageCosts, costsOf, wholeCost } from './costs.ts';
import { type Need } from './need.ts';

const tube: TubeChoice = { od: mm(45), wall: mm(2.5), kind: 'cold-drawn-seamless', batch: 'E-1' };
const stock = (batch: string, price: number | null, length = 6000): Shop['tubes'][number] => ({
  ...{ id: batch, ...tube, batch, price },
  stickLength: mm(length),
});
const need = (member: string, stamp: string, length: number): Need => ({
  ...{ member, stamp, length, tube, bends: 0 },
  piece: `p-${stamp}`,
  of: { blank: true },
});

test('both tubes of a member are one line: what is sawn, what is in the cage, what is lost', () => {
  const [pair, alone] = costsOf(
    [need('m', 'SL', 2100), need('m', 'SR', 2100), need('n', 'WB', 1000)],
    (piece) => (piece === 'p-WB' ? null : 2000),
    { tubes: [stock('E-1', 60)] },
  );
  expect(pair).toMatchObject({ stamps: ['SL', 'SR'], cut: 4200, finished: 4000, lost: 200, cost: 42 });
  // Cold-drawn 45 × 2.5: 2.62 kg/m (a mill's table, from memory; π·(45 − 2.5)·2.5·7.85e-6 kg/mm).
  expect(pair?.mass).toBeCloseTo(Math.PI * 42.5 * 2.5 * 7.85e-6 * 4200, 6);
  expect(alone).toMatchObject({ cut: 1000, finished: 1000, lost: 0 });
});

test('the price is that of its own batch, else of the cheapest like it; without one nobody knows the cost', () => {
  const costWith = (...tubes: Shop['tubes']) =>
    costsOf([need('m', 'MH', 3000)], () => null, { tubes })[0]?.cost;
  expect(costWith(stock('E-1', 60), stock('E-2', 30))).toBe(30);
  expect(costWith(stock('E-1', null), stock('E-2', 90), stock('E-3', 80, 8000))).toBe(30);
  expect(costWith(stock('E-1', null))).toBeNull();
  expect(costWith({ ...stock('E-1', 60), wall: mm(3) })).toBeNull();
});

test('all of it is the sum of its lines, and has no cost where one of them has none', () => {
  const costs = costsOf([need('m', 'MH', 3000), need('n', 'WB', 1000)], () => 900, {
    tubes: [stock('E-1', 60)],
  });
  expect(wholeCost(costs)).toMatchObject({ cut: 4000, finished: 1800, lost: 2200, cost: 40 });
  const [first, ...others] = costs;
  expect(wholeCost([{ ...first!, cost: null }, ...others]).cost).toBeNull();
  expect(wholeCost([])).toMatchObject({ cut: 0, mass: 0, cost: 0 });
});

test('a cage costs what is sawn for it; what nobody knows how to cut is named and not left out in silence', () => {
  const cross = bar(
    'x',
    'strut',
    stationOn('m-hoop', 'crown-left', 40),
    stationOn('m-hoop', 'crown-right', -40),
  );
  const plan = cageOf(cross);
  const shop = { format: 'gyrus-shop', version: 3, machines: [], tubes: [] } as unknown as Shop;
  const answers = evaluate(plan, shop, []);
  const copes = copesIn(plan, answers, []);
  const found = cageCosts(plan, answers.members, copes, { shop, guided: true });
  // No die is chosen: the hoop has no blank. The strut is straight, and sawn from ear to ear with its trims.
  expect(found.notYet).toEqual([{ stamp: 'MH', why: 'no-marks' }]);
  const lengths = copes.lengths.find(({ stamp }) => stamp === 'X');
  expect(found.costs).toMatchObject([{ stamps: ['X'], cost: null }]);
  expect(found.costs[0]?.cut).toBeCloseTo(
    (lengths?.ears ?? 0) + (lengths?.trim[0] ?? 0) + (lengths?.trim[1] ?? 0),
    9,
  );
  expect(found.costs[0]?.finished).toBeCloseTo(lengths?.axis ?? 0, 6);
});
