/** A document as data. Absent keys and records are `undefined`. */
export type Json = unknown;

/** Keys and record ids down to a value: `['members', 'b1', 'tube', 'od']`. Records in lists stand under their ids, not their places. */
export type FieldPath = readonly string[];

/** The path of a field as one text. */
export const fieldKey = (path: FieldPath): string => path.join('/');

/** Whether a value has keys. */
export const isObject = (value: Json): value is Record<string, Json> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether two values say the same, however they came about. */
export function isSameData(a: Json, b: Json): boolean {
  if (a === b) return true;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((one, i) => isSameData(one, b[i]));
  if (!isObject(a) || !isObject(b)) return false;
  const keys = keysIn(a, b);
  return keys.every((key) => isSameData(a[key], b[key]));
}

/** The keys of several objects, each once, in the order in which they first stand. */
export const keysIn = (...objects: Record<string, Json>[]): string[] => [
  ...new Set(objects.flatMap((one) => Object.keys(one))),
];

/**
 * The entries of a list by what they are told from each other by: records by their ids, the fit order by its pieces. null where it is no
 * such list: its entries are told by their places.
 */
export function entriesOf(path: FieldPath, list: Json): Map<string, Json> | null {
  if (!Array.isArray(list)) return null;
  const entries = new Map<string, Json>();
  for (const entry of list as Json[]) {
    const id = path.at(-1) === 'fitOrder' ? entry : recordId(entry);
    if (typeof id !== 'string' || entries.has(id)) return null;
    entries.set(id, entry);
  }
  return entries;
}

/** What people tell a record by: its id; a rule book of the brief by the book, a gap by its zone, a photo by its file. */
const recordId = (entry: Json): Json =>
  isObject(entry) ? (entry.id ?? entry.book ?? entry.zone ?? entry.file) : null;
