import { type Rule, type RuleBook } from './ruleBook.ts';

/** What a newer edition of a book changes, by clause. */
export interface EditionChange {
  kind: 'added' | 'removed' | 'changed';
  /** Of the rule, or "tube schedule". */
  what: string;
  clause: string;
  text: string;
}

/** Rules by their ids, the tube schedule as a whole row by row. */
export function editionChanges(old: RuleBook, next: RuleBook): EditionChange[] {
  const change = (kind: EditionChange['kind'], { id, clause, text }: Rule): EditionChange => ({
    kind,
    what: id,
    clause,
    text,
  });
  const before = new Map(old.rules.map((rule) => [rule.id, rule]));
  const after = new Map(next.rules.map((rule) => [rule.id, rule]));
  const scheduleRow = (kind: EditionChange['kind'], clause: string): EditionChange => ({
    kind,
    what: 'tube schedule',
    clause,
    text: 'least outside diameter, wall and kind of tube',
  });
  const rows = (book: RuleBook) => new Map(book.tubeSchedule.map((one) => [JSON.stringify(one), one.clause]));
  const [oldRows, newRows] = [rows(old), rows(next)];
  return [
    ...next.rules.flatMap((rule) => {
      const was = before.get(rule.id);
      if (!was) return [change('added', rule)];
      return JSON.stringify(was) === JSON.stringify(rule) ? [] : [change('changed', rule)];
    }),
    ...old.rules.filter(({ id }) => !after.has(id)).map((rule) => change('removed', rule)),
    ...[...newRows].filter(([key]) => !oldRows.has(key)).map(([, clause]) => scheduleRow('added', clause)),
    ...[...oldRows].filter(([key]) => !newRows.has(key)).map(([, clause]) => scheduleRow('removed', clause)),
  ];
}
