'use client'

import { useSyncExternalStore } from 'react'

const never = (): (() => void) => () => undefined

/** False on the server and until the page is alive: before that a button would send its form the old way. */
export function useAlive(): boolean {
  return useSyncExternalStore(
    never,
    () => true,
    () => false,
  )
}
