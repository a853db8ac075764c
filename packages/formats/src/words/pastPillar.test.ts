import { MILLIMETRES } from '@gyrus/core';
import { pastPillarWords } from './pastPillar.ts';

const seen = (left: number, right: number, off: number, parallel = true) => ({
  ...{ member: 'S', piece: 's', stamp: 'SL' },
  ...{ left, right, off, parallel },
});

test.each([
  [[], 'no bar runs along it'],
  [[seen(-16, -3, 0.2)], 'SL is hidden by it, 0.2° off'],
  [[seen(14, -46, 1)], 'SL shows 14 mm on the left, 1° off'],
  [
    [seen(2, 3, 5, false)],
    'SL shows 2 mm on the left and 3 mm on the right, 5° off, which is more than wanted',
  ],
])('what shows past a pillar is said by side and angle: %j', (value, words) => {
  expect(pastPillarWords({ ok: true, value }, MILLIMETRES)).toBe(words);
});
