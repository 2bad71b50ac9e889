import type { JobDocument } from '../core/job'
import { nextChecksInSteps, type NextCheck } from '../core/nextCheck'
import { derive, type Derived } from '../core/pipeline'
import type { PlanAround } from '../core/plan'

/** What is asked of the worker: a job as it stands, and today in its time zone. */
export type Ask = {
  readonly turn: number
  readonly job: JobDocument
  readonly today: string
  readonly around: PlanAround
}
/** What a page has by itself, and so is not sent back. */
export type Sent = Omit<Derived, 'job'>
type Stage = keyof Sent

/**
 * What it answers: everything derived, stage by stage, since one message with all of it would hold up the page while it is unpacked;
 * then that this was all; a little later what to check next, unless something newer was asked by then.
 */
export type Answer =
  | { readonly turn: number; readonly kind: 'stage'; readonly stage: Partial<Sent> }
  | { readonly turn: number; readonly kind: 'derived' }
  | { readonly turn: number; readonly kind: 'checks'; readonly checks: readonly NextCheck[] }
  | { readonly turn: number; readonly kind: 'failed'; readonly message: string }

const answer = (message: Answer): void => self.postMessage(message)
const wordsOf = (cause: unknown): string => (cause instanceof Error ? cause.message : String(cause))
/** Lets a message that waits be taken first. */
const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0))

let newest = 0

/** What to check next is carried through the house step by step: an edit made meanwhile goes first and makes it pointless. */
async function answerChecks(turn: number, { job, trace }: Derived): Promise<void> {
  const steps = nextChecksInSteps(job, trace)
  for (;;) {
    const step = steps.next()
    if (step.done) {
      answer({ turn, kind: 'checks', checks: step.value })
      return
    }
    await pause()
    if (turn !== newest) return
  }
}

self.addEventListener('message', ({ data }: MessageEvent<Ask>) => {
  const { turn, job, today, around } = data
  newest = turn
  const failed = (cause: unknown): void => answer({ turn, kind: 'failed', message: wordsOf(cause) })
  try {
    const derived = derive(job, today, {}, around)
    for (const stage of Object.keys(derived) as (Stage | 'job')[]) {
      if (stage !== 'job') answer({ turn, kind: 'stage', stage: { [stage]: derived[stage] } })
    }
    answer({ turn, kind: 'derived' })
    answerChecks(turn, derived).catch(failed)
  } catch (cause) {
    failed(cause)
  }
})
