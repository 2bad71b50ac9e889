'use client'

import { createContext, useContext, useEffect, useState, useSyncExternalStore } from 'react'
import type { JobStore, JobView } from '../../client/jobStore'
import { askWho, watchMember } from '../../client/member'
import { openJob } from '../../client/openJob'
import { askToPersist } from '../../client/storage'
import type { Near } from '../../core/shorthand'
import type { NextCheck } from '../../core/nextCheck'
import type { AroundAnswer } from '../../core/contract/plan'
import type { Derived } from '../../core/pipeline'
import type { JobDocument, Place } from '../../core/job'
import { isLowPower } from './lowPower'
import type { PlanView } from './usePlanView'
import type { FirmWords, Walk } from './useWalk'

/** What every part of a job's page works with. */
export type JobContext = {
  readonly store: JobStore
  readonly view: JobView
  readonly derived: Derived
  /** What to check next; null while it is still being reckoned. */
  readonly checks: readonly NextCheck[] | null
  /** The job as edited this instant, for fields; `derived` follows a moment later. */
  readonly job: JobDocument
  readonly chosen: readonly string[]
  readonly choose: (ids: readonly string[]) => void
  /** Letter of the source that was pointed at, of two that reach the same findings. */
  readonly pickedSource: string | null
  readonly pickSource: (letter: string | null) => void
  /** Where a new finding is being put, after a tap on the strip. */
  readonly drafting: { readonly place: Place } | null
  readonly draft: (place: Place | null) => void
  readonly sideId: string | null
  readonly chooseSide: (id: string) => void
  readonly walk: Walk
  /** What is looked at in the plan. */
  readonly planned: PlanView
  /** What the plan stands on besides the job. */
  readonly around: AroundAnswer
  readonly firm: FirmWords
  /** What a line takes for granted: the side in view, and the finding before. */
  readonly near: Near
  /** Where a stage puts what belongs outside its scrolling list. */
  readonly slots: Slots
}

/** On a phone: beside the stage's name, over the list, and at the thumb. Null until they are there, and on a desk. */
export type Slots = {
  readonly aside: HTMLElement | null
  readonly sheet: HTMLElement | null
  readonly foot: HTMLElement | null
}

export const JobContext = createContext<JobContext | null>(null)

/** @throws Error outside a job's page. */
export function useJob(): JobContext {
  const job = useContext(JobContext)
  if (!job) throw new Error('useJob() belongs inside a job page')
  return job
}

export type Opening =
  | { readonly kind: 'opening' }
  | { readonly kind: 'failed'; readonly words: string; readonly signedOut: boolean }
  | { readonly kind: 'open'; readonly store: JobStore }

/** Opens the job's local store once. */
export function useJobStore(jobId: string): Opening {
  const [opening, setOpening] = useState<Opening>({ kind: 'opening' })
  useEffect(() => {
    let gone = false
    void askToPersist()
    // This device opens the job at once; that it is still his, the server is asked beside it.
    void askWho().then((who) => {
      if (who.kind === 'member' && who.changed) window.location.reload()
    })
    void openJob(jobId).then((result) => {
      if (gone) return
      setOpening(
        result.ok
          ? { kind: 'open', store: result.store }
          : { kind: 'failed', words: result.words, signedOut: result.signedOut },
      )
    })
    return () => {
      gone = true
    }
  }, [jobId])
  return opening
}

/** How often a page that is looked at asks what others did; what it does itself it sends at once. */
const ASK_MS = 60_000

/**
 * Sends and fetches when the signal is back, when the page is looked at again, and now and then while it is. Warns before a page is
 * closed whose edits this browser has not kept. Ends when somebody else signs in.
 */
export function useKeptUp(store: JobStore): void {
  useEffect(() => {
    const ask = (): void => {
      if (document.visibilityState === 'visible') void store.flush()
    }
    const signalBack = (): void => void store.signalBack()
    const warn = (event: BeforeUnloadEvent): void => {
      if (store.read().unconfirmed > 0) event.preventDefault()
    }
    // A device that runs low asks when it is looked at again, and not meanwhile.
    const timer = setInterval(() => {
      if (!isLowPower()) ask()
    }, ASK_MS)
    const stop = watchMember(() => {
      store.close()
      window.location.reload()
    })
    window.addEventListener('online', signalBack)
    window.addEventListener('beforeunload', warn)
    document.addEventListener('visibilitychange', ask)
    return () => {
      clearInterval(timer)
      stop()
      window.removeEventListener('online', signalBack)
      window.removeEventListener('beforeunload', warn)
      document.removeEventListener('visibilitychange', ask)
    }
  }, [store])
}

export function useJobView(store: JobStore): JobView {
  return useSyncExternalStore(store.subscribe, store.read, store.read)
}
