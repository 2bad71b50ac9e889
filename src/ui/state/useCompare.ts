'use client'

import { useEffect, useRef, useState } from 'react'
import type { Derived } from '../../core/pipeline'
import type { CompareAnswer, CompareAsk, Found, Wish } from '../../workers/compare'
import { useLowPower } from './lowPower'
import { today } from './today'

/** What was found, and while it is reckoned how far that is, where it is known: null says only that it goes on. */
export type Compared<T> = {
  readonly isAnswered: boolean
  readonly found: T | null
  readonly share: number | null
}

/** As `useCompared`, where only the answer is shown. */
export function useCompare<K extends Wish['kind']>(
  derived: Derived,
  wish: (Wish & { readonly kind: K }) | null,
): Found[K] | null {
  return useCompared<K>(derived, wish).found
}

/**
 * Something compared over the whole job, reckoned in a worker of its own: the last answer to the same wish stands until the next is
 * there; null while there is none, and in a browser without workers.
 *
 * @param wish null: nothing is asked
 */
export function useCompared<K extends Wish['kind']>(
  derived: Derived,
  wish: (Wish & { readonly kind: K }) | null,
): Compared<Found[K]> {
  const [share, setShare] = useState<number | null>(null)
  const [answered, setAnswered] = useState<{ key: string; found: Found[keyof Found] } | null>(null)
  const worker = useRef<Worker | null>(null)
  const turn = useRef(0)
  const { isLow } = useLowPower()
  // A device that runs low compares nothing that nobody asked for.
  const key = JSON.stringify(isLow ? null : wish)

  useEffect(() => () => worker.current?.terminate(), [])
  useEffect(() => {
    const asked = JSON.parse(key) as Wish | null
    if (asked === null) return
    try {
      worker.current ??= new Worker(new URL('../../workers/compare.ts', import.meta.url), { type: 'module' })
    } catch {
      return
    }
    turn.current += 1
    worker.current.onmessage = ({ data }: MessageEvent<CompareAnswer>) => {
      if (data.turn !== turn.current) return
      if (data.kind === 'failed') console.error(`comparing failed: ${data.message}`)
      else if (data.kind === 'progress') setShare(data.share)
      else {
        setShare(null)
        setAnswered({ key, found: data.found })
      }
    }
    const { job, trace } = derived
    const ask: CompareAsk = {
      turn: turn.current,
      wish: asked,
      job,
      trace,
      today: today(job.job.time_zone),
    }
    worker.current.postMessage(ask)
  }, [derived, key])
  const isAnswered = answered?.key === key
  return { isAnswered, found: isAnswered ? (answered.found as Found[K]) : null, share }
}
