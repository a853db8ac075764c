import fc from 'fast-check';
import { bookOf, deg, mm } from '../../testing/index.ts';
import { migrateRuleBook, readRuleBook, type Rule, ruleBookFaults, type ScheduleRow } from '../index.ts';

const book = bookOf({ kind: 'angle', from: 'vertical', least: deg(30), most: null });
const [rule] = book.rules as [Rule];
const withRule = (changes: object): object => ({ ...book, rules: [{ ...rule, ...changes }] });
const faultsOf = (given: object) => ruleBookFaults(given).map(({ code, path }) => [code, path]);
const refused = (given: object): boolean => !readRuleBook(given).ok;

describe('what is typed in a blank and is no figure', () => {
  test.each([
    ['90o', { check: { kind: 'tilt-from-vertical', most: { typed: '90o' } } }, '/rules/0/check/most'],
    ['3,0', { check: { kind: 'least-clr-ratio', ratio: '3,0' } }, '/rules/0/check/ratio'],
    ['4.5', { check: { kind: 'bends', most: '4.5', largestAngle: null } }, '/rules/0/check/most'],
    ['4.5', { check: { kind: 'splice', sleeve: null, rosettes: '4.5' } }, '/rules/0/check/rosettes'],
    [
      '3 M8',
      { check: { kind: 'gusset', leg: null, thickness: { typed: '3 M8' } } },
      '/rules/0/check/thickness',
    ],
    [
      '20x6',
      { when: { roof: null, over: null, upTo: null, builtFrom: '20x6', builtTo: null } },
      '/rules/0/when/builtFrom',
    ],
  ])('%s is a fault at its blank, told once, and the book is not read with it', (typed, changes, path) => {
    const faults = ruleBookFaults(withRule(changes));
    expect(faults.map(({ code, path: at }) => [code, at])).toEqual([['unread', path]]);
    expect(faults[0]?.message).toContain(`"${typed}" is not understood`);
    expect(refused(withRule(changes))).toBe(true);
  });

  test('a size of the schedule and a weight too; an empty one that may not be is to be filled in', () => {
    const row = {
      clause: 'T',
      roles: ['backstay'],
      over: { typed: 'heavy' },
      upTo: null,
      options: [{ od: { typed: '45 m' }, wall: null, kinds: ['welded'] }],
    };
    expect(faultsOf({ ...book, tubeSchedule: [row] })).toEqual([
      ['unread', '/tubeSchedule/0/over'],
      ['unread', '/tubeSchedule/0/options/0/od'],
      ['empty', '/tubeSchedule/0/options/0/wall'],
    ]);
    expect(
      ruleBookFaults({ ...book, tubeSchedule: [row] })
        .map(({ message }) => message)
        .join(),
    ).not.toContain('{mm');
  });

  test('whatever the text: a book with one never reads back without it', () => {
    const blanks = [
      (typed: string) => ({ kind: 'angle', from: 'vertical', least: { typed }, most: deg(60) }),
      (typed: string) => ({
        kind: 'plate',
        area: 100,
        thickness: { typed },
        narrowest: null,
        bolts: null,
        boltSize: null,
      }),
      (typed: string) => ({
        kind: 'plate',
        area: typed,
        thickness: mm(3),
        narrowest: null,
        bolts: null,
        boltSize: null,
      }),
      (typed: string) => ({ kind: 'bends', most: typed, largestAngle: deg(90) }),
      (typed: string) => ({ kind: 'count', least: typed, per: 'cage' }),
      (typed: string) => ({
        kind: 'helmet',
        belowLine: null,
        belowTop: mm(50),
        within: null,
        gap: { typed },
      }),
    ];
    fc.assert(
      fc.property(fc.constantFrom(...blanks), fc.string({ minLength: 1 }), (blank, typed) => {
        const given = withRule({ check: blank(typed) });
        const kept = JSON.parse(JSON.stringify(given)) as object;
        expect(refused(kept)).toBe(true);
        expect(JSON.stringify(migrateRuleBook(kept))).toContain(JSON.stringify(typed));
        expect(ruleBookFaults(kept).some(({ path }) => path.startsWith('/rules/0/check'))).toBe(true);
      }),
    );
  });
});

