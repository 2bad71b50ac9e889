import {
  applyChange,
  Change,
  findEntity,
  inverseOf,
  isStorable,
  JOB_VERSION,
  stampKey,
  type EntityKind,
  type EntityOf,
  type NewFact,
  type JobState,
  type Place,
} from '../core/job'
import type { ChangesAnswer, JobSnapshotAnswer } from '../core/contract'
import { ORDER_STEP } from '../core/walk/reorder'
import { changeWords, unstorableWords } from '../core/words'
import { changedFields } from './changedFields'
import { minutesOff, now } from './clock'
import { deviceId } from './deviceId'
import { Exchange } from './exchange'
import { NOT_KEPT, type JobView } from './jobView'
import type { LocalCopies } from './localCopies'
import { newId } from './newId'
import { OutQueue } from './outQueue'
import { PictureStore } from './pictureStore'
import { allLost, bringingBack, lostThere, madeAnew, type SetBack } from './setBack'
import { merge, stateOf, unnumbered } from './serverAnswer'
import { snapshotOf, type Snapshot } from './snapshot'
import { UndoHistory, type Undoable } from './undoHistory'

export type { Sending } from './exchange'

export type { JobView } from './jobView'

/**
 * The job on this device: what the server has, with the edits on top that it has not taken yet.
 *
 * One door: everything that changes a job goes through `edit`. An edit is applied here at once, kept in the browser's database,
 * sent in order, and dropped from the queue when the server has it.
 */
export class JobStore {
  readonly pictures: PictureStore
  private readonly queue: OutQueue
  private readonly exchange: Exchange
  private server: JobState
  private head: string | null
  private shown: JobState
  private readonly history = new UndoHistory()
  private listeners = new Set<() => void>()
  private view: JobView
  private refused: string | null = null
  private overruled = 0
  private setBack: SetBack | null = null
  private unborn: boolean
  private snapshot: Snapshot
  /** The server's state as it was last written down here: what did not change is not written again. */
  private remembered: JobState | null = null
  private writing: Promise<void> = Promise.resolve()
  private readonly local: LocalCopies | null
  private readonly device = deviceId()

  constructor(
    private readonly jobId: string,
    snapshot: Snapshot,
    options: { unborn?: boolean; local?: LocalCopies | null } = {},
  ) {
    this.snapshot = snapshot
    this.unborn = options.unborn ?? false
    this.local = options.local ?? null
    this.pictures = new PictureStore(jobId, this.local, () => this.tell())
    this.queue = new OutQueue(jobId, this.local, () => this.tell())
    this.server = stateOf(snapshot)
    this.head = snapshot.head
    this.shown = this.server
    this.exchange = new Exchange({
      jobId,
      memberId: snapshot.member.id,
      known: () => ({ sequence: this.server.sequence, head: this.head }),
      queue: () => this.queue.all.map((change) => this.notNewer(change)),
      unborn: () => {
        const { title, time_zone } = this.server.job.job
        return this.unborn ? { title, time_zone } : null
      },
      isBorn: () => {
        this.unborn = false
      },
      took: (answer) => this.took(answer),
      setAside: (id, why) => this.setAside(id, why),
      isSetBack: (what) => this.noteSetBack(what),
      sendPictures: () => this.pictures.send(),
      finished: () => {
        // A second time round there may be nothing new to write, while the first is still being written.
        this.writing = Promise.all([this.writing, this.remember()]).then(() => undefined)
      },
      changed: () => this.tell(),
    })
    this.view = this.makeView()
  }

  /** Puts back on top what waits in this browser, and goes on sending. */
  async takeUp(): Promise<void> {
    // Without storage there is nothing to take up; edits from now on are counted as not kept.
    await this.queue.load().catch(() => undefined)
    await this.pictures.load().catch(() => undefined)
    this.rebuild()
    void this.flush()
  }

