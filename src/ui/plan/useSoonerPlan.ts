'use client'

import { useEffect, useRef, useState } from 'react'
import type { PlanAnswer, PlanAsk } from '../../workers/plan'
import { today } from '../state/today'
import { useJob } from '../state/useJob'

type Found =
  | { readonly state: 'idle' | 'failed' }
  | { readonly state: 'searching'; readonly share: number }
  | { readonly state: 'none'; readonly proven: boolean }
  | {
      readonly state: 'better'
      readonly order: readonly string[]
      readonly last: string
      readonly sooner_days: number
    }
export type SoonerPlanSearch = Found & { readonly start: () => void; readonly stop: () => void }

const TRIES = 6000
const SECONDS = 12

/** A search of its own worker, begun by hand; what it found is about the job as it was, and forgotten when that changes. */
export function useSoonerPlan(): SoonerPlanSearch {
  const { job, around } = useJob()
  const [found, setFound] = useState<{ of: object | null; as: Found }>({ of: null, as: { state: 'idle' } })
  const worker = useRef<Worker | null>(null)
  const end = (): void => {
    worker.current?.terminate()
    worker.current = null
  }
  useEffect(() => end, [])
  useEffect(() => end, [job])

  function start(): void {
    end()
    const set = (as: Found): void => setFound({ of: job, as })
    try {
      const started = new Worker(new URL('../../workers/plan.ts', import.meta.url), { type: 'module' })
      worker.current = started
      started.onmessage = ({ data }: MessageEvent<PlanAnswer>) => {
        switch (data.kind) {
          case 'told':
            set({ state: 'searching', share: data.share })
            return
          case 'better':
            set({ state: 'better', order: data.order, last: data.last, sooner_days: data.sooner_days })
            return
          case 'none':
            set({ state: 'none', proven: data.proven })
            return
          case 'failed':
            console.error(`planning failed: ${data.message}`)
            set({ state: 'failed' })
            return
        }
      }
      started.onerror = () => set({ state: 'failed' })
      set({ state: 'searching', share: 0 })
      const ask: PlanAsk = {
        job,
        today: today(job.job.time_zone),
        around,
        tries: TRIES,
        seconds: SECONDS,
      }
      started.postMessage(ask)
    } catch {
      set({ state: 'failed' })
    }
  }
  const now: Found = found.of === job ? found.as : { state: 'idle' }
  return {
    ...now,
    start,
    stop: () => {
      end()
      setFound({ of: job, as: { state: 'idle' } })
    },
  }
}
