import type { JobDocument } from '../core/job'
import { nextChecks, type NextCheck } from '../core/nextCheck'
import { derive, type Derived } from '../core/pipeline'

/** What is asked of the worker: a job as it stands, and today in its time zone. */
export type Ask = { readonly turn: number; readonly job: JobDocument; readonly today: string }
/** What it answers: first everything derived, a little later what to check next. */
export type Answer =
  | { readonly turn: number; readonly kind: 'derived'; readonly derived: Derived }
  | { readonly turn: number; readonly kind: 'checks'; readonly checks: readonly NextCheck[] }
  | { readonly turn: number; readonly kind: 'failed'; readonly message: string }

const answer = (message: Answer): void => self.postMessage(message)

self.addEventListener('message', ({ data }: MessageEvent<Ask>) => {
  const { turn, job, today } = data
  try {
    const derived = derive(job, today)
    answer({ turn, kind: 'derived', derived })
    answer({ turn, kind: 'checks', checks: nextChecks(derived.job, derived.trace) })
  } catch (cause) {
    answer({ turn, kind: 'failed', message: cause instanceof Error ? cause.message : String(cause) })
  }
})
