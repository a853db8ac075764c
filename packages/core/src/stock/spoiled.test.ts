import { byBends } from '../bending/index.ts';
import { itemAt } from '../items/index.ts';
import { hoopSheet } from '../testing/twoInchShop.ts';
import { spoiledPiece } from './spoiled.ts';

const sheet = hoopSheet();

test('with all its pulls made as planned a blank is the tube with its trims', () => {
  const piece = spoiledPiece(sheet, sheet.steps.length, null);
  if (!piece) throw new Error('it is bent');
  const found = byBends(piece, [1, 2]);
  const wanted = byBends(
    sheet.marked.lra,
    sheet.bends.map(({ number }) => number),
    sheet.trim,
  );
  expect(found.length).toBeCloseTo(sheet.blank, 9);
  expect(found.bends.map(({ at, angle }) => [at, angle])).toEqual(
    wanted.bends.map(({ at, angle }) => [
      expect.closeTo(at, 6) as number,
      expect.closeTo(angle, 9) as number,
    ]),
  );
});

test('the last pull may have come out otherwise: its tangent at the clamp stays, the blank keeps its length', () => {
  const [first] = sheet.steps;
  const bend = sheet.bends.find(({ number }) => number === first?.bend);
  if (!bend) throw new Error('the sheet has a first pull');
  const piece = spoiledPiece(sheet, 1, bend.angle + 5);
  expect(piece?.bends).toHaveLength(1);
  const { length, angle, clr } = itemAt(piece?.bends ?? [], 0);
  const arc = (clr * angle * Math.PI) / 180;
  expect(angle).toBeCloseTo(bend.angle + 5, 9);
  expect(length + arc + (piece?.tail ?? 0)).toBeCloseTo(sheet.blank, 9);
  expect(bend.clampSide === 'a' ? length : length + arc).toBeCloseTo(
    bend.clampSide === 'a' ? bend.tangentA : bend.tangentB,
    9,
  );
});

test('a turn from one bend that is there to the next is the short way round, whatever lies between them', () => {
  const clocks = sheet.bends.map((bend, i) => ({ ...bend, clock: i * 200 }));
  const piece = spoiledPiece({ ...sheet, bends: clocks }, sheet.steps.length, null);
  expect(piece?.bends.map(({ rotation }) => rotation)).toEqual([0, -160]);
});

test('before the first pull nothing is bent', () => {
  expect(spoiledPiece(sheet, 0, null)).toBeNull();
});
