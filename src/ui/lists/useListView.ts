'use client'

import { useCallback, useSyncExternalStore } from 'react'

const watchers = new Set<() => void>()

function watch(changed: () => void): () => void {
  watchers.add(changed)
  return () => watchers.delete(changed)
}

/** One choice of how a list stands, remembered on this device; what is remembered and no choice any more counts as none. */
export function useListView<T extends string>(
  key: string,
  choices: Readonly<Record<T, string>>,
  usual: T,
): readonly [value: T, set: (value: T) => void] {
  const name = `detrimus.list.${key}`
  const read = (): T => {
    try {
      const kept = window.localStorage.getItem(name)
      return kept !== null && kept in choices ? (kept as T) : usual
    } catch {
      return usual
    }
  }
  const value = useSyncExternalStore(watch, read, () => usual)
  const set = useCallback(
    (next: T): void => {
      try {
        window.localStorage.setItem(name, next)
      } catch {
        // Without storage the list stands as usual.
      }
      for (const changed of watchers) changed()
    },
    [name],
  )
  return [value, set]
}
