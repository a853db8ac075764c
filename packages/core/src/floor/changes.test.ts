import { EMPTY_SHOP } from '../plan/index.ts';
import { expectValue } from '../fault/index.ts';
import { itemAt } from '../items/index.ts';
import { angle, inch } from '../testing/index.ts';
import { die, hoopIssued, shop, test2in } from '../testing/twoInchShop.ts';
import { answersChanged, booksChanged, shopChanged } from './index.ts';

const issued = hoopIssued();

test('a sheet that is worked out again is no other sheet', () => {
  expect(answersChanged(issued, hoopIssued())).toEqual([]);
  expect(answersChanged(issued, 'gone')).toEqual([{ what: 'gone' }]);
});

test('longer trims move the blank and every mark by the one at A, and no reading', () => {
  const changes = answersChanged(issued, hoopIssued({ trimA: inch('2'), trimB: inch('2') }));
  expect(changes[0]).toEqual({
    what: 'blank',
    from: issued.sheet.blank,
    to: issued.sheet.blank + 2 * 25.4,
  });
  const marks = changes.flatMap((one) => (one.what === 'figure' ? [one] : []));
  expect(marks.map(({ figure }) => figure)).toEqual(issued.sheet.bends.map(() => 'mark'));
  for (const { from, to } of marks) expect(to - from).toBeCloseTo(25.4, 6);
  expect(changes).toHaveLength(1 + marks.length);
});

test('another school moves readings; another side of the clamp is told', () => {
  const constant = hoopIssued({ springback: { school: 'constant', degrees: angle('9') } });
  const readings = answersChanged(issued, constant).flatMap((one) =>
    one.what === 'figure' && one.figure === 'reading' ? [one.bend] : [],
  );
  expect(readings).toEqual(issued.sheet.bends.map(({ number }) => number));
  const bend = itemAt(issued.sheet.bends, 0);
  const other = bend.clampSide === 'a' ? 'b' : 'a';
  expect(answersChanged(issued, hoopIssued({ clampSideAt: { [bend.feature]: other } }))).toContainEqual({
    what: 'clamp',
    bend: bend.number,
    to: other,
  });
});

test('another wall is another tube, as near as the sizes of a catalogue stand', () => {
  const walled = (wall: string) => ({ ...issued, tube: { ...issued.tube, wall: inch(wall) } });
  expect(answersChanged(walled('0.083'), walled('0.095'))).toEqual([{ what: 'tube' }]);
  expect(answersChanged(walled('0.095'), walled('0.095'))).toEqual([]);
});

test('a new test bend, another machine and a new edition are told, and nothing where all is as it was', () => {
  expect(shopChanged(issued, shop, shop)).toEqual([]);
  const [machine] = shop.machines;
  if (!machine) throw new Error('the shop has a machine');
  const tested = { ...die, tests: [...die.tests, test2in('t9', '60', '55')] };
  const tests = { ...shop, machines: [{ ...machine, dies: [tested] }] };
  expect(shopChanged(issued, shop, tests)).toEqual([{ what: 'tooling', die: '2 in' }]);
  expect(shopChanged(issued, shop, EMPTY_SHOP)).toEqual([]);
  const book = { id: 'b', title: 'Book', edition: '1' };
  expect(booksChanged([book], [book])).toEqual([]);
  expect(booksChanged([book], [{ ...book, edition: '2' }])).toEqual([
    { what: 'book', book: 'Book', from: '1', to: '2' },
  ]);
  expect(booksChanged([book], [])).toMatchObject([{ to: null }]);
});

test('a sheet carries the tube walked through as its machine was', () => {
  if (typeof issued.walk === 'string') throw new Error(issued.walk);
  expect(issued.walk.pulls.map(({ bend }) => bend)).toEqual(issued.sheet.steps.map(({ bend }) => bend));
  expect(expectValue({ ok: true, value: issued.ears })).toBeNull();
});
