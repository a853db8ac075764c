import { entriesOf, type FieldPath, fieldKey, isObject, isSameData, type Json, keysIn } from './json.ts';

/** Whose change it is. */
export type MergeSide = 'mine' | 'theirs';

/** One field that both sides changed, each in its own way; `undefined` where a side took it out. */
export interface FieldClash {
  path: FieldPath;
  mine: Json;
  theirs: Json;
}

/** Two versions of a document put together, with what they disagree about. */
export interface ThreeWay {
  merged: Json;
  clashes: FieldClash[];
}

interface Merging {
  /** Which side a clash goes to, by the key of its path; mine where nobody chose. */
  choices: Readonly<Record<string, MergeSide>>;
  /** Keys of paths that are one field as a whole, whatever is in them. */
  whole: ReadonlySet<string>;
  /** Records that one side is taken for as they stand there, by the keys of their paths. */
  taken: ReadonlyMap<string, MergeSide>;
  clashes: FieldClash[];
}

/** Objects whose keys come and go one by one; any other object with different keys on two sides is a thing of another kind. */
const OPEN_RECORDS = new Set(['measures', 'again', 'answers', 'dieAt', 'clampSideAt']);

/**
 * Puts together what two sides made of one document. A field that one side changed is taken from it; one that both changed in different
 * ways is a clash, and goes to the side chosen. A quantity is one field, with what was typed.
 */
export function threeWay(
  base: Json,
  mine: Json,
  theirs: Json,
  { choices = {}, whole = new Set(), taken = new Map() }: Partial<Omit<Merging, 'clashes'>> = {},
): ThreeWay {
  const merging: Merging = { choices, whole, taken, clashes: [] };
  return { merged: mergeAt([], base, mine, theirs, merging), clashes: merging.clashes };
}

function mergeAt(path: FieldPath, base: Json, mine: Json, theirs: Json, merging: Merging): Json {
  const side = merging.taken.get(fieldKey(path));
  if (side) return side === 'mine' ? mine : theirs;
  if (isSameData(mine, theirs) || isSameData(theirs, base)) return mine;
  if (isSameData(mine, base)) return theirs;
  if (!merging.whole.has(fieldKey(path))) {
    if (isObject(mine) && isObject(theirs) && isObject(base) && areOfOneKind(path, base, mine, theirs))
      return mergeObjects(path, base, mine, theirs, merging);
    if (Array.isArray(mine) && Array.isArray(theirs) && Array.isArray(base)) {
      const list = mergeLists(path, base, mine, theirs, merging);
      if (list) return list;
    }
  }
  merging.clashes.push({ path, mine, theirs });
  return merging.choices[fieldKey(path)] === 'theirs' ? theirs : mine;
}

function areOfOneKind(path: FieldPath, ...sides: Record<string, Json>[]): boolean {
  const [first = {}] = sides;
  if ('typed' in first) return false;
  if (OPEN_RECORDS.has(path.at(-1) ?? '')) return true;
  return sides.every(
    (one) => keysIn(first, one).length === Object.keys(first).length && one.kind === first.kind,
  );
}

function mergeObjects(
  path: FieldPath,
  base: Record<string, Json>,
  mine: Record<string, Json>,
  theirs: Record<string, Json>,
  merging: Merging,
): Json {
  const merged: Record<string, Json> = {};
  for (const key of keysIn(mine, theirs)) {
    const value = mergeAt([...path, key], base[key], mine[key], theirs[key], merging);
    if (value !== undefined) merged[key] = value;
  }
  return merged;
}

/** Lists of records by their ids, and lists of one length place by place; null where they are neither. */
function mergeLists(
  path: FieldPath,
  base: Json[],
  mine: Json[],
  theirs: Json[],
  merging: Merging,
): Json[] | null {
  const [was, here, there] = [entriesOf(path, base), entriesOf(path, mine), entriesOf(path, theirs)];
  if (was && here && there) {
    const entries = new Map<string, Json>();
    for (const id of new Set([...here.keys(), ...there.keys()]))
      entries.set(id, mergeAt([...path, id], was.get(id), here.get(id), there.get(id), merging));
    const order = orderOf(path, [...was.keys()], [...here.keys()], [...there.keys()], merging);
    return order.map((id) => entries.get(id)).filter((entry) => entry !== undefined);
  }
  if (mine.length !== theirs.length || mine.length !== base.length) return null;
  return mine.map((one, i) => mergeAt([...path, String(i)], base[i], one, theirs[i], merging));
}

/** One side's order, with what only the other has behind what it stands behind there. */
function orderOf(path: FieldPath, was: string[], here: string[], there: string[], merging: Merging) {
  const common = (order: string[]) => order.filter((id) => was.includes(id));
  const both = (order: string[]) => order.filter((id) => here.includes(id) && there.includes(id));
  const moved = (order: string[]) =>
    !isSameData(
      common(order),
      was.filter((id) => order.includes(id)),
    );
  const orderPath = [...path, 'order'];
  let leading = moved(there) && !moved(here) ? there : here;
  if (moved(here) && moved(there) && !isSameData(both(here), both(there))) {
    merging.clashes.push({ path: orderPath, mine: here, theirs: there });
    if (merging.choices[fieldKey(orderPath)] === 'theirs') leading = there;
  }
  const other = leading === here ? there : here;
  const order = [...leading];
  for (const [i, id] of other.entries()) {
    if (order.includes(id)) continue;
    const before = other.slice(0, i).findLast((earlier) => order.includes(earlier));
    order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, id);
  }
  return order;
}
