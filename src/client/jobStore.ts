import {
  applyChange,
  Change,
  findEntity,
  inverseOf,
  isStorable,
  JOB_VERSION,
  raiseChange,
  stampKey,
  type EntityKind,
  type EntityOf,
  type NewFact,
  type JobDocument,
  type JobState,
  type Place,
} from '../core/job'
import { ORDER_STEP } from '../core/walk'
import { changeWords, unstorableWords } from '../core/words'
import { postJson, type Failure } from './api'
import { clockOffset, CLOCK_TOLERANCE_MS, now } from './clock'
import { deviceId } from './deviceId'
import { dropWaiting, keepWaiting, listWaiting, local, type RefusedEdit } from './localDatabase'
import { newId } from './newId'
import { PictureStore } from './pictureStore'
import { merge, stateOf, unnumbered, type ServerAnswer } from './serverAnswer'
import type { Snapshot } from './snapshot'

/** Where the edits are: sent, on their way, or kept here and why. */
export type Sending = 'sent' | 'sending' | 'no-signal' | 'signed-out' | 'server-unwell' | 'other-person'

export type JobView = {
  readonly job: JobDocument
  readonly member: Snapshot['member']
  readonly waiting: number
  readonly picturesWaiting: number
  /** Edits and pictures only in this page: the browser's storage was full or switched off. */
  readonly notKept: number
  readonly sending: Sending
  /** The last edit that was refused, and why; it was taken off the job again and stands in `refusedEdits`. */
  readonly refused: string | null
  readonly refusedEdits: readonly RefusedEdit[]
  readonly refusedPictures: readonly { readonly sha256: string; readonly why: string }[]
  readonly canUndo: boolean
  readonly canRedo: boolean
  /** The last edit noted a hazard: taking it back wants a reason. */
  readonly undoWantsReason: boolean
  /** Edits of others that one of ours overruled unseen. */
  readonly overruled: number
  /** Minutes this device's clock is off, when that matters. */
  readonly clockOff_min: number | null
}

type Undoable = { readonly change: Change; readonly before: Readonly<Record<string, unknown>> }
const RETRY_MS = 4000
const BATCH = 200

function wantsReason(last: Undoable | undefined): boolean {
  return last?.change.op === 'fact' && last.change.fact.kind === 'hazard'
}

/**
 * The job on this device: what the server has, with the edits on top that it has not taken yet.
 *
 * One door: everything that changes a job goes through `edit`. An edit is applied here at once, kept in the browser's database,
 * sent in order, and dropped from the queue when the server has it.
 */
export class JobStore {
  readonly pictures: PictureStore
  private server: JobState
  private shown: JobState
  private queue: Change[] = []
  private undoable: Undoable[] = []
  private redoable: Undoable[] = []
  private refusedEdits: RefusedEdit[] = []
  private listeners = new Set<() => void>()
  private view: JobView
  private busy = false
  private again = false
  private retry: ReturnType<typeof setTimeout> | undefined
  private sending: Sending = 'sent'
  private refused: string | null = null
  private overruled = 0
  private notKept = new Set<string>()
  private unborn: boolean
  private snapshot: Snapshot
  private readonly device = deviceId()

  constructor(
    private readonly jobId: string,
    snapshot: Snapshot,
    options: { unborn: boolean } = { unborn: false },
  ) {
    this.snapshot = snapshot
    this.unborn = options.unborn
    this.pictures = new PictureStore(jobId, () => this.tell())
    this.server = stateOf(snapshot)
    this.shown = this.server
    this.view = this.makeView()
  }

  /** Puts back on top what waits in this browser, and goes on sending. */
  async takeUp(): Promise<void> {
    try {
      const rows = await listWaiting(this.jobId)
      this.queue = rows.flatMap(({ change }) => {
        const raised = Change.safeParse(raiseChange(change, JOB_VERSION))
        return raised.success ? [raised.data] : []
      })
      this.refusedEdits = await local().refused.where('jobId').equals(this.jobId).toArray()
      await this.pictures.load()
    } catch {
      // Without storage there is nothing to take up; edits from now on are counted as not kept.
    }
    this.rebuild()
    void this.flush()
  }

