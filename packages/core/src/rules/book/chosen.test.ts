import { lapAnswers } from '../../harness/index.ts';
import { continuousPieces, rulesOfKind } from './chosen.ts';
import { type RuleBook } from './ruleBook.ts';
import { strapWindows } from '../strapWindows.ts';
import { type Plan } from '../../plan/index.ts';
import { bar, bookOf, cageOf, choosing, deg, heightOn, personOf, placeAt } from '../../testing/index.ts';

const windowOf = (least: number, most: number, more: Partial<RuleBook> = {}): RuleBook =>
  bookOf({ kind: 'harness-window', least: deg(least), most: deg(most) }, 'harness-bar', more);
const inClass = (plan: Plan, id: string | null): Plan => ({
  ...plan,
  brief: { ...plan.brief, books: plan.brief.books.map((one) => ({ ...one, class: id })) },
});

test('windows come from the chosen books, and from common practice where none has one', () => {
  const book = windowOf(5, 25);
  expect(strapWindows(choosing(cageOf(), book), [book], 'harness-window')).toEqual([
    { book: 'A book', least: 5, most: 25 },
  ]);
  expect(strapWindows(cageOf(), [book], 'harness-window')).toEqual([
    { book: 'common practice', least: 0, most: 45 },
  ]);
  expect(strapWindows(choosing(cageOf(), book), [book], 'lap-window')).toEqual([
    { book: 'common practice', least: 45, most: 80 },
  ]);
});

test('a window of another class, or of open cars alone, is none here', () => {
  const [rule] = windowOf(5, 25).rules;
  if (!rule) throw new Error('one rule');
  const ice = windowOf(5, 25, {
    classes: [{ id: 'ice', title: 'Ice' }],
    rules: [{ ...rule, classes: ['ice'] }],
  });
  const plan = choosing(cageOf(), ice);
  expect(rulesOfKind(inClass(plan, null), [ice], 'harness-window')).toEqual([]);
  expect(rulesOfKind(inClass(plan, 'ice'), [ice], 'harness-window')).toHaveLength(1);
  const when = { roof: 'open' as const, over: null, upTo: null, builtFrom: null, builtTo: null };
  const open = windowOf(5, 25, { rules: [{ ...rule, when }] });
  expect(rulesOfKind(choosing(cageOf(), open), [open], 'harness-window')).toEqual([]);
});

test('the pieces that a book wants in one are those of its roles', () => {
  const book = bookOf({ kind: 'continuous-tube' }, 'harness-bar');
  const plan = choosing(
    cageOf(bar('h', 'harness-bar', heightOn('m-hoop', 'left', 600), heightOn('m-hoop', 'right', 600))),
    book,
  );
  expect([...continuousPieces(plan, [book])]).toEqual(['p-h']);
  expect(continuousPieces(plan, []).size).toBe(0);
});

test('lap anchors: measured ones alone, at every setting of the seat', () => {
  const { body } = personOf('o');
  const person = {
    ...personOf('o'),
    name: 'A. N.',
    body: { ...body, hip: placeAt(300, 300, 200) },
    lap: { left: placeAt(200, 560, 50), right: null },
  };
  const [left, ...more] = lapAnswers(
    { ...cageOf(), occupants: [person] },
    strapWindows(cageOf(), [], 'lap-window'),
  );
  expect(more).toEqual([]);
  expect(left?.now).toBeCloseTo((Math.atan2(150, 100) * 180) / Math.PI, 9);
  // 45 to 80° is common practice: 150 mm below the hip they are 150 to 26 mm behind it.
  expect(left?.interval?.rear.x).toBeCloseTo(150, 6);
  expect(left?.interval?.front.x).toBeCloseTo(300 - 150 / Math.tan((80 * Math.PI) / 180), 6);
  expect(
    lapAnswers({ ...cageOf(), occupants: [personOf('o')] }, strapWindows(cageOf(), [], 'lap-window')),
  ).toEqual([]);
});
