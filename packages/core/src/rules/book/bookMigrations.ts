type Json = Record<string, unknown>;

/** A book of an earlier version as one of today's; what is no book of an earlier version is passed on as it is. */
export const migrateRuleBook = (data: object): object =>
  (data as Json).version === 1 ? countedPerSide(data as Json) : data;

/** Version 2 says what tubes are counted in: version 1 counted them on each side that has any. */
function countedPerSide(book: Json): Json {
  const rules = Array.isArray(book.rules) ? (book.rules as Json[]) : book.rules;
  return { ...book, version: 2, rules: Array.isArray(rules) ? rules.map(withPer) : rules };
}

function withPer(rule: Json): Json {
  const check = rule?.check as Json | undefined;
  return check?.kind === 'count' ? { ...rule, check: { ...check, per: 'side-with-any' } } : rule;
}
