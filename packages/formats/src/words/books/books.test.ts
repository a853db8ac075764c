import {
  type EditionChange,
  editionChanges,
  finding,
  INCHES,
  MILLIMETRES,
  type Rule,
  type RuleBook,
} from '@gyrus/core';
import { demoBooks, demoPlan } from '@gyrus/demo';
import { holdsWords } from './conditions.ts';
import { editionChangeWords } from './edition.ts';
import { findingStamps, linesOf, lineWords } from '../findings/findingLines.ts';
import { massWords, runWords, sizeWords } from '../printUnits.ts';
import { figuresIn, figuresUncovered } from './statedFigures.ts';

const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
const deg = (value: number) => ({ deg: value, typed: `${value}` });
const [book] = demoBooks as [RuleBook];
const tilt = (most: number, text: string): Rule => ({
  id: 'tilt',
  clause: '4.1',
  text,
  roles: ['main-hoop'],
  classes: [],
  check: { kind: 'tilt-from-vertical', most: deg(most) },
});
/** By way of two editions of one book, as the pages have it. */
const changed = (was: Rule, now: Rule): string[] => {
  const edition = (rule: Rule): RuleBook => ({
    ...book,
    classes: [{ id: 'k1', title: 'Ice' }],
    rules: [rule],
  });
  return editionChanges(edition(was), edition(now)).flatMap(editionChangeWords);
};

describe('what an edition changes', () => {
  test('a figure by its blank, and a text that still says the old one', () => {
    expect(changed(tilt(10, 'Ten degrees at most.'), tilt(8, 'Eight degrees at most.'))).toEqual([
      'largest tilt 10° → 8°',
      'its text: “Eight degrees at most.”',
    ]);
    expect(changed(tilt(10, 'Ten degrees at most.'), tilt(8, 'Ten degrees at most.'))).toEqual([
      'largest tilt 10° → 8°',
      'its text still says ten',
    ]);
  });

  test('whom it is about, when it holds, how it is checked', () => {
    const was = tilt(10, 'x');
    expect(changed(was, { ...was, roles: ['main-hoop', 'halo'] })).toEqual([
      'about main hoop → main hoop, halo',
    ]);
    const when = { roof: null, over: null, upTo: null, builtFrom: 2016, builtTo: null };
    expect(changed(was, { ...was, when })).toEqual(['holds always → built from 2016']);
    expect(changed(was, { ...was, classes: ['k1'] })).toEqual(['holds always → only in Ice']);
    expect(changed(was, { ...was, check: { kind: 'ask', question: 'Is it?' } })).toEqual([
      'checked: tilt of the hoop → a question for a person',
    ]);
  });

  test('a row of the schedule by its sizes; rules that came and went by their texts', () => {
    const [row, ...rows] = book.tubeSchedule as [RuleBook['tubeSchedule'][number]];
    const next: RuleBook = {
      ...book,
      tubeSchedule: [{ ...row, options: [{ od: mm(45), wall: mm(2.5), kinds: ['welded'] }] }, ...rows],
      rules: [...book.rules.slice(1), tilt(8, 'New.')],
    };
    const words = editionChanges(book, next).map((one: EditionChange) => [
      one.kind,
      editionChangeWords(one).join(),
    ]);
    expect(words).toContainEqual(['added', 'New.']);
    expect(words).toContainEqual(['removed', book.rules[0]?.text]);
    expect(words[0]?.[1]).toMatch(/1 1\/2 in × 0\.095 in .* → .*45 mm × 2\.5 mm welded$/);
  });
});

test.each([
  ['Within ten degrees, or 8 1/2, 3/4 and 2.5.', [8.5, 0.75, 2.5, 10]],
  ['Twenty tubes of one kind.', [20]],
  ['None.', []],
])('figures of "%s"', (text, values) => {
  expect(figuresIn(text).map(({ value }) => value)).toEqual(values);
});