  /** Keeps the job as the server has it, so that it opens here without a signal. */
  async remember(): Promise<void> {
    const revisions = Object.fromEntries(
      Object.entries(this.server.stamps).map(([key, stamp]) => [key, stamp.revision]),
    )
    const { job, sequence } = this.server
    this.snapshot = { ...this.snapshot, job, sequence, revisions }
    await local()
      .jobs.put({ jobId: this.jobId, snapshot: this.snapshot, unborn: this.unborn, opened_at: Date.now() })
      .catch(() => undefined)
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  read = (): JobView => this.view

  private makeView(): JobView {
    const picturesWaiting = this.pictures.waiting
    const off_ms = clockOffset()
    return {
      job: this.shown.job,
      member: this.snapshot.member,
      waiting: this.queue.length,
      picturesWaiting,
      notKept: this.notKept.size + this.pictures.notKept,
      sending: this.whereTheyAre(this.queue.length + picturesWaiting),
      refused: this.refused,
      refusedEdits: this.refusedEdits,
      refusedPictures: this.pictures.refused.map(({ sha256, refused }) => ({ sha256, why: refused ?? '' })),
      canUndo: this.undoable.length > 0,
      canRedo: this.redoable.length > 0,
      undoWantsReason: wantsReason(this.undoable.at(-1)),
      overruled: this.overruled,
      clockOff_min: Math.abs(off_ms) > CLOCK_TOLERANCE_MS ? Math.round(off_ms / 60_000) : null,
    }
  }

  /** An edit just made is on its way, though sending has not begun yet: *sent* is said only of what is. */
  private whereTheyAre(waiting: number): Sending {
    if (waiting === 0) return 'sent'
    return this.sending === 'sent' ? 'sending' : this.sending
  }

  private tell(): void {
    this.view = this.makeView()
    for (const listener of this.listeners) listener()
  }

  /** The server's state with the waiting edits on top. A new finding has no number until the server gives one. */
  private rebuild(): void {
    let state = this.server
    for (const change of this.queue) {
      const result = applyChange(state, change)
      if (result.ok) state = unnumbered(result.value.state, change)
    }
    this.shown = state
    this.tell()
  }

  private head(): { id: string; schema: number; made_at: string; device: string } {
    return { id: newId(), schema: JOB_VERSION, made_at: now(), device: this.device }
  }

  /** Makes something new. Gives back why not, or null. */
  create<K extends EntityKind>(kind: K, body: EntityOf[K]): string | null {
    return this.edit({ ...this.head(), op: 'create', entity: { kind, id: body.id }, body })
  }

  /** Changes fields of something there; fields that stay as they are are left out. */
  set<K extends EntityKind>(kind: K, id: string, fields: Partial<EntityOf[K]>): string | null {
    const old = findEntity(this.shown.job, { kind, id }) as Record<string, unknown> | null
    const changed = Object.fromEntries(
      Object.entries(fields).filter(([name, value]) => JSON.stringify(old?.[name]) !== JSON.stringify(value)),
    )
    if (old && Object.keys(changed).length === 0) return null
    return this.edit({
      ...this.head(),
      op: 'set',
      entity: { kind, id },
      base: this.baseOf({ kind, id }),
      fields: changed,
    })
  }

  /** Waiting edits of ours raise revisions only here; the server knows none of them yet. */
  private baseOf(entity: { kind: EntityKind; id: string }): number {
    const shown = this.shown.stamps[stampKey(entity)]?.revision ?? 0
    return Math.min(shown, this.server.stamps[stampKey(entity)]?.revision ?? 0)
  }

  /** Writes a fact down, signed and dated. */
  addFact(fact: NewFact): string | null {
    const signed = { ...fact, id: newId(), by: this.snapshot.member.name, at: now() }
    return this.edit({ ...this.head(), op: 'fact', fact: signed })
  }

  /** Takes a picture in: it is in the job at once, and goes to the server after the edits. */
  async addPhoto(file: Blob, place: Place = { kind: 'none' }): Promise<{ id: string } | { words: string }> {
    const last = Math.max(-ORDER_STEP, ...this.shown.job.photos.map((photo) => photo.order))
    const order = Math.min(100_000, last + ORDER_STEP)
    const taken = await this.pictures.takePhoto(file, { place, order })
    if (!taken.ok) return { words: taken.words }
    const said = this.create('photo', taken.value)
    return said === null ? { id: taken.value.id } : { words: said }
  }

  async addClip(file: Blob): Promise<{ id: string } | { words: string }> {
    const taken = await this.pictures.takeClip(file, now())
    if (!taken.ok) return { words: taken.words }
    const said = this.create('clip', taken.value)
    return said === null ? { id: taken.value.id } : { words: said }
  }

  private edit(wish: unknown): string | null {
    const redoable = this.redoable
    this.redoable = []
    const said = this.apply(wish)
    if (said !== null) this.redoable = redoable
    return said
  }

  private apply(wish: unknown): string | null {
    const change = Change.safeParse(wish)
    if (!change.success) return change.error.issues[0]?.message ?? 'That does not fit.'
    // Sent, it would be refused with the whole batch and hold up every later edit.
    if (!isStorable(change.data)) return unstorableWords()
    const result = applyChange(this.shown, change.data)
    if (!result.ok) return changeWords(result.error)
    this.undoable.push({ change: change.data, before: result.value.before })
    this.take(change.data, result.value.state)
    return null
  }

  private take(change: Change, state: JobState): void {
    this.refused = null
    this.queue.push(change)
    this.shown = unnumbered(state, change)
    this.tell()
    void keepWaiting(this.jobId, change)
      .catch(() => {
        this.notKept.add(change.id)
        this.tell()
      })
      .then(() => this.flush())
  }

  /** Takes the last edit back with an edit of its own. A hazard wants a reason. */
  undo(reason = ''): string | null {
    const last = this.undoable.at(-1)
    if (!last) return null
    const { change } = last
    const back = inverseOf(change, last.before, {
      ...this.head(),
      by: this.snapshot.member.name,
      revision: change.op === 'fact' ? 0 : this.baseOf(change.entity),
      reason,
      factId: newId(),
    })
    const result = applyChange(this.shown, back)
    if (!result.ok) return changeWords(result.error)
    this.undoable.pop()
    this.redoable.push(last)
    this.take(back, result.value.state)
    return null
  }

  /** Does again what was last taken back. A fact is written down anew: taking back and restating are both on record. */
  redo(): string | null {
    const last = this.redoable.at(-1)
    if (!last) return null
    const { change } = last
    const said =
      change.op === 'fact'
        ? this.apply({ ...this.head(), op: 'fact', fact: { ...change.fact, id: newId(), at: now() } })
        : this.apply({
            ...this.head(),
            op: 'set',
            entity: change.entity,
            base: this.baseOf(change.entity),
            fields: change.op === 'create' ? { removed: false } : change.fields,
          })
    if (said === null) this.redoable.pop()
    return said
  }

  dismissRefused(): void {
    this.refused = null
    this.tell()
  }

  /** Lets a refused edit go for good. */
  async letGo(id: string): Promise<void> {
    this.refusedEdits = this.refusedEdits.filter((each) => each.id !== id)
    this.tell()
    await local()
      .refused.delete(id)
      .catch(() => undefined)
  }

  /** Resolves to true once everything waiting is sent, to false when it cannot be for now. */
  async settled(): Promise<boolean> {
    await this.flush()
    while (this.busy) await new Promise<void>((resolve) => this.onceTold(resolve))
    return this.queue.length === 0
  }

  private onceTold(resolve: () => void): void {
    const stop = this.subscribe(() => {
      stop()
      resolve()
    })
  }

  /** Sends what waits and fetches what others did, one exchange after the other; what cannot be sent stays and is tried again. */
  async flush(): Promise<void> {
    if (this.busy) {
      this.again = true
      return
    }
    this.busy = true
    do {
      this.again = false
      this.sending = 'sending'
      this.tell()
      this.sending = (await this.sendAll()) ?? 'sent'
    } while (this.goesOn())
    this.busy = false
    this.tell()
  }

  /** Asked for more while sending; what stopped it is tried again later, once, however often sending was asked for. */
  private goesOn(): boolean {
    if (this.sending === 'sent') return this.again
    clearTimeout(this.retry)
    this.retry = setTimeout(() => void this.flush(), RETRY_MS)
    return false
  }

  private async sendAll(): Promise<Sending | null> {
    if (this.unborn) {
      const stopped = await this.beBorn()
      if (stopped) return stopped
    }
    do {
      const stopped = await this.exchange(this.queue.slice(0, BATCH))
      if (stopped) return stopped
    } while (this.queue.length > 0)
    void this.remember()
    if (this.pictures.waiting === 0) return null
    const words = await this.pictures.send()
    return words === null ? null : 'no-signal'
  }

  private async beBorn(): Promise<Sending | null> {
    const { title, time_zone } = this.server.job.job
    const made = await postJson('/api/jobs', { id: this.jobId, title, time_zone })
    // It is there already: the answer to an earlier try was lost on the way.
    const there = !made.ok && made.failure.kind === 'refused' && made.failure.status === 409
    if (!made.ok && !there) return this.stoppedBy(made.failure)
    this.unborn = false
    return null
  }

  private async exchange(batch: readonly Change[]): Promise<Sending | null> {
    const answer = await postJson<ServerAnswer>(`/api/jobs/${this.jobId}/changes`, {
      // Signed in as somebody else, the server takes nothing: no edit is ever sent in another person's name.
      as: this.snapshot.member.id,
      known: this.server.sequence,
      changes: batch,
    })
    if (answer.ok) {
      const done = answer.value.applied.map((each) => each.id)
      if (done.length === 0 && answer.value.sequence === this.server.sequence) return null
      this.overruled += answer.value.applied.filter((each) => Object.keys(each.overruled).length > 0).length
      this.queue = this.queue.filter((change) => !done.includes(change.id))
      for (const id of done) this.notKept.delete(id)
      this.server = merge(this.server, answer.value)
      if (done.length > 0) await dropWaiting(this.jobId, done).catch(() => undefined)
      this.rebuild()
      return null
    }
    const { failure } = answer
    if (failure.kind !== 'refused' || failure.changeId === null) return this.stoppedBy(failure)
    await this.setAside(failure.changeId, failure.detail)
    return null
  }

  /** An edit the server does not take is put aside with its sentence; the others go on. */
  private async setAside(changeId: string, why: string): Promise<void> {
    const held = this.queue.find((change) => change.id === changeId)
    this.refused = why
    this.queue = this.queue.filter((change) => change.id !== changeId)
    this.undoable = this.undoable.filter(({ change }) => change.id !== changeId)
    if (held) {
      const row = { id: changeId, jobId: this.jobId, change: held, why }
      this.refusedEdits = [...this.refusedEdits, row]
      await local()
        .refused.put(row)
        .catch(() => undefined)
    }
    await dropWaiting(this.jobId, [changeId]).catch(() => undefined)
    this.rebuild()
  }

  private stoppedBy(failure: Failure): Sending {
    if (failure.kind === 'no-signal') return 'no-signal'
    if (failure.status === 401) return 'signed-out'
    if (failure.problem === 'other-person') return 'other-person'
    if (failure.status >= 500) return 'server-unwell'
    this.refused = failure.detail
    return 'server-unwell'
  }
}
