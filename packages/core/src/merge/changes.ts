import { entriesOf, type FieldPath, isObject, isSameData, type Json, keysIn } from './json.ts';

/** One field in which two documents differ; `undefined` on the side that has no such field. */
export interface FieldChange {
  path: FieldPath;
  from: Json;
  to: Json;
}

/** Where two documents differ, field by field: a quantity is one field, and so is a record that came or went. */
export function changesBetween(from: Json, to: Json, path: FieldPath = []): FieldChange[] {
  if (isSameData(from, to)) return [];
  if (isObject(from) && isObject(to) && !('typed' in from))
    return keysIn(from, to).flatMap((key) => changesBetween(from[key], to[key], [...path, key]));
  const [before, after] = [entriesOf(path, from), entriesOf(path, to)];
  if (before && after) {
    const ids = [...new Set([...before.keys(), ...after.keys()])];
    const changed = ids.flatMap((id) => changesBetween(before.get(id), after.get(id), [...path, id]));
    return changed.length > 0 ? changed : [{ path: [...path, 'order'], from, to }];
  }
  if (Array.isArray(from) && Array.isArray(to) && from.length === to.length)
    return (from as Json[]).flatMap((one, i) => changesBetween(one, (to as Json[])[i], [...path, String(i)]));
  return [{ path, from, to }];
}
