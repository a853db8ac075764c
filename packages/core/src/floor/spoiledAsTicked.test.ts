import { spoiledPiece } from '../stock/index.ts';
import { hoopSheet } from '../testing/twoInchShop.ts';
import { spoiledAsTicked } from './spoiledAsTicked.ts';

const sheet = hoopSheet();

test('by the ticks at the bender: what was pulled, the last of it as it was measured last', () => {
  const [first, second] = sheet.steps;
  if (!first || !second) throw new Error('the sheet has two pulls');
  const tick = (step: string, time = 1, deg: number | null = null) => ({
    ...{ step, time, again: false },
    measured: deg === null ? null : { released: { deg, typed: `${deg}` } },
  });
  expect(
    spoiledAsTicked(sheet, [tick('mark'), tick(`${first.bend}/turn`), tick(`${first.bend}/clamp`)]),
  ).toBeNull();
  const pulled = [tick('mark'), tick(`${first.bend}/pull`)];
  expect(spoiledAsTicked(sheet, pulled)).toEqual(spoiledPiece(sheet, 1, null));
  const measured = [...pulled, tick(`${first.bend}/release`, 1, 40), tick(`${first.bend}/release`, 2, 44)];
  expect(spoiledAsTicked(sheet, measured)).toEqual(spoiledPiece(sheet, 1, 44));
  expect(spoiledAsTicked(sheet, [...measured, tick(`${second.bend}/pull`)])).toEqual(
    spoiledPiece(sheet, 2, null),
  );
});
