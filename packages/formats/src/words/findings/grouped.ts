/** Items by what `keyOf` says of them, in the order in which each first comes. */
export function grouped<Item, Key>(items: readonly Item[], keyOf: (item: Item) => Key): Map<Key, Item[]> {
  const groups = new Map<Key, Item[]>();
  for (const item of items) {
    const own = groups.get(keyOf(item));
    if (own) own.push(item);
    else groups.set(keyOf(item), [item]);
  }
  return groups;
}
