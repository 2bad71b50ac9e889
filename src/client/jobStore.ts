import {
  applyChange,
  Change,
  ENTITY_KINDS,
  findEntity,
  initialState,
  inverseOf,
  isStorable,
  JOB_VERSION,
  stampKey,
  type EntityKind,
  type EntityOf,
  type Fact,
  type JobDocument,
  type JobState,
} from '../core/job'
import { changeWords, unstorableWords } from '../core/words'
import { call, failureWords, postJson } from './api'
import { dropWaiting, keepWaiting, listWaiting } from './localDatabase'
import { newId } from './newId'

/** A job as the server gave it. */
export type Snapshot = {
  readonly job: JobDocument
  readonly sequence: number
  readonly revisions: Readonly<Record<string, number>>
  readonly member: { readonly name: string; readonly role: string; readonly seesMoney: boolean }
}

type ServerAnswer = {
  readonly sequence: number
  readonly applied: readonly { id: string; sequence: number; overruled: Readonly<Record<string, unknown>> }[]
  readonly entities: readonly { kind: EntityKind; id: string; revision: number; body: unknown }[]
  readonly facts: readonly Fact[]
}

/** Where the edits are: sent, kept here and on their way, kept here without signal, or refused with the reason. */
export type Sending = 'sent' | 'sending' | 'no-signal' | 'signed-out'

export type JobView = {
  readonly job: JobDocument
  readonly member: Snapshot['member']
  readonly waiting: number
  readonly sending: Sending
  /** The last edit that was refused, and why; it was taken off the job again. */
  readonly refused: string | null
  readonly canUndo: boolean
  /** The last edit noted a hazard: taking it back wants a reason. */
  readonly undoWantsReason: boolean
  /** Edits of others that one of ours overruled unseen. */
  readonly overruled: number
}

type Undoable = { readonly change: Change; readonly before: Readonly<Record<string, unknown>> }

