import { type Plan } from '../../plan/index.ts';
import { cageOf, mm, placeAt } from '../../testing/index.ts';
import { type SeamRoom } from '../room/seamParts.ts';
import { nearSeams } from './nearSeams.ts';

const base = cageOf();
const seam = (stamp: string, ...at: [number, number, number][]) =>
  ({ end: { tube: { stamp } }, places: at.map((one) => ({ at: one })) }) as unknown as SeamRoom;
const box = (name: string, from: Plan['survey']['keepOuts'][number]['from'], to: typeof from) => ({
  ...{ id: name, name, from, to },
  clearance: mm(10),
});
const plan: Plan = {
  ...base,
  survey: {
    ...base.survey,
    keepOuts: [
      box('dash', placeAt(300, -400, 600), placeAt(500, 400, 800)),
      box('tank', placeAt(-2000, -400, 0), placeAt(-1500, 400, 300)),
      box('loom', placeAt(500, 0, 0), placeAt(-100, 10, 20)),
    ],
    planes: [
      { id: 'g', name: 'glass', at: placeAt(0, 700, 900), normal: placeAt(0, 2, 0), reach: mm(300) },
      { id: 'f', name: 'floor', at: placeAt(0, 0, 0), normal: placeAt(0, 0, 1), reach: null },
    ],
  },
};

test('what lies within reach of heat and spatter, the nearest first, by the seam that it is nearest to', () => {
  const seams = [seam('HB', [0, 0, 700], [0, 300, 700]), seam('SL', [200, 600, 900])];
  const near = nearSeams(plan, seams);
  expect(near.map(({ name, stamp }) => [name, stamp])).toEqual([
    ['glass', 'SL'],
    ['dash', 'SL'],
  ]);
  // 700 − 600 across; a corner of the box: (100, 200, 100) away.
  expect(near.map(({ gap }) => gap)).toEqual([100, expect.closeTo(Math.sqrt(60_000), 9)]);
});

test('inside of a box there is no gap; a panel ends where it was said to, one without an end goes on', () => {
  const inside = nearSeams(plan, [seam('X', [100, 5, 10])]);
  expect(inside.map(({ name, gap }) => [name, gap])).toEqual([
    ['loom', 0],
    ['floor', 10],
  ]);
  // 400 along the glass is 100 past its end.
  const past = nearSeams(plan, [seam('Y', [400, 700, 900])]).find(({ name }) => name === 'glass');
  expect(past?.gap).toBeCloseTo(100, 9);
  expect(nearSeams(plan, [])).toEqual([]);
});
