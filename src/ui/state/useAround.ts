'use client'

import { useEffect, useState } from 'react'
import { keptAround, loadAround } from '../../client/around'
import type { JobView } from '../../client/jobView'
import type { AroundAnswer } from '../../core/contract/plan'

const NOTHING: AroundAnswer = { taken: [], off: [], crews: [], accepted: null, orders: [], handed_at: null }
/** How often it is asked what an owner said, while a change order waits for him and the page is looked at. */
const ASK_MS = 30_000

/**
 * Other jobs of the crews, the firm's days off, what the owner accepted and what he said since: from this device at once, then from the
 * server, and again whenever a change order or a picture of one has reached it.
 */
export function useAround(jobId: string, view: JobView): AroundAnswer {
  const [around, setAround] = useState<AroundAnswer>(NOTHING)
  const { change_orders, order_answers } = view.job
  const isSent = view.waiting + view.picturesWaiting === 0
  // What was put to an owner, and what he said here: once it is sent, the server says what came of it.
  const asked = change_orders.length === 0 ? '' : `${change_orders.length} ${order_answers.length} ${isSent}`
  const withdrawn = change_orders.filter(({ removed }) => removed).length
  useEffect(() => {
    let gone = false
    const set = (next: AroundAnswer | null): void => {
      // The same again is no news: nothing is reckoned anew for it.
      if (next && !gone) setAround((held) => (JSON.stringify(held) === JSON.stringify(next) ? held : next))
    }
    const load = (): void => void loadAround(jobId).then(set)
    void keptAround(jobId).then(set).then(load)
    window.addEventListener('online', load)
    const timer = setInterval(() => {
      if (asked !== '' && document.visibilityState === 'visible') load()
    }, ASK_MS)
    return () => {
      gone = true
      clearInterval(timer)
      window.removeEventListener('online', load)
    }
  }, [jobId, asked, withdrawn])
  return around
}
