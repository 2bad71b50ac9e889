import { ChangesAnswer, CreatedAnswer, ChangesRequest, NewJobRequest } from '../core/contract'
import type { Change } from '../core/job'
import { call, postJson, type Answer, type Failure } from './api'
import { backOff } from './backOff'

/** Where the edits are: sent, on their way, or kept here and why. */
export type Sending =
  | 'sent'
  | 'sending'
  | 'no-signal'
  | 'no-answer'
  | 'signed-out'
  | 'foreign-answer'
  | 'server-unwell'
  | 'other-person'
  | 'set-back'

/** What stops the queue, and since when (milliseconds of this device's clock). */
export type Stuck = { readonly why: Exclude<Sending, 'sent' | 'sending'>; readonly since: number }

/** Edits in one request, at most. */
const BATCH = 200
/** A request that takes longer than this is no longer called sending. */
const SLOW_MS = 6000

/** What the exchange works on; the job's store is one. */
export type Outgoing = {
  readonly jobId: string
  readonly memberId: string
  readonly known: () => { readonly sequence: number; readonly head: string | null }
  readonly queue: () => readonly Change[]
  readonly unborn: () => { readonly title: string; readonly time_zone: string } | null
  readonly isBorn: () => void
  readonly took: (answer: ChangesAnswer) => Promise<void>
  readonly setAside: (id: string, why: string) => Promise<void>
  /** The server knows less than it told this device before. */
  readonly isSetBack: (what: 'older' | 'no-job') => Promise<void>
  /** Sends pictures; resolves to why it stopped. */
  readonly sendPictures: () => Promise<Failure | null>
  /** Everything is there. */
  readonly finished: () => void
  readonly changed: () => void
}

/**
 * Sends what waits and fetches what others did, one request after the other. Whatever answers, or nothing: the queue goes on, later
 * where it must, and says meanwhile what stops it.
 */
export class Exchange {
  private running: Promise<void> | null = null
  private again = false
  private isSignalBack = false
  private retry: ReturnType<typeof setTimeout> | undefined
  private failures = 0
  private limit = BATCH
  private closed = false
  stuck: Stuck | null = null
  busy = false

  constructor(private readonly out: Outgoing) {}

  /** Ends it: nothing is sent any more. */
  close(): void {
    this.closed = true
    clearTimeout(this.retry)
  }

  /** Sends what waits, unless that is under way: then once more after it. */
  flush(): Promise<void> {
    if (this.closed) return Promise.resolve()
    if (this.running) {
      this.again = true
      return this.running
    }
    this.running = this.runAll().finally(() => {
      this.running = null
    })
    return this.running
  }

  /** The signal is back: what failed before says nothing about now, nor does what is failing at this moment. */
  signalBack(): Promise<void> {
    this.failures = 0
    this.isSignalBack = this.running !== null
    return this.flush()
  }

  private async runAll(): Promise<void> {
    do {
      this.again = false
      this.isSignalBack = false
      await this.runOnce()
    } while (this.goesOn())
  }

  /** Asked for more meanwhile, and nothing stops it, or what did is over. */
  private goesOn(): boolean {
    return this.again && (this.stuck === null || (this.isSignalBack && this.stuck.why !== 'set-back'))
  }

  private async runOnce(): Promise<void> {
    clearTimeout(this.retry)
    this.busy = true
    const begun = Date.now()
    const slow = setTimeout(() => {
      this.stuck ??= { why: 'no-answer', since: begun }
      this.out.changed()
    }, SLOW_MS)
    let why: Stuck['why'] | null = 'server-unwell'
    try {
      this.out.changed()
      why = await this.sendAll(() => clearTimeout(slow))
    } catch (error) {
      // A fault of ours must not end the queue: it is said, and sending is tried again.
      console.error('sending failed:', error)
    } finally {
      clearTimeout(slow)
      this.busy = false
      if (why === null) {
        this.failures = 0
        this.stuck = null
      } else {
        this.failures += 1
        const since = this.stuck?.why === why ? this.stuck.since : begun
        this.stuck = { why, since }
        // What was set back waits for somebody to decide.
        if (!this.closed && why !== 'set-back')
          this.retry = setTimeout(() => void this.flush(), backOff(this.failures, Math.random()))
      }
      this.out.changed()
    }
  }

