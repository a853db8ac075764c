import { type CarPlace, type Length, type Plan, recordOf } from '@gyrus/core';
import { type Draft } from 'immer';

type Key = string | number;

/** Only the compiler sees it: what stands at the end of a path or a way. */
declare const VALUE: unique symbol;

/** Keys from the plan down to a value of type V, such as `['parts', 2]`. */
export type PlanPath<V = unknown> = readonly Key[] & { readonly [VALUE]: V };

/** Keys from a record down to a value of type V, in dots: `outline.length`. */
export type Way<V> = string & { readonly [VALUE]: V };

type Leaf = string | number | boolean | { typed: string };

/** Every dotted way from a record of type R at whose end a value of type V stands, or null. */
export type WayTo<R, V> = R extends readonly (infer Item)[]
  ? WaysBy<`${number}`, Item, V>
  : R extends object
    ? { [K in keyof R & string]: WaysBy<K, R[K], V> }[keyof R & string]
    : never;

type WaysBy<K extends string, Value, V> =
  | (NonNullable<Value> extends V ? K : never)
  | (NonNullable<Value> extends Leaf ? never : `${K}.${WayTo<NonNullable<Value>, V>}`);

type StepOf<R> = R extends readonly unknown[] ? number : R extends object ? keyof R & string : never;
type ValueBy<R, K> = R extends readonly (infer Item)[] ? Item : K extends keyof R ? R[K] : never;

/** What stands at a dotted way from a record of type R. */
export type ValueAt<R, P> = P extends `${infer K}.${infer Rest}`
  ? ValueAt<NonNullable<ValueBy<R, K>>, Rest>
  : ValueBy<R, P>;

/** Where all paths begin. */
export const PLAN_PATH = path<Plan>([]);

/** One step further down. */
export const into = <R, K extends StepOf<R>>(
  from: PlanPath<R>,
  key: K,
): PlanPath<NonNullable<ValueBy<R, K>>> => path([...from, key]);

/** The same path, where the record at its end is known to be of one kind of several. */
export const narrowed = <R, Kind extends R>(from: PlanPath<R>): PlanPath<Kind> => path(from);

/** Down a way of the record that stands at a path. */
export const along = <V>(from: PlanPath, way: Way<V>): PlanPath<V> =>
  path([...from, ...way.split('.').map((key) => (/^\d+$/.test(key) ? Number(key) : key))]);

/** To one distance of a place of the car: `path` leads to the place. */
export const distanceAt = ({ path: keys }: Pick<CarPlace, 'path'>, axis: number): PlanPath<Length> =>
  path([...keys, axis]);

/** To a place of the car. */
export const placeAt = ({ path: keys }: Pick<CarPlace, 'path'>): PlanPath<[Length, Length, Length]> =>
  path(keys);

function path<V>(keys: readonly Key[]): PlanPath<V> {
  return keys as PlanPath<V>;
}

/** Checked by the compiler: in a record of type R, a value of type V stands there. */
export const wayTo =
  <R, V>() =>
  (at: WayTo<R, V>): Way<V | null> =>
    at as unknown as Way<V | null>;

const holderAt = (from: unknown, keys: readonly Key[]): unknown =>
  keys.reduce((holder, key) => recordOf(holder)[key], from);

/** What stands at a path; undefined where a part of the way is missing. */
export const valueAt = <V>(plan: Plan | Draft<Plan>, at: PlanPath<V>): V | undefined =>
  holderAt(plan, at) as V | undefined;

/** Puts a value at a path of a plan being edited; nothing happens where the way there is gone. */
export function setAt<V>(plan: Draft<Plan>, at: PlanPath<V>, value: NoInfer<V>): void {
  const holder = holderAt(plan, at.slice(0, -1));
  const key = at.at(-1);
  if (typeof holder === 'object' && holder !== null && key !== undefined)
    Object.assign(holder, { [key]: value });
}
