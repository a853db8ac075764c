import { inch } from '../../testing/index.ts';
import { die, shop, test2in } from '../../testing/twoInchShop.ts';
import { springbackGroups, testsDue } from './springbackGroups.ts';

test('bends of another wall or batch are another tube; those of unknown kind count with the kind that there is', () => {
  const other = [
    { ...test2in('w', '50', '45'), wall: inch('0.120') },
    { ...test2in('k', '50', '45'), kind: 'alloy' as const },
    { ...test2in('b', '50', '45'), batch: '7702' },
  ];
  const groups = springbackGroups({ tests: [...die.tests, ...other, test2in('t9', '60', '55')] });
  expect(groups.map(({ tests }) => tests.map(({ id }) => id))).toEqual([
    ['w'],
    ['t1', 't2', 't3', 'k', 't9'],
    ['b'],
  ]);
  // Where no kind was ever written down, they stand by themselves.
  expect(springbackGroups(die).map(({ tests, tube }) => [tube.kind, tests.length])).toEqual([[null, 3]]);
});

test('a new batch in stock has a test bend due, one that a sound bend tells of has not; another diameter is no matter of the die', () => {
  const [tube] = shop.tubes;
  if (!tube) throw new Error('the shop has tube');
  const stock = { tubes: [tube, { ...tube, batch: '7702' }, { ...tube, od: inch('1 1/2') }] };
  expect(testsDue(die, stock).map(({ batch }) => batch)).toEqual(['7702']);
  const slipped = die.tests.map((one) => ({ ...one, sound: false }));
  expect(testsDue({ ...die, tests: slipped }, stock)).toHaveLength(2);
});
