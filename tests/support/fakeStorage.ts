/** Puts a browser's small store under the program, in a map of the test's own; what was there before comes back with `putBack`. */
export function fakeStorage(kept: Map<string, string>): { readonly putBack: () => void } {
  const real = globalThis.localStorage as Storage | undefined
  const put = (value: unknown): void => {
    Object.defineProperty(globalThis, 'localStorage', { configurable: true, value })
  }
  put({
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  })
  return { putBack: () => put(real) }
}