const RETRY_MS = 4000

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
  private server: JobState
  private shown: JobState
  private queue: Change[] = []
  private undoable: Undoable[] = []
  private listeners = new Set<() => void>()
  private view: JobView
  private busy = false
  private retry: ReturnType<typeof setTimeout> | undefined
  private sending: Sending = 'sent'
  private refused: string | null = null
  private overruled = 0
  private readonly device = newId()

  constructor(
    private readonly jobId: string,
    private readonly snapshot: Snapshot,
  ) {
    const start = initialState(snapshot.job)
    const stamps = Object.fromEntries(
      Object.entries(snapshot.revisions).map(([key, revision]) => [key, { revision, fields: {} }]),
    )
    this.server = { ...start, stamps, sequence: snapshot.sequence }
    this.shown = this.server
    this.view = this.makeView()
  }

  /** Opens a job from the server, with edits still waiting in this browser put back on top. */
  static async open(
    jobId: string,
  ): Promise<{ ok: true; store: JobStore } | { ok: false; words: string; signedOut: boolean }> {
    const answer = await call<Snapshot>(`/api/jobs/${jobId}`)
    if (!answer.ok) {
      const { failure } = answer
      return {
        ok: false,
        words: failureWords(failure),
        signedOut: failure.kind === 'refused' && failure.status === 401,
      }
    }
    const store = new JobStore(jobId, answer.value)
    store.queue = await listWaiting(jobId).catch(() => [])
    store.rebuild()
    void store.flush()
    return { ok: true, store }
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  read = (): JobView => this.view

  private makeView(): JobView {
    return {
      job: this.shown.job,
      member: this.snapshot.member,
      waiting: this.queue.length,
      sending: this.queue.length === 0 ? 'sent' : this.sending,
      refused: this.refused,
      canUndo: this.undoable.length > 0,
      undoWantsReason: wantsReason(this.undoable.at(-1)),
      overruled: this.overruled,
    }
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
    const base = this.shown.stamps[stampKey({ kind, id })]?.revision ?? 0
    // Waiting edits of ours raise revisions only here; the server knows none of them yet.
    const known = this.server.stamps[stampKey({ kind, id })]?.revision ?? 0
    return this.edit({
      ...this.head(),
      op: 'set',
      entity: { kind, id },
      base: Math.min(base, known),
      fields: changed,
    })
  }

  /** Writes a fact down, signed and dated. */
  addFact(fact: DistributiveOmit<Fact, 'id' | 'by' | 'at'>): string | null {
    const signed = { ...fact, id: newId(), by: this.snapshot.member.name, at: now() }
    return this.edit({ ...this.head(), op: 'fact', fact: signed })
  }

  private edit(wish: unknown): string | null {
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
      .catch(() => undefined)
      .then(() => this.flush())
  }

  /** Takes the last edit back with an edit of its own. A hazard wants a reason. */
  undo(reason = ''): string | null {
    const last = this.undoable.at(-1)
    if (!last) return null
    const { change } = last
    const entity = change.op === 'fact' ? null : change.entity
    const revision = entity ? (this.server.stamps[stampKey(entity)]?.revision ?? 0) : 0
    const back = inverseOf(change, last.before, {
      ...this.head(),
      by: this.snapshot.member.name,
      revision,
      reason,
      factId: newId(),
    })
    const result = applyChange(this.shown, back)
    if (!result.ok) return changeWords(result.error)
    this.undoable.pop()
    this.take(back, result.value.state)
    return null
  }

  dismissRefused = (): void => {
    this.refused = null
    this.tell()
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

  /** Sends what waits, in order; on no signal it stays and is tried again. */
  async flush(): Promise<void> {
    if (this.busy || this.queue.length === 0) return
    this.busy = true
    this.sending = 'sending'
    this.tell()
    const batch = this.queue.slice(0, 200)
    const answer = await postJson<ServerAnswer>(`/api/jobs/${this.jobId}/changes`, {
      known: this.server.sequence,
      changes: batch,
    })
    this.busy = false
    if (answer.ok) {
      const done = answer.value.applied.map((each) => each.id)
      this.overruled += answer.value.applied.filter((each) => Object.keys(each.overruled).length > 0).length
      this.queue = this.queue.filter((change) => !done.includes(change.id))
      this.server = merge(this.server, answer.value)
      this.sending = 'sent'
      await dropWaiting(this.jobId, done).catch(() => undefined)
      this.rebuild()
      return this.flush()
    }
    const { failure } = answer
    if (failure.kind === 'refused' && failure.changeId !== null) {
      this.refused = failure.detail
      this.queue = this.queue.filter((change) => change.id !== failure.changeId)
      this.undoable = this.undoable.filter(({ change }) => change.id !== failure.changeId)
      await dropWaiting(this.jobId, [failure.changeId]).catch(() => undefined)
      this.rebuild()
      return this.flush()
    }
    this.sending = failure.kind === 'refused' && failure.status === 401 ? 'signed-out' : 'no-signal'
    if (failure.kind === 'refused' && failure.status !== 401) this.refused = failure.detail
    this.tell()
    // One try at a time, however often sending was asked for meanwhile.
    clearTimeout(this.retry)
    this.retry = setTimeout(() => void this.flush(), RETRY_MS)
    return undefined
  }
}

type DistributiveOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never

function now(): string {
  return `${new Date().toISOString().slice(0, 19)}Z`
}

/** Numbers of findings are the server's; until it has one, a new finding stands as *new 1*. */
function unnumbered(state: JobState, change: Change): JobState {
  if (change.op !== 'create' || change.entity.kind !== 'finding') return state
  const findings = state.job.findings.map((finding) =>
    finding.id === change.entity.id ? { ...finding, number: null } : finding,
  )
  return { ...state, job: { ...state.job, findings } }
}

/** The server's state after its answer: entities and facts it told us of, revisions as it has them. */
function merge(server: JobState, answer: ServerAnswer): JobState {
  let { job } = server
  const stamps = { ...server.stamps }
  for (const { kind, id, revision, body } of answer.entities) {
    const { key, many } = ENTITY_KINDS[kind]
    if (many) {
      const list = job[key] as unknown as { id: string }[]
      const index = list.findIndex((each) => each.id === id)
      job = { ...job, [key]: index < 0 ? [...list, body] : list.with(index, body as { id: string }) }
    } else {
      job = { ...job, [key]: body }
    }
    stamps[stampKey({ kind, id })] = { revision, fields: {} }
  }
  const known = new Set(job.facts.map((fact) => fact.id))
  const facts = answer.facts.filter((fact) => !known.has(fact.id))
  return { ...server, job: { ...job, facts: [...job.facts, ...facts] }, stamps, sequence: answer.sequence }
}
