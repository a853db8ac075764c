import { recordOf } from '../items/index.ts';
import { type Path } from './thing.ts';

/** The same with a value at a path; what is missing on the way there is made, a list where a number follows. */
export function withAt(holder: unknown, [key, ...rest]: Path, value: unknown): unknown {
  if (key === undefined) return value;
  if (typeof key === 'number') {
    const list = Array.from<unknown>(Array.isArray(holder) ? holder : []);
    list[key] = withAt(list[key], rest, value);
    return list;
  }
  return { ...recordOf(holder), [key]: withAt(recordOf(holder)[key], rest, value) };
}
