'use client'

import { useEffect } from 'react'

/** Keeps the screen on while `on`, where the browser can; it lets go with the page and takes it again when looked at. */
export function useWakeLock(on: boolean): void {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return undefined
    let lock: WakeLockSentinel | null = null
    let gone = false
    const take = (): void => {
      if (document.visibilityState !== 'visible') return
      navigator.wakeLock.request('screen').then(
        (got) => {
          if (gone) void got.release()
          else lock = got
        },
        // Refused on a low battery: the phone knows better.
        () => undefined,
      )
    }
    take()
    document.addEventListener('visibilitychange', take)
    return () => {
      gone = true
      document.removeEventListener('visibilitychange', take)
      void lock?.release()
    }
  }, [on])
}
