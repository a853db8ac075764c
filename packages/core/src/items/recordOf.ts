/** The fields of something unknown, by their names; none where it is no object. Nothing is said of what stands in them. */
export const recordOf = (value: unknown): Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null ? (value as Readonly<Record<string, unknown>>) : NOTHING;

const NOTHING = {};

/** Whether a text is one of the keys of a table that is written out in full. */
export const isKeyOf = <K extends string>(table: Readonly<Record<K, unknown>>, text: string): text is K =>
  Object.hasOwn(table, text);
