'use client'

import { useSyncExternalStore, type ReactNode } from 'react'

const never = (): (() => void) => () => undefined

/**
 * A page whose text comes from the server before what answers a key or a click: until then its fields are shut, so that nothing typed
 * into them is lost. Links work at once.
 */
export function WhenReady({ children }: { children: ReactNode }) {
  const isReady = useSyncExternalStore(
    never,
    () => true,
    () => false,
  )
  return (
    <fieldset disabled={!isReady} className="contents">
      {children}
    </fieldset>
  )
}
