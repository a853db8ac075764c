import { readRuleBook, type RuleBook, ruleBookFaults, type RuleCheck } from '@gyrus/core';
import { demoBooks } from '@gyrus/demo';
import { bookFieldWords } from './bookField.ts';
import { blanksOf, checkForms } from './checkForm.ts';

const [book] = demoBooks as [RuleBook];
const withCheck = (check: unknown) => ({
  ...book,
  rules: [{ id: 'r', clause: '1', text: 'a rule', roles: ['backstay'], classes: [], check }],
});

describe.each(Object.entries(checkForms))('%s', (kind, form) => {
  test('starts as a check that a book may have; a question waits for its words', () => {
    const faults = ruleBookFaults(withCheck(form.fresh));
    expect(faults.map(({ code }) => code)).toEqual(kind === 'ask' ? ['no-limit'] : []);
  });

  test('has a blank for each of its parameters', () => {
    const parameters = Object.keys(form.fresh).filter((key) => key !== 'kind');
    expect(
      blanksOf(kind as RuleCheck['kind'])
        .map(({ at }) => at)
        .sort(),
    ).toEqual(parameters.sort());
  });

  test('what may be left open may be null in a book, and what may not is refused', () => {
    for (const { at, optional, type } of blanksOf(kind as RuleCheck['kind'])) {
      const faults = ruleBookFaults(withCheck({ ...form.fresh, [at]: null }));
      const refused = faults.some(
        ({ path, code }) => path.startsWith(`/rules/0/check/${at}`) && code !== 'no-limit',
      );
      // The member that a distance is taken from may be left open where it is taken from a bend.
      if (!(kind === 'end-distance' && at === 'of') && type !== 'text' && type !== 'tick')
        expect([at, refused]).toEqual([at, !optional]);
    }
  });
});

test('every check of the demo’s books can be written as its sentence', () => {
  const kinds = new Set(demoBooks.flatMap(({ rules }) => rules.map(({ check }) => check.kind)));
  for (const kind of kinds) expect(checkForms[kind].name).not.toBe('');
});

test.each([
  ['/rules/0/check/least', 'rule 1, clause 7.1: least angle'],
  ['/rules/0/roles', 'rule 1, clause 7.1: which members it is about'],
  ['/rules/0/check', 'rule 1, clause 7.1: what is checked'],
  ['/rules/1/clause', 'rule 2: clause'],
  ['/tubeSchedule/0/options/0/od', 'tube row 1, clause T 1: least outside of size 1'],
  ['/edition', 'edition'],
  ['/classes/1/title', 'class 2'],
  ['/rules/2/check/least', 'rule 3, clause 7: A: least angle'],
])('a fault at %s is of %s', (path, words) => {
  const given = {
    rules: [
      { clause: '7.1', check: { kind: 'angle' } },
      { clause: '' },
      { clause: '7: A', check: { kind: 'angle' } },
    ],
    tubeSchedule: [{ clause: 'T 1' }],
  };
  expect(bookFieldWords(given, path)).toBe(words);
});

describe('what a book may not have', () => {
  const codeOf = (changes: Partial<RuleBook>) => {
    const read = readRuleBook({ ...book, ...changes });
    return read.ok ? null : [read.fault.code, read.fault.path];
  };
  test('published figures without a publication, no edition, no title', () => {
    expect(codeOf({ provenance: 'published', source: ' ' })).toEqual(['missing', '/source']);
    expect(codeOf({ edition: '' })).toEqual(['missing', '/edition']);
    expect(codeOf({ title: '' })).toEqual(['missing', '/title']);
    expect(codeOf({ provenance: undefined })).toEqual(['missing', '/provenance']);
  });
  test('a rule that limits nothing, an id twice, a class that is not there', () => {
    const [rule] = book.rules as [RuleBook['rules'][number]];
    const open = {
      ...rule,
      check: { kind: 'angle' as const, from: 'vertical' as const, least: null, most: null },
    };
    expect(codeOf({ rules: [open] })).toEqual(['no-limit', '/rules/0/check']);
    expect(codeOf({ rules: [rule, rule] })).toEqual(['double-id', '/rules/1/id']);
    expect(codeOf({ rules: [{ ...rule, classes: ['none'] }] })).toEqual([
      'unknown-class',
      '/rules/0/classes',
    ]);
  });
  test('all that is wrong is told at once', () => {
    const faults = ruleBookFaults({ ...book, title: 5, provenance: 'guess', rules: [{}] });
    expect(faults.length).toBeGreaterThan(5);
    expect(faults.map(({ path }) => path)).toEqual(
      expect.arrayContaining(['/title', '/provenance', '/rules/0/clause']),
    );
  });
});
