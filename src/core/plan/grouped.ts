/** A list by a key, each group in the order of the list. */
export function grouped<T>(list: Iterable<T>, keyOf: (each: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>()
  for (const each of list) {
    const key = keyOf(each)
    const held = groups.get(key)
    if (held) held.push(each)
    else groups.set(key, [each])
  }
  return groups
}
