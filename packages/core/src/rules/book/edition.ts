import equal from 'fast-deep-equal';
import { type Holds } from '../../findings/index.ts';
import { holdsOf, holdsOfRow } from './chosen.ts';
import { type Rule, type RuleBook, type ScheduleRow } from './ruleBook.ts';

/** What a newer edition of a book changes, by clause. */
export interface EditionChange {
  kind: 'added' | 'removed' | 'changed';
  /** Of the rule, or of the row of the tube schedule. */
  id: string;
  clause: string;
  was: Stated | null;
  now: Stated | null;
}

/** A rule or a row of the tube schedule, and when it holds in the words of its edition. */
export interface Stated {
  item: Rule | ScheduleRow;
  holds: Holds | null;
}

/** Rules by their ids; rows of the tube schedule by what they are for, as they have none. */
export const editionChanges = (old: RuleBook, next: RuleBook): EditionChange[] => [
  ...changesBy(rowsOf(old), rowsOf(next)),
  ...changesBy(rulesOf(old), rulesOf(next)),
];

type Keyed = Map<string, Stated>;

const rulesOf = (book: RuleBook): Keyed =>
  new Map(book.rules.map((rule) => [rule.id, { item: rule, holds: holdsOf(book, rule) }]));

/** Rows by clause and members, numbered where those repeat. */
function rowsOf({ tubeSchedule }: RuleBook): Keyed {
  const keys = tubeSchedule.map(({ clause, roles }) => `tube/${clause}/${roles.join(',')}`);
  return new Map(
    tubeSchedule.map((row, i) => {
      const before = keys.slice(0, i).filter((one) => one === keys[i]).length;
      return [`${keys[i]}/${before}`, { item: row, holds: holdsOfRow(row) }];
    }),
  );
}

function changesBy(old: Keyed, next: Keyed): EditionChange[] {
  const changed = [...next].flatMap(([id, now]): EditionChange[] => {
    const was = old.get(id) ?? null;
    if (was && equal(was, now)) return [];
    return [{ kind: was ? 'changed' : 'added', id, clause: now.item.clause, was, now }];
  });
  const removed = [...old].flatMap(([id, was]): EditionChange[] =>
    next.has(id) ? [] : [{ kind: 'removed', id, clause: was.item.clause, was, now: null }],
  );
  return [...changed, ...removed];
}
