import { MILLIMETRES, type StillBecomes } from '@gyrus/core';
import { stillBecomesWords } from './stillBecomes.ts';

const own: StillBecomes = {
  stamp: 'H',
  own: true,
  turned: false,
  shift: -12,
  cut: [38, 62],
  toCome: [{ bend: 2, mark: 1200, clamp: 'a', reading: 58.26, turn: 0 }],
};

test('marks that move are told as a way and a side, another tube by where its bends go', () => {
  expect(stillBecomesWords(own, MILLIMETRES)).toBe(
    'It can still be this tube: move every mark to come by 12 mm toward end A. Then 38 mm is cut off end A of the blank and 62 mm off end B.',
  );
  const twin = { ...own, own: false, stamp: 'SR', shift: null, turned: true };
  expect(stillBecomesWords(twin, MILLIMETRES)).toBe(
    'It can still be SR turned end for end, its end A toward end B of the blank: its bend 2 at 1200 mm from end A, clamp toward A, level with the bend before, pulled to 58.3°. Then 38 mm is cut off end A of the blank and 62 mm off end B.',
  );
  const turned = { ...twin, turned: false, toCome: own.toCome.map((one) => ({ ...one, turn: -42 })) };
  expect(stillBecomesWords(turned, MILLIMETRES)).toContain('turned −42° from the bend before (seen A to B)');
  expect(stillBecomesWords({ ...twin, toCome: [] }, MILLIMETRES)).toContain('end B of the blank. Then 38 mm');
});
