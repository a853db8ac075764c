import { type Rule, type RuleBook } from '@gyrus/core';
import { produce } from 'immer';
import { blankBook } from './keptDrafts.ts';
import { onlyIn, TAKE_THEM, withoutClass, withRulesOf } from './classEdits.ts';

const rule = (id: string, ...classes: string[]): Rule => ({
  id,
  clause: id,
  text: 'what it asks',
  roles: ['main-hoop'],
  classes,
  check: { kind: 'ask', question: 'Is it?' },
});
const book: RuleBook = {
  ...blankBook(),
  classes: [
    { id: 'ice', title: 'Ice' },
    { id: 'hill', title: 'Hill' },
  ],
  rules: [rule('all'), rule('ice alone', 'ice'), rule('both', 'ice', 'hill'), rule('hill alone', 'hill')],
};
const without = (moveTo: string): RuleBook => produce(book, (draft) => withoutClass(draft, 'ice', moveTo));
const held = ({ rules }: RuleBook) => rules.map(({ id, classes }) => [id, classes]);

test('rules that depend on a class are those of it alone', () => {
  expect(onlyIn(book, 'ice').map(({ id }) => id)).toEqual(['ice alone']);
});

test('with a class its own rules go, and those of several lose it', () => {
  const next = without(TAKE_THEM);
  expect(next.classes.map(({ id }) => id)).toEqual(['hill']);
  expect(held(next)).toEqual([
    ['all', []],
    ['both', ['hill']],
    ['hill alone', ['hill']],
  ]);
});

test('or they hold in another; no rule ever holds for all that did not', () => {
  const next = without('hill');
  expect(held(next)[1]).toEqual(['ice alone', ['hill']]);
  const widened = next.rules.filter(({ id, classes }) => id !== 'all' && classes.length === 0);
  expect(widened).toEqual([]);
});

test.each([TAKE_THEM, 'hill'])(
  'undone, they hold as they did, and what was changed since stays (%j)',
  (moveTo) => {
    const later = produce(without(moveTo), (draft) => {
      draft.title = 'Renamed since';
      draft.classes.unshift({ id: 'ice', title: 'Ice' });
      withRulesOf(draft, 'ice', book.rules);
    });
    expect(held(later)).toEqual(held(book));
    expect(later.title).toBe('Renamed since');
  },
);