test('a text may say its figure in any unit, in words or as a share; what no blank holds is told', () => {
  const covered = (text: string, check: Rule['check']) => figuresUncovered({ text, check });
  expect(
    covered('Within 4 in, that is 101.6 mm.', { kind: 'padding', within: { mm: 101.6, typed: '4 in' } }),
  ).toEqual([]);
  expect(covered('Not above 50 %.', { kind: 'opening-height', share: 0.5 })).toEqual([]);
  expect(covered('Ten degrees, and 3 gussets.', { kind: 'tilt-from-vertical', most: deg(10) })).toEqual([
    '3',
  ]);
  expect(covered('3 of them?', { kind: 'ask', question: 'Are there?' })).toEqual([]);
});

test('when a rule holds, in the book’s unit or in the reader’s', () => {
  const holds = {
    classes: ['Ice', 'Hill'],
    roof: 'open' as const,
    over: { kg: 1000, typed: '1000 kg' },
    upTo: { kg: 1200, typed: '1200 kg' },
    builtFrom: 2010,
    builtTo: 2016,
  };
  expect(holdsWords(holds)).toBe(
    'only in Ice, Hill; open cars; cars over 1000 kg and up to 1200 kg; built from 2010 to 2016',
  );
  expect(holdsWords(holds, INCHES)).toContain('cars over 2205 lb and up to 2646 lb');
  expect(holdsWords(null)).toBe('');
});

describe('findings of one kind on one line', () => {
  const angle = (member: string, stamp: string, measured: number, status: 'out' | 'clear' = 'out') =>
    finding({
      key: stamp,
      code: 'angle',
      status,
      member,
      measured: { deg: measured },
      limit: { deg: 30 },
      margin: { deg: measured - 30 },
      facts: { stamp: { text: stamp }, from: { text: 'vertical' }, side: { text: 'least' } },
    });
  test('the worst speaks, the others follow with their figures, those of one figure in one', () => {
    const [line, ...more] = linesOf(
      [angle('m', 'BL', 20), angle('m', 'BR', 18), angle('n', 'SL', 18)],
      demoPlan,
    );
    expect(more).toEqual([]);
    expect(line?.stamps).toEqual(['BL', 'BR', 'SL']);
    expect(line && lineWords(line, demoPlan, INCHES)).toBe(
      'BR makes 18° with vertical, at least 30°. Likewise BL 20°.',
    );
  });
  test('what is clear stands apart, and needs one sentence', () => {
    const lines = linesOf(
      [angle('m', 'BL', 20), angle('m', 'BR', 40, 'clear'), angle('m', 'SL', 50, 'clear')],
      demoPlan,
    );
    expect(lines.map((line) => lineWords(line, demoPlan, INCHES))).toEqual([
      'BL makes 20° with vertical, at least 30°.',
      'BR makes 40° with vertical, at least 30°.',
    ]);
  });
  test('stamps are those of the tubes: both hands of a pair', () => {
    const pair = demoPlan.members.find(({ pieces }) => pieces.length === 2);
    const found = finding({ key: 'k', code: 'tilt', status: 'out', member: pair?.id ?? '' });
    expect(findingStamps(found, demoPlan)).toEqual(pair?.pieces.map(({ stamp }) => stamp));
  });
});

test('what a print says in its own unit, with the size as it is bought where that is another', () => {
  expect(sizeWords(mm(45), MILLIMETRES)).toBe('45 mm');
  expect(sizeWords(mm(45), INCHES)).toBe('1.772 in (45 mm)');
  expect(sizeWords({ mm: 44.45, typed: '1 3/4' }, INCHES)).toBe('1 3/4 in');
  expect([massWords(898.1, INCHES), massWords(898.1, MILLIMETRES)]).toEqual(['1980 lb', '898 kg']);
  expect([runWords(30_480, INCHES), runWords(30_480, MILLIMETRES)]).toEqual(['100.0 ft', '30.5 m']);
});
