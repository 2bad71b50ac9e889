'use client'

import { startTransition, useEffect, useRef, useState } from 'react'
import type { Derived } from '../../core/pipeline'
import { live, type JobDocument } from '../../core/job'
import type { NextCheck } from '../../core/nextCheck'
import type { PlanAround } from '../../core/plan'
import type { Answer, Ask, Sent } from '../../workers/derive'
import { takeWorker } from './deriveWorker'
import { today } from './today'

export type Pipeline = {
  readonly derived: Derived | null
  /** What to check next; null while it is still being reckoned, or nobody looks at it. */
  readonly checks: readonly NextCheck[] | null
}

type Given = { readonly job: JobDocument; readonly around: PlanAround }

type State = {
  turn: number
  busy: boolean
  last: Given
  waiting: Given | null
  /** Somebody looks at what to check next. */
  wantsChecks: boolean
  /** The turn whose checks were asked for. */
  checksOf: number
  here: boolean
  /** The job of the turn being reckoned, and the stages that have come of it. */
  asked: JobDocument
  stages: Partial<Sent>
}

/**
 * Everything derived from the job and what its plan stands on, reckoned in a worker: the last result stands until the next is there. While one job is being
 * reckoned only the newest of the following is kept waiting. A result is shown when the page has time for it: typing goes first. What to
 * check next takes as long again: it is reckoned while `wantsChecks`, and not on every edit made elsewhere.
 */
export function usePipeline(job: JobDocument, around: PlanAround, wantsChecks: boolean): Pipeline {
  const [pipeline, setPipeline] = useState<Pipeline>({ derived: null, checks: null })
  const worker = useRef<Worker | null>(null)
  const state = useRef<State>({
    turn: 0,
    busy: false,
    last: { job, around },
    waiting: null,
    wantsChecks,
    checksOf: 0,
    here: false,
    asked: job,
    stages: {},
  })

  useEffect(() => {
    const show = (next: (before: Pipeline) => Pipeline): void => startTransition(() => setPipeline(next))
    const started = takeWorker()
    worker.current = started
    const now = state.current
    now.here = started === null
    now.busy = false
    if (!started) return undefined
    const next = (): void => {
      now.busy = false
      const { waiting } = now
      now.waiting = null
      if (waiting) ask(started, now, waiting)
    }
    started.onmessage = ({ data }: MessageEvent<Answer>) => {
      // What was reckoned for an older state of the job says nothing of this one.
      if (data.turn !== now.turn) return
      switch (data.kind) {
        case 'stage':
          now.stages = { ...now.stages, ...data.stage }
          return
        case 'derived': {
          const derived: Derived = { ...(now.stages as Sent), job: now.asked }
          show(() => ({ derived, checks: null }))
          next()
          if (!now.busy) askChecks(started, now)
          return
        }
        case 'checks':
          show((before) => ({ ...before, checks: data.checks }))
          return
        case 'failed':
          console.error(`reckoning failed: ${data.message}`)
          next()
      }
    }
    started.onerror = () => {
      // It could not be loaded: from now on the page reckons by itself.
      started.terminate()
      worker.current = null
      now.here = true
      void reckonHere(now.last, now.wantsChecks, setPipeline)
    }
    return () => {
      started.terminate()
      worker.current = null
    }
  }, [])

  useEffect(() => {
    const now = state.current
    const given = { job, around }
    now.last = given
    if (now.here) {
      const timer = setTimeout(() => void reckonHere(given, now.wantsChecks, setPipeline), 0)
      return () => clearTimeout(timer)
    }
    if (!worker.current || now.busy) {
      now.waiting = given
      return undefined
    }
    ask(worker.current, now, given)
    return undefined
  }, [job, around])

  useEffect(() => {
    const now = state.current
    now.wantsChecks = wantsChecks
    if (now.here && wantsChecks) void reckonHere(now.last, true, setPipeline)
    // Nothing was reckoned before the first turn, and what is being reckoned is followed by its checks.
    else if (worker.current && !now.busy && now.turn > 0) askChecks(worker.current, now)
  }, [wantsChecks])
  return pipeline
}

function ask(worker: Worker, now: State, { job, around }: Given): void {
  now.turn += 1
  now.busy = true
  // The very findings the page holds: what did not change is not drawn again.
  now.asked = live(job)
  now.stages = {}
  const message: Ask = { kind: 'job', turn: now.turn, job, today: today(job.job.time_zone), around }
  worker.postMessage(message)
}

/** What to check next of the job as it was reckoned last, once. */
function askChecks(worker: Worker, now: State): void {
  if (!now.wantsChecks || now.checksOf === now.turn) return
  now.checksOf = now.turn
  const message: Ask = { kind: 'checks', turn: now.turn }
  worker.postMessage(message)
}

/** The stages are loaded for it only now: nearly every browser has workers, and they load their own. */
async function reckonHere(
  given: Given,
  wantsChecks: boolean,
  set: (pipeline: Pipeline) => void,
): Promise<void> {
  try {
    const [{ derive }, { nextChecks }] = await Promise.all([
      import('../../core/pipeline'),
      import('../../core/nextCheck'),
    ])
    const { job, around } = given
    const derived = derive(job, today(job.job.time_zone), {}, around)
    set({ derived, checks: wantsChecks ? nextChecks(derived.job, derived.trace) : null })
  } catch (error) {
    // Not on this device, and no signal: once more when it is back.
    console.error('reckoning on the page failed', error)
    window.addEventListener('online', () => void reckonHere(given, wantsChecks, set), {
      once: true,
    })
  }
}
