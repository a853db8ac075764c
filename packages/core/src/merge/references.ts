import { type FieldPath, isObject, type Json } from './json.ts';

/** A record of a document, or the part of it that has no id of its own. */
interface Place {
  /** Of the outermost record. */
  record: FieldPath;
  value: Json;
}

/** The outermost records of a document: each entry of its lists that has an id, and what else there is as one. */
function recordsIn(value: Json, path: FieldPath = []): Place[] {
  if (Array.isArray(value) && value.every((one) => isObject(one) && typeof one.id === 'string'))
    return (value as { id: string }[]).map((one) => ({ record: [...path, one.id], value: one }));
  if (isObject(value) && path.length < 2)
    return Object.entries(value).flatMap(([key, one]) => recordsIn(one, [...path, key]));
  return [{ record: path, value }];
}

/** The ids that a document gives to its things, each with the record that it belongs to. */
export function idsIn(document: Json): Map<string, FieldPath> {
  const ids = new Map<string, FieldPath>();
  const walk = (value: Json, record: FieldPath): void => {
    if (Array.isArray(value)) for (const one of value as Json[]) walk(one, record);
    else if (isObject(value)) {
      if (typeof value.id === 'string') ids.set(value.id, record);
      for (const one of Object.values(value)) walk(one, record);
    }
  };
  for (const { record, value } of recordsIn(document)) walk(value, record);
  return ids;
}

/** Lists that tidy themselves up: who names what is gone there is no fault. */
const BOOKKEEPING = new Set(['fitOrder', 'copeTicks', 'copeOverrides', 'answers']);

/** The records that name each of some ids. */
export function namedIn(document: Json, ids: ReadonlySet<string>): Map<string, FieldPath[]> {
  const found = new Map<string, FieldPath[]>();
  for (const { record, value } of recordsIn(document)) {
    if (BOOKKEEPING.has(record[0] ?? '')) continue;
    const named = new Set<string>();
    const walk = (one: Json): void => {
      if (typeof one === 'string' && ids.has(one)) named.add(one);
      else if (Array.isArray(one)) one.forEach(walk);
      else if (isObject(one)) Object.values(one).forEach(walk);
    };
    walk(value);
    for (const id of named) found.set(id, [...(found.get(id) ?? []), record]);
  }
  return found;
}
