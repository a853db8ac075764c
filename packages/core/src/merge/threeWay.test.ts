import fc from 'fast-check';
import { changesBetween } from './changes.ts';
import { entriesOf, fieldKey, isSameData } from './json.ts';
import { valueAtPath } from './plans.ts';
import { threeWay } from './threeWay.ts';

const length = (mm: number) => ({ mm, typed: `${mm} mm` });
const keys = (clashes: { path: readonly string[] }[]) => clashes.map(({ path }) => fieldKey(path));

test('a quantity is one field: its number and what was typed are never taken from two people', () => {
  const { merged, clashes } = threeWay({ a: length(1) }, { a: length(2) }, { a: length(3) });
  expect(merged).toEqual({ a: length(2) });
  expect(keys(clashes)).toEqual(['a']);
});

test('a thing of another kind on one side is one field, whatever keys the two share', () => {
  const base = { end: { kind: 'point', at: 1, note: 'x' } };
  const mine = { end: { kind: 'point', at: 2, note: 'x' } };
  const theirs = { end: { kind: 'plate', plate: 'p' } };
  expect(keys(threeWay(base, mine, theirs).clashes)).toEqual(['end']);
  expect(threeWay(base, mine, theirs, { choices: { end: 'theirs' } }).merged).toEqual(theirs);
});

test('measures come and go one by one', () => {
  const base = { measures: { a: length(1), b: length(2) } };
  const mine = { measures: { b: length(2), c: length(3) } };
  const theirs = { measures: { a: length(1), b: length(4) } };
  expect(threeWay(base, mine, theirs)).toEqual({
    merged: { measures: { b: length(4), c: length(3) } },
    clashes: [],
  });
});

test('a list whose entries cannot be told apart is one field where its length changed, else goes place by place', () => {
  const places = threeWay({ at: [1, 2, 3] }, { at: [9, 2, 3] }, { at: [1, 2, 8] });
  expect(places).toEqual({ merged: { at: [9, 2, 8] }, clashes: [] });
  expect(keys(threeWay({ at: [1, 2] }, { at: [1] }, { at: [1, 3] }).clashes)).toEqual(['at']);
});

test('records that each side added stand behind what they stand behind there', () => {
  const record = (id: string) => ({ id });
  const list = (...ids: string[]) => ({ members: ids.map(record) });
  const { merged, clashes } = threeWay(
    list('a', 'b', 'c'),
    list('a', 'x', 'b', 'c'),
    list('a', 'b', 'y', 'c'),
  );
  expect(merged).toEqual(list('a', 'x', 'b', 'y', 'c'));
  expect(clashes).toEqual([]);
});

test('a record with an id that stands twice makes no list of records', () => {
  expect(entriesOf(['members'], [{ id: 'a' }, { id: 'a' }])).toBeNull();
  expect([...(entriesOf(['fitOrder'], ['p', 'q'])?.keys() ?? [])]).toEqual(['p', 'q']);
  expect(entriesOf(['drivers'], ['p', 'q'])).toBeNull();
});

test('every change that is told leads to what changed, on both sides', () => {
  const value = fc.oneof(fc.integer(), fc.constant(null), fc.integer().map(length));
  const record = fc.record({
    id: fc.constantFrom('a', 'b', 'c'),
    size: value,
    tube: fc.record({ od: value }),
  });
  const document = fc.record({
    members: fc.uniqueArray(record, { selector: ({ id }) => id }),
    brief: fc.record({ car: fc.string(), year: value }),
  });
  fc.assert(
    fc.property(document, document, (from, to) => {
      const changes = changesBetween(from, to);
      expect(changes.length > 0).toBe(!isSameData(from, to));
      for (const change of changes.filter(({ path }) => path.at(-1) !== 'order')) {
        expect(valueAtPath(from, change.path)).toEqual(change.from);
        expect(valueAtPath(to, change.path)).toEqual(change.to);
      }
    }),
    { seed: 12, numRuns: 200 },
  );
});

test('merging with oneself, or with who changed nothing, is who changed something', () => {
  const any = fc.jsonValue({ maxDepth: 3 });
  fc.assert(
    fc.property(any, any, (base, mine) => {
      expect(threeWay(base, mine, structuredClone(mine)).merged).toEqual(mine);
      expect(threeWay(base, mine, base).merged).toEqual(mine);
      expect(threeWay(base, base, mine).merged).toEqual(mine);
    }),
    { seed: 12, numRuns: 200 },
  );
});