  /** Keeps the job as the server has it, so that it opens here without a signal. */
  async remember(): Promise<void> {
    if (this.remembered === this.server || !this.local) return
    // In another role since: what was told in the former one is not written down again.
    if (this.local.member.role !== this.snapshot.member.role) return
    this.remembered = this.server
    this.snapshot = snapshotOf(this.server, this.head, this.snapshot)
    const row = { jobId: this.jobId, snapshot: this.snapshot, unborn: this.unborn, opened_at: Date.now() }
    await this.local.keepJob(row).catch(() => {
      this.remembered = null
    })
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  read = (): JobView => this.view

  private makeView(): JobView {
    const picturesWaiting = this.pictures.waiting
    const { stuck } = this.exchange
    const waits = this.queue.length + picturesWaiting > 0 || stuck?.why === 'set-back'
    return {
      job: this.shown.job,
      sequence: this.server.sequence,
      member: this.snapshot.member,
      waiting: this.queue.length,
      picturesWaiting,
      unconfirmed: this.queue.unconfirmed + this.pictures.unconfirmed,
      notKept: this.queue.notKept + this.pictures.notKept,
      // *Sent* is said only of what is, and *sending* only while something may come of it.
      sending: waits ? (stuck?.why ?? 'sending') : 'sent',
      since: waits ? (stuck?.since ?? null) : null,
      refused: this.refused,
      refusedEdits: this.queue.refused,
      unreadableEdits: this.queue.unreadable,
      refusedPictures: this.pictures.refused.map(({ sha256, refused }) => ({ sha256, why: refused ?? '' })),
      setBack: this.setBack?.lost ?? null,
      canUndo: this.history.last !== undefined,
      canRedo: this.history.lastUndone !== undefined,
      undoWantsReason: this.history.wantsReason,
      overruled: this.overruled,
      clockOff_min: minutesOff(),
    }
  }

  private tell(): void {
    this.view = this.makeView()
    for (const listener of this.listeners) listener()
  }

  /** The server's state with the waiting edits on top. A new finding has no number until the server gives one. */
  private rebuild(): void {
    let state = this.server
    for (const change of this.queue.all) {
      const result = applyChange(state, this.notNewer(change))
      if (result.ok) state = unnumbered(result.value.state, change)
    }
    this.shown = state
    this.tell()
  }

  /** An edit whose editor saw more than a server that was set back now has builds on what is there. */
  private notNewer(change: Change): Change {
    if (change.op !== 'set') return change
    const revision = this.server.stamps[stampKey(change.entity)]?.revision ?? 0
    return change.base > revision ? { ...change, base: revision } : change
  }

  private fresh(): { id: string; schema: number; made_at: string; device: string } {
    return { id: newId(), schema: JOB_VERSION, made_at: now(), device: this.device }
  }

  /** Makes something new. Gives back why not, or null. */
  create<K extends EntityKind>(kind: K, body: EntityOf[K]): string | null {
    return this.edit({ ...this.fresh(), op: 'create', entity: { kind, id: body.id }, body })
  }

  /** Makes several things with one touch: taken back, they go together. Gives back why the first that failed did, or null. */
  createAll<K extends EntityKind>(kind: K, bodies: readonly EntityOf[K][]): string | null {
    return this.together(() =>
      bodies.reduce<string | null>((said, body) => said ?? this.create(kind, body), null),
    )
  }

  /** Edits of several kinds with one touch: taken back, they go together. */
  together(edits: () => string | null): string | null {
    return this.history.asOne(newId(), edits)
  }

  /**
   * Changes fields of something there; fields that stay as they are are left out. What is made from what was there, as a list with one
   * more, is given as a function of it: a page may still show what was there before the last touch.
   */
  set<K extends EntityKind>(
    kind: K,
    id: string,
    fields: Partial<EntityOf[K]> | ((held: EntityOf[K]) => Partial<EntityOf[K]>),
  ): string | null {
    const old = findEntity(this.shown.job, { kind, id })
    const changed = changedFields(old as EntityOf[K] | null, fields)
    if (old && Object.keys(changed).length === 0) return null
    return this.edit({
      ...this.fresh(),
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
    return this.edit({ ...this.fresh(), op: 'fact', fact: signed })
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
    return this.apply(wish, () => this.history.forgetUndone())
  }

  /** @param note what an edit that stands means for what was taken back */
  private apply(wish: unknown, note: () => void): string | null {
    const change = Change.safeParse(wish)
    if (!change.success) return change.error.issues[0]?.message ?? 'That does not fit.'
    // Sent, it would be refused with the whole batch and hold up every later edit.
    if (!isStorable(change.data)) return unstorableWords()
    const result = applyChange(this.shown, change.data)
    if (!result.ok) return changeWords(result.error)
    note()
    this.history.add({ change: change.data, before: result.value.before })
    this.take(change.data, result.value.state)
    return null
  }

  private take(change: Change, state: JobState): void {
    this.refused = null
    this.shown = unnumbered(state, change)
    this.queue.add(change)
    this.tell()
    void this.queue.written().then(() => this.flush())
  }

  /** Takes the last edit back with an edit of its own. A hazard wants a reason. */
  undo(reason = ''): string | null {
    const { last } = this.history
    if (!last) return null
    const said = this.undoOne(last, reason)
    return said === null && this.history.isOneWith(last) ? this.undo(reason) : said
  }

  private undoOne(last: Undoable, reason: string): string | null {
    const back = this.inverse(last.change, last.before, reason)
    const result = applyChange(this.shown, back)
    if (!result.ok) return changeWords(result.error)
    this.history.tookBack()
    this.take(back, result.value.state)
    return null
  }

  private inverse(change: Change, before: Undoable['before'], reason: string): Change {
    return inverseOf(change, before, {
      ...this.fresh(),
      by: this.snapshot.member.name,
      revision: change.op === 'fact' ? 0 : this.baseOf(change.entity),
      reason,
      factId: newId(),
    })
  }

  /** Takes one line of the record back, whoever wrote it, by an edit that can be taken back itself. A hazard wants a reason. */
  takeBack(change: Change, before: Undoable['before'], reason = ''): string | null {
    return this.edit(this.inverse(change, before, reason))
  }

  /** Does again what was last taken back. A fact is written down anew: taking back and restating are both on record. */
  redo(): string | null {
    const last = this.history.lastUndone
    if (!last) return null
    const said = this.history.asOne(last.group, () => this.redoOne(last))
    return said === null && this.history.wasOneWith(last) ? this.redo() : said
  }

  private redoOne({ change }: Undoable): string | null {
    const again =
      change.op === 'fact'
        ? { ...this.fresh(), op: 'fact', fact: { ...change.fact, id: newId(), at: now() } }
        : {
            ...this.fresh(),
            op: 'set',
            entity: change.entity,
            base: this.baseOf(change.entity),
            fields: change.op === 'create' ? { removed: false } : change.fields,
          }
    return this.apply(again, () => this.history.madeAgain())
  }

  dismissRefused(): void {
    this.refused = null
    this.tell()
  }

  /** Lets a refused edit go for good. */
  letGo = (id: string): Promise<void> => this.queue.letGo(id)

  /** Lets an edit go that cannot be read, once it was taken out as a file. */
  letUnreadableGo(position: number): Promise<void> {
    return this.queue.letUnreadableGo(position)
  }

  /** Resolves to true once everything waiting is sent and written down here, to false when it cannot be sent for now. */
  async settled(): Promise<boolean> {
    await this.flush()
    // A send that fails at once is quicker than the disk.
    await this.queue.written()
    await this.writing
    return this.queue.length === 0
  }

  /** Resolves to null once this page may be left without losing anything, else to why not and what to do. */
  async mayLeave(): Promise<string | null> {
    const sent = await this.settled()
    const isSafe = sent
      ? this.pictures.notKept === 0
      : this.remembered !== null && this.queue.unconfirmed + this.pictures.unconfirmed === 0
    return isSafe ? null : NOT_KEPT
  }

  /** Sends what waits and fetches what others did; what cannot be sent stays and is tried again. */
  flush(): Promise<void> {
    if (this.setBack) return Promise.resolve()
    void this.queue.keepAgain()
    return this.exchange.flush()
  }

  /** As `flush`, at once however often it failed: the device has a signal again. */
  signalBack(): Promise<void> {
    if (this.setBack) return Promise.resolve()
    void this.queue.keepAgain()
    return this.exchange.signalBack()
  }

  /** Ends it: whoever worked here signed out. */
  close = (): void => this.exchange.close()

  private async took(answer: ChangesAnswer): Promise<void> {
    const { applied } = answer
    this.head = answer.head
    if (applied.length === 0 && answer.sequence === this.server.sequence) return
    this.overruled += applied.filter((each) => Object.keys(each.overruled).length > 0).length
    this.server = merge(this.server, answer)
    // The state first, then the queue: an edit is never in neither of the two.
    await this.queue.drop(applied.map(({ id }) => id))
    this.rebuild()
  }

  /** An edit the server does not take is put aside with its sentence; the others go on. */
  private async setAside(changeId: string, why: string): Promise<void> {
    this.refused = why
    this.history.drop(changeId)
    await this.queue.setAside(changeId, why)
    this.rebuild()
  }

  /** The server was set back to an older state: what this device has and it lacks is found, and offered. */
  private async noteSetBack(what: 'older' | 'no-job'): Promise<void> {
    const mine = this.server.job
    if (what === 'no-job') this.setBack = allLost(this.jobId, mine)
    else {
      const found = await lostThere(this.jobId, mine)
      if (!found) return
      this.setBack = found.setBack
      this.startFrom(found.theirs)
    }
    this.history.clear()
    this.rebuild()
  }

  private startFrom(snapshot: JobSnapshotAnswer): void {
    this.server = stateOf(snapshot)
    this.head = snapshot.head
  }

  /** Makes edits of what the server lacks, before those that wait, so that it has it again. Gives back why not, or null. */
  async bringBack(): Promise<string | null> {
    let found = this.setBack
    if (!found) return null
    if (found.isGone) {
      const anew = await madeAnew(this.jobId, found.mine)
      if (!anew) return 'The server cannot be reached. Nothing is lost; try again.'
      this.startFrom(anew.theirs)
      found = anew.setBack
    }
    this.setBack = null
    const { may } = this.snapshot.member
    const { stamps } = this.server
    await this.queue.putFirst(bringingBack(found.lost, { fresh: () => this.fresh(), may, stamps }))
    this.rebuild()
    void this.exchange.flush()
    return null
  }

  /** Takes the server's state as it is now. */
  letSetBackGo(): void {
    this.setBack = null
    this.rebuild()
    void this.remember()
    void this.exchange.flush()
  }
}
