import type { JobDocument } from '../core/job'
import { nextChecksInSteps, type NextCheck } from '../core/nextCheck'
import { derive, type Derived } from '../core/pipeline'
import type { PlanAround } from '../core/plan'

/** What is asked of the worker: a job as it stands, and today in its time zone; or what to check next of the job it reckoned last. */
export type Ask =
  | {
      readonly kind: 'job'
      readonly turn: number
      readonly job: JobDocument
      readonly today: string
      readonly around: PlanAround
    }
  | { readonly kind: 'checks'; readonly turn: number }
/** What a page has by itself, and so is not sent back. */
export type Sent = Omit<Derived, 'job'>
type Stage = keyof Sent

/**
 * What it answers: everything derived, stage by stage, since one message with all of it would hold up the page while it is unpacked;
 * then that this was all; what to check next when it is asked, unless something newer was asked by then.
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
let last: { readonly turn: number; readonly derived: Derived } | null = null

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
  const { turn } = data
  newest = turn
  const failed = (cause: unknown): void => answer({ turn, kind: 'failed', message: wordsOf(cause) })
  if (data.kind === 'checks') {
    // It takes as long as all the rest, and is read on one page alone.
    if (last?.turn === turn) answerChecks(turn, last.derived).catch(failed)
    return
  }
  try {
    const derived = derive(data.job, data.today, {}, data.around)
    last = { turn, derived }
    for (const stage of Object.keys(derived) as (Stage | 'job')[]) {
      if (stage !== 'job') answer({ turn, kind: 'stage', stage: { [stage]: derived[stage] } })
    }
    answer({ turn, kind: 'derived' })
  } catch (cause) {
    failed(cause)
  }
})
