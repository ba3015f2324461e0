/**
 * Items by what they have in common, groups and items in the order of the list.
 * `Map.groupBy` does the same, but tablets of a few years ago do not know it, and halls keep theirs long.
 */
export function grouped<T, K>(items: Iterable<T>, by: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const item of items) {
    const group = groups.get(by(item));
    if (group) group.push(item);
    else groups.set(by(item), [item]);
  }
  return groups;
}
