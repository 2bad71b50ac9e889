/**
 * Whether two JSON values hold the same, whatever the order of their keys.
 *
 * @example
 * isSame({ a: 1, b: [2] }, { b: [2], a: 1 }) // => true
 * isSame({ a: 1 }, { a: 1, b: null }) // => false
 */
export function isSame(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  if (Array.isArray(a) !== Array.isArray(b)) return false
  const [one, two] = [a as Record<string, unknown>, b as Record<string, unknown>]
  const keys = Object.keys(one)
  return (
    keys.length === Object.keys(two).length && keys.every((key) => key in two && isSame(one[key], two[key]))
  )
}
