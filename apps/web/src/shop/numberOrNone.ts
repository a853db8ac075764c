/** What stands in a box for a number that may be empty: null for nothing, NaN for what is no number. */
export const numberOrNone = (text: unknown): number | null =>
  text === '' || text === null || text === undefined ? null : Number(text);
