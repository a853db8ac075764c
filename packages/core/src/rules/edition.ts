import { type Rule, type RuleBook, type ScheduleRow } from './ruleBook.ts';

/** What a newer edition of a book changes, by clause. */
export interface EditionChange {
  kind: 'added' | 'removed' | 'changed';
  /** Of the rule, or of the row of the tube schedule. */
  id: string;
  clause: string;
  was: Rule | ScheduleRow | null;
  now: Rule | ScheduleRow | null;
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Rules by their ids; rows of the tube schedule by what they are for, as they have none. */
export const editionChanges = (old: RuleBook, next: RuleBook): EditionChange[] => [
  ...changesBy(old.tubeSchedule, next.tubeSchedule, rowKeys),
  ...changesBy(old.rules, next.rules, (rules) => rules.map(({ id }) => id)),
];

/** Keys of rows: clause and members, numbered where they repeat. */
function rowKeys(rows: ScheduleRow[]): string[] {
  const keys = rows.map(({ clause, roles }) => `tube/${clause}/${roles.join(',')}`);
  return keys.map((key, i) => `${key}/${keys.slice(0, i).filter((one) => one === key).length}`);
}

function changesBy<Item extends Rule | ScheduleRow>(
  old: Item[],
  next: Item[],
  keysOf: (items: Item[]) => string[],
): EditionChange[] {
  const [oldKeys, newKeys] = [keysOf(old), keysOf(next)];
  const before = new Map(oldKeys.map((key, i) => [key, old[i] as Item]));
  const after = new Set(newKeys);
  const changed = next.flatMap((now, i): EditionChange[] => {
    const id = newKeys[i] as string;
    const was = before.get(id) ?? null;
    if (was && same(was, now)) return [];
    return [{ kind: was ? 'changed' : 'added', id, clause: now.clause, was, now }];
  });
  const removed = old.flatMap((was, i): EditionChange[] => {
    const id = oldKeys[i] as string;
    return after.has(id) ? [] : [{ kind: 'removed', id, clause: was.clause, was, now: null }];
  });
  return [...changed, ...removed];
}
