'use client'

import { useEffect, useRef, useState } from 'react'
import type { BestPlan, SectionPlan } from '../../core/cut'
import type { CutAnswer, CutAsk } from '../../workers/cut'
import { useLowPower } from './lowPower'

/** How the search for a plan that buys less stands: by section, and whether it is still under way. */
export type BestCut = {
  readonly plans: Readonly<Record<string, BestPlan>>
  readonly share: Readonly<Record<string, number>>
  readonly state: 'searching' | 'done' | 'stopped' | 'failed'
  readonly stop: () => void
}

/** A section is searched so long. */
const SECONDS = 2

/**
 * Searches, in a worker of its own, for plans that buy less than those made at once. Begins anew when the pieces change; can be stopped.
 *
 * @param sections kept by the caller between renders
 */
export function useBestCut(sections: readonly SectionPlan[]): BestCut {
  const [found, setFound] = useState<Omit<BestCut, 'stop'> & { key: string }>({
    key: '',
    plans: {},
    share: {},
    state: 'searching',
  })
  const worker = useRef<Worker | null>(null)
  const wanted = sections.map(({ section, boards, stock }) => ({
    section,
    pieces: boards.flatMap((board) => board.cuts),
    stock,
  }))
  const { isLow } = useLowPower()
  const key = JSON.stringify(wanted)

  useEffect(() => {
    const ask: CutAsk = { sections: JSON.parse(key) as CutAsk['sections'], seconds: SECONDS }
    const set = (next: (held: Omit<BestCut, 'stop'>) => Partial<Omit<BestCut, 'stop'>>): void =>
      setFound((held) => {
        const mine = held.key === key ? held : { plans: {}, share: {}, state: 'searching' as const }
        return { ...mine, ...next(mine), key }
      })
    // A device that runs low keeps the plan made at once; what was found before stands.
    if (isLow) {
      void Promise.resolve().then(() => set(() => ({ state: 'stopped' })))
      return undefined
    }
    let started: Worker
    try {
      started = new Worker(new URL('../../workers/cut.ts', import.meta.url), { type: 'module' })
    } catch {
      set(() => ({ state: 'failed' }))
      return undefined
    }
    worker.current = started
    started.onmessage = ({ data }: MessageEvent<CutAnswer>) => {
      switch (data.kind) {
        case 'told':
          set(({ share }) => ({ share: { ...share, [data.section]: data.told.share } }))
          return
        case 'plan':
          set(({ plans, share }) => ({
            plans: { ...plans, [data.section]: data.plan },
            share: { ...share, [data.section]: 1 },
          }))
          return
        case 'done':
          set(() => ({ state: 'done' }))
          return
        case 'failed':
          console.error(`cutting failed: ${data.message}`)
          set(() => ({ state: 'failed' }))
      }
    }
    started.onerror = () => set(() => ({ state: 'failed' }))
    started.postMessage(ask)
    return () => started.terminate()
  }, [key, isLow])

  const mine = found.key === key ? found : { plans: {}, share: {}, state: 'searching' as const }
  return {
    plans: mine.plans,
    share: mine.share,
    state: mine.state,
    stop: () => {
      worker.current?.terminate()
      setFound((held) => ({ ...held, key, state: 'stopped' }))
    },
  }
}
