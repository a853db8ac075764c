/**
 * A function of things that never change, whose last result for each `key` is given again while all else is the same: the same
 * objects and figures, and lists of the same ones. An edit so recomputes only what depends on it. A result lives as long as its key.
 * Never given to `map` as it is: index and list would count as the rest.
 */
export function kept<Key extends object, Rest extends readonly unknown[], Result>(
  compute: (key: Key, ...rest: Rest) => Result,
): (key: Key, ...rest: Rest) => Result {
  const results = new WeakMap<Key, { rest: Rest; result: Result }>();
  return (key, ...rest) => {
    const last = results.get(key);
    if (last !== undefined && areSame(last.rest, rest)) return last.result;
    const result = compute(key, ...rest);
    results.set(key, { rest, result });
    return result;
  };
}

/** The same for a result that belongs to two things. `first` is the one of which there are fewer. */
export function keptPair<
  First extends object,
  Second extends object,
  Rest extends readonly unknown[],
  Result,
>(
  compute: (first: First, second: Second, ...rest: Rest) => Result,
): (first: First, second: Second, ...rest: Rest) => Result {
  const ofFirst = kept((first: First) =>
    kept((second: Second, ...rest: Rest) => compute(first, second, ...rest)),
  );
  return (first, second, ...rest) => ofFirst(first)(second, ...rest);
}

const areSame = (before: readonly unknown[], now: readonly unknown[]): boolean =>
  before.length === now.length && before.every((one, i) => isSame(one, now[i]));

const isSame = (before: unknown, now: unknown): boolean =>
  Object.is(before, now) ||
  (Array.isArray(before) &&
    Array.isArray(now) &&
    before.length === now.length &&
    before.every((one, i) => Object.is(one, now[i])));
