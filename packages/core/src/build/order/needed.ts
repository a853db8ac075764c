import { itemAt } from '../../items/index.ts';

/** Each tube with all that stands before it, from what each is coped to. By their numbers. */
export function neededBy(after: readonly (readonly number[])[]): Set<number>[] {
  const needed: Set<number>[] = [];
  const of = (tube: number): Set<number> => {
    const known = needed[tube];
    if (known) return known;
    const set = new Set([tube]);
    needed[tube] = set;
    for (const header of itemAt(after, tube)) for (const one of of(header)) set.add(one);
    return set;
  };
  for (const tube of after.keys()) of(tube);
  return needed;
}
