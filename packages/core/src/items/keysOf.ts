/** The keys of a table that is written out in full, as its type has them. */
export const keysOf = <K extends string>(table: Readonly<Record<K, unknown>>): K[] =>
  Object.keys(table) as K[];
