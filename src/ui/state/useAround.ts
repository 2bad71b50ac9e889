'use client'

import { useEffect, useState } from 'react'
import { keptAround, loadAround } from '../../client/around'
import type { AroundAnswer } from '../../core/contract/plan'

const NOTHING: AroundAnswer = { taken: [], off: [], crews: [], accepted: null, orders: [] }

/** Other jobs of the crews, the firm's days off, what the owner accepted: from this device at once, then from the server. */
export function useAround(jobId: string): AroundAnswer {
  const [around, setAround] = useState<AroundAnswer>(NOTHING)
  useEffect(() => {
    let gone = false
    const set = (next: AroundAnswer | null): void => {
      // The same again is no news: nothing is reckoned anew for it.
      if (next && !gone) setAround((held) => (JSON.stringify(held) === JSON.stringify(next) ? held : next))
    }
    const load = (): void => void loadAround(jobId).then(set)
    void keptAround(jobId).then(set).then(load)
    window.addEventListener('online', load)
    return () => {
      gone = true
      window.removeEventListener('online', load)
    }
  }, [jobId])
  return around
}