  private async sendAll(heard: () => void): Promise<Stuck['why'] | null> {
    const unborn = this.out.unborn()
    if (unborn) {
      const stopped = await this.beBorn(unborn)
      if (stopped) return stopped
    }
    do {
      const stopped = await this.sendBatch(heard)
      if (stopped) return stopped
    } while (this.out.queue().length > 0)
    const failure = await this.out.sendPictures()
    if (failure) return whyOf(failure)
    this.out.finished()
    return null
  }

  private async beBorn(of: { title: string; time_zone: string }): Promise<Stuck['why'] | null> {
    const made = await postJson(
      '/api/jobs',
      { asks: NewJobRequest, answers: CreatedAnswer },
      { id: this.out.jobId, ...of },
    )
    // It is there already: the answer to an earlier try was lost on the way.
    const isThere = !made.ok && made.failure.kind === 'refused' && made.failure.problem === 'job-exists'
    if (!made.ok && !isThere) return whyOf(made.failure)
    this.out.isBorn()
    return null
  }

  private async sendBatch(heard: () => void): Promise<Stuck['why'] | null> {
    const batch = this.out.queue().slice(0, this.limit)
    const answer = await this.ask(batch)
    heard()
    if (answer.ok) {
      this.limit = Math.min(BATCH, this.limit * 2)
      await this.out.took(answer.value)
      // An answer that took none of these would have us send them for ever.
      const left = new Set(this.out.queue().map(({ id }) => id))
      return batch.length > 0 && batch.every(({ id }) => left.has(id)) ? 'foreign-answer' : null
    }
    return this.refused(batch, answer.failure)
  }

  private ask(batch: readonly Change[]): Promise<Answer<ChangesAnswer>> {
    const { sequence, head } = this.out.known()
    const path = `/api/jobs/${this.out.jobId}/changes`
    if (batch.length === 0) {
      const asked = new URLSearchParams({ known: String(sequence), ...(head === null ? {} : { head }) })
      return call(`${path}?${asked.toString()}`, ChangesAnswer)
    }
    return postJson(
      path,
      { asks: ChangesRequest, answers: ChangesAnswer },
      {
        // Signed in as somebody else, the server takes nothing: no edit is ever sent in another person's name.
        as: this.out.memberId,
        known: sequence,
        head,
        changes: [...batch],
      },
    )
  }

  /**
   * A refusal that names its edit puts that one aside. One that names none, or a batch too large, is halved until it is one edit, so
   * that everything behind it goes on.
   */
  private async refused(batch: readonly Change[], failure: Failure): Promise<Stuck['why'] | null> {
    if (failure.kind === 'refused' && failure.changeId !== null) {
      const { changeId, detail } = failure
      if (!batch.some(({ id }) => id === changeId)) return 'server-unwell'
      await this.out.setAside(changeId, detail)
      return null
    }
    if (failure.kind === 'refused' && failure.problem === 'set-back') {
      await this.out.isSetBack('older')
      return 'set-back'
    }
    if (failure.kind === 'refused' && failure.problem === 'not-found') {
      await this.out.isSetBack('no-job')
      return 'set-back'
    }
    if (batch.length === 0 || !isAboutEdits(failure)) return whyOf(failure)
    if (batch.length > 1) {
      this.limit = Math.max(1, Math.floor(batch.length / 2))
      return null
    }
    this.limit = 1
    await this.out.setAside(
      batch[0]!.id,
      failure.kind === 'refused' ? failure.detail : 'It is too large to be sent.',
    )
    return null
  }
}

const NOT_ABOUT_EDITS: ReadonlySet<string> = new Set([
  'not-signed-in',
  'not-a-member',
  'other-person',
  'wrong-origin',
  'busy',
  'too-many-tries',
])

/** Whether a failure speaks of what was sent, not of who sent it, nor of how the server is. */
function isAboutEdits(failure: Failure): boolean {
  if (failure.kind === 'foreign') return failure.status === 413
  if (failure.kind !== 'refused') return false
  return failure.status >= 400 && failure.status < 500 && !NOT_ABOUT_EDITS.has(failure.problem)
}

/** What a failure means for the edits that wait. */
export function whyOf(failure: Failure): Stuck['why'] {
  if (failure.kind === 'no-signal') return 'no-signal'
  if (failure.kind === 'foreign') return failure.status >= 500 ? 'server-unwell' : 'foreign-answer'
  if (failure.status === 401 || failure.problem === 'not-a-member') return 'signed-out'
  if (failure.problem === 'other-person') return 'other-person'
  return 'server-unwell'
}
