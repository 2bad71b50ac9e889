'use client'

import { useSyncExternalStore } from 'react'

const QUERY = '(max-width: 639px)'

function watch(changed: () => void): () => void {
  const media = window.matchMedia(QUERY)
  media.addEventListener('change', changed)
  return () => media.removeEventListener('change', changed)
}

/** Whether the page is as narrow as a phone's: one side at a time, sheets, and the bar at the thumb. */
export function useIsPhone(): boolean {
  return useSyncExternalStore(
    watch,
    () => window.matchMedia(QUERY).matches,
    () => false,
  )
}
