import { recordOf } from '../../items/index.ts';

type Json = Readonly<Record<string, unknown>>;

/** A book of an earlier version as one of today's; what is no book of an earlier version is passed on as it is. */
export const migrateRuleBook = (data: object): object =>
  recordOf(data).version === 1 ? countedPerSide(recordOf(data)) : data;

/** Version 2 says what tubes are counted in: version 1 counted them on each side that has any. */
const countedPerSide = (book: Json): Json => ({
  ...book,
  version: 2,
  rules: Array.isArray(book.rules) ? book.rules.map(withPer) : book.rules,
});

function withPer(rule: unknown): unknown {
  const check = recordOf(recordOf(rule).check);
  return check.kind === 'count' ? { ...recordOf(rule), check: { ...check, per: 'side-with-any' } } : rule;
}
