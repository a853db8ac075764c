import { type Plan } from '@gyrus/core';
import { type Draft } from 'immer';

/** Keys from the plan down to a record, such as `['parts', 2]`. */
export type PlanPath = readonly (string | number)[];

type Holder = Record<string | number, unknown>;

/** What stands at a path; undefined where a part of the way is missing. */
export function valueAt(from: unknown, path: PlanPath): unknown {
  return path.reduce<unknown>((holder, key) => (holder as Holder | null | undefined)?.[key], from);
}

/** Puts a value at a path of a plan being edited; nothing happens where the way there is gone. */
export function setAt(plan: Draft<Plan>, path: PlanPath, value: unknown): void {
  const holder = valueAt(plan, path.slice(0, -1)) as Holder | null | undefined;
  const key = path[path.length - 1];
  if (holder && key !== undefined) holder[key] = value;
}