describe('what contradicts itself', () => {
  const when = { roof: null, over: null, upTo: null, builtFrom: null, builtTo: null };
  const kg = (value: number) => ({ kg: value, typed: `${value} kg` });
  test.each<[string, object, string, string]>([
    [
      'from 30° to 20°',
      { check: { ...rule.check, least: deg(30), most: deg(20) } },
      'contradiction',
      '/rules/0/check/most',
    ],
    [
      'straps from 20° to 0°',
      { check: { kind: 'harness-window', least: deg(20), most: deg(0) } },
      'contradiction',
      '/rules/0/check/most',
    ],
    [
      'built 2016 to 2010',
      { when: { ...when, builtFrom: 2016, builtTo: 2010 } },
      'contradiction',
      '/rules/0/when/builtTo',
    ],
    [
      'over 1200 and up to 900 kg',
      { when: { ...when, over: kg(1200), upTo: kg(900) } },
      'contradiction',
      '/rules/0/when/upTo',
    ],
    ['no text', { text: ' ' }, 'missing', '/rules/0/text'],
    [
      'every blank empty',
      { check: { kind: 'plate', area: null, thickness: null, narrowest: null, bolts: null, boltSize: null } },
      'no-limit',
      '/rules/0/check',
    ],
    [
      'none at least',
      { check: { kind: 'count', least: 0, per: 'cage' } },
      'no-limit',
      '/rules/0/check/least',
    ],
    [
      'a bay of nothing',
      { check: { kind: 'count', least: 1, per: 'bay', of: 'backstay' } },
      'missing',
      '/rules/0/check/and',
    ],
  ])('%s', (_, changes, code, path) => {
    expect(faultsOf(withRule(changes))).toEqual([[code, path]]);
    expect(refused(withRule(changes))).toBe(true);
  });

  test('a class without a name, and one that is there twice', () => {
    const classes = (...titles: string[]) => ({
      ...book,
      classes: titles.map((title, i) => ({ id: `c${i}`, title })),
    });
    expect(faultsOf(classes(''))).toEqual([['missing', '/classes/0/title']]);
    expect(faultsOf(classes('Ice', ' Ice'))).toEqual([['double-class', '/classes/1/title']]);
  });

  const row = (
    over: number | null,
    upTo: number | null,
    roles: ScheduleRow['roles'] = ['backstay'],
  ): ScheduleRow => ({
    clause: 'T',
    roles,
    over: over === null ? null : kg(over),
    upTo: upTo === null ? null : kg(upTo),
    options: [{ od: mm(40), wall: mm(2), kinds: ['welded'] }],
  });
  test.each<[string, ScheduleRow[], string[]]>([
    ['rows that follow each other', [row(null, 900), row(900, 1200), row(1200, null)], []],
    ['in any order', [row(900, null), row(null, 900)], []],
    ['one row for every weight', [row(null, null)], []],
    ['of other members', [row(null, null), row(null, null, ['diagonal'])], []],
    ['a pound over, a kilogram under', [row(null, 907.18), row(907.2, null)], []],
    ['a row over another', [row(null, 1000), row(900, null)], ['overlap']],
    ['the same twice', [row(null, null), row(null, null)], ['overlap']],
    [
      'a row for all under two that leave a hole',
      [row(null, null), row(900, 1000), row(1500, null)],
      ['overlap', 'overlap'],
    ],
    ['a hole between two', [row(null, 900), row(1000, null)], ['hole']],
    [
      'of one member of several',
      [row(null, 900, ['backstay', 'diagonal']), row(1000, null, ['diagonal'])],
      ['hole'],
    ],
  ])('tube rows: %s', (_, rows, codes) => {
    expect(ruleBookFaults({ ...book, tubeSchedule: rows }).map(({ code }) => code)).toEqual(codes);
  });
});

describe('books of version 1', () => {
  const old = (changes: object): object => ({
    ...book,
    version: 1,
    rules: [{ ...rule, text: '', ...changes }],
  });

  test('are read as they were taken in, and taken in anew only without contradictions', () => {
    const read = readRuleBook(old({}));
    expect(read.ok && read.value.version).toBe(2);
    expect(faultsOf(old({}))).toEqual([['missing', '/rules/0/text']]);
  });

  test('counted on each side that has any', () => {
    const read = readRuleBook(old({ check: { kind: 'count', least: 2 } }));
    expect(read.ok && read.value.rules[0]?.check).toEqual({
      kind: 'count',
      least: 2,
      per: 'side-with-any',
    });
  });

  test('what is no book at all is refused by its first fault', () => {
    for (const given of [{}, { version: 1 }, { version: 1, rules: 5 }, { version: 1, rules: [null] }])
      expect(refused(given)).toBe(true);
  });
});
