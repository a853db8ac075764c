/** Without accents and capitals: whoever looks for a name may not have its letters. */
const plain = (text: string): string => text.normalize('NFD').replaceAll(/\p{M}/gu, '').toLowerCase();

/** Rows whose texts, taken together, have all the words that are searched for; whatever their case, accents and order. */
export function found<T>(rows: readonly T[], words: string, textsOf: (row: T) => string[]): T[] {
  const wanted = plain(words).split(/\s+/).filter(Boolean);
  return rows.filter((row) => {
    const text = plain(textsOf(row).join(' '));
    return wanted.every((word) => text.includes(word));
  });
}
