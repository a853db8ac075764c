/**
 * The item at a place that is known to be there, counted from the end where `index` is negative.
 * Throws a RangeError where there is none: a programmer's error, told at once instead of as NaN in a figure.
 */
export function itemAt<T>(items: readonly T[], index: number): T {
  const item = items[index < 0 ? items.length + index : index];
  if (item === undefined) throw new RangeError(`no item ${index} in a list of ${items.length}`);
  return item;
}
