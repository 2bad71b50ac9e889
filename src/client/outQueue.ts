import { Change, JOB_VERSION, raiseChange } from '../core/job'
import type { LocalCopies, RefusedEdit, UnreadableEdit } from './localCopies'

/**
 * Edits of one job on their way out: in order, kept in the browser's database, dropped when the server has them.
 *
 * *Kept* is said of an edit only once the database has confirmed it. Edits made while a write is under way go together in the next
 * one; a write that failed is tried again with the edits after it.
 */
export class OutQueue {
  private edits: Change[] = []
  private confirmed = new Set<string>()
  private failed = new Set<string>()
  private unwritten: Change[] = []
  private writing: Promise<void> | null = null
  refused: RefusedEdit[] = []
  unreadable: UnreadableEdit[] = []

  constructor(
    private readonly jobId: string,
    private readonly local: LocalCopies | null,
    private readonly tell: () => void,
  ) {}

  get all(): readonly Change[] {
    return this.edits
  }

  get length(): number {
    return this.edits.length
  }

  /** Edits whose keeping is not confirmed yet, those that could not be kept among them. */
  get unconfirmed(): number {
    return this.edits.filter((change) => !this.confirmed.has(change.id)).length
  }

  /** Edits that are only in this page: the browser's storage is full or switched off. */
  get notKept(): number {
    return this.edits.filter((change) => this.failed.has(change.id)).length
  }

  /** Takes up what this device kept. An edit that cannot be read stays where it lies, and is shown. */
  async load(): Promise<void> {
    if (!this.local) return
    const { edits, unreadable } = await this.local.listWaiting(this.jobId)
    const broken = [...unreadable]
    const found: Change[] = []
    for (const { position, change } of edits) {
      const raised = Change.safeParse(raiseOrNull(change))
      if (raised.success) found.push(raised.data)
      else {
        const [issue] = raised.error.issues
        broken.push({
          position,
          why: `This version cannot read it: ${issue?.path.join('.') || 'its shape'} ${issue?.message ?? ''}`.trim(),
          raw: JSON.stringify(change),
        })
      }
    }
    this.edits = [...found, ...this.edits]
    for (const change of found) this.confirmed.add(change.id)
    this.unreadable = broken
    this.refused = await this.local.listRefused(this.jobId)
  }

  add(change: Change): void {
    this.edits.push(change)
    this.unwritten.push(change)
    void this.write()
  }

  /** Puts edits before all that wait, here and in the browser's database. */
  async putFirst(changes: readonly Change[]): Promise<void> {
    await this.written()
    this.edits = [...changes, ...this.edits]
    try {
      if (!this.local) throw new Error('this browser keeps nothing')
      await this.local.replaceWaiting(this.jobId, this.edits)
      for (const { id } of this.edits) this.confirmed.add(id)
    } catch {
      for (const { id } of changes) this.failed.add(id)
    }
    this.tell()
  }

  /** Resolves once nothing is left to be written, or it could not be. */
  async written(): Promise<void> {
    while (this.writing) await this.writing
  }

  private write(): Promise<void> {
    this.writing ??= this.writeAll().finally(() => {
      this.writing = null
    })
    return this.writing
  }

  private async writeAll(): Promise<void> {
    // All that is made in one go is written in one go.
    await Promise.resolve()
    while (this.unwritten.length > 0) {
      const batch = this.unwritten
      this.unwritten = []
      try {
        if (!this.local) throw new Error('this browser keeps nothing')
        await this.local.keepWaiting(this.jobId, batch)
        for (const { id } of batch) {
          this.confirmed.add(id)
          this.failed.delete(id)
        }
        // Sent meanwhile: what the server has need not lie here.
        const gone = batch.filter(({ id }) => !this.edits.some((change) => change.id === id))
        if (gone.length > 0) await this.local.dropWaiting(gone.map(({ id }) => id))
      } catch {
        for (const { id } of batch) this.failed.add(id)
        this.tell()
        return
      }
      this.tell()
    }
  }

  /** Tries again to keep what could not be kept. */
  keepAgain(): Promise<void> {
    const again = this.edits.filter(({ id }) => this.failed.has(id))
    if (again.length === 0) return Promise.resolve()
    const waiting = new Set(this.unwritten.map(({ id }) => id))
    this.unwritten = [...again.filter(({ id }) => !waiting.has(id)), ...this.unwritten]
    return this.write()
  }

  /** Drops what the server has. */
  async drop(ids: readonly string[]): Promise<void> {
    const gone = new Set(ids)
    this.edits = this.edits.filter(({ id }) => !gone.has(id))
    for (const id of ids) this.failed.delete(id)
    await this.local?.dropWaiting(ids).catch(() => undefined)
  }

  /** Puts an edit the server does not take aside with its reason; it stays until somebody lets it go. */
  async setAside(id: string, why: string): Promise<void> {
    const change = this.edits.find((each) => each.id === id)
    this.edits = this.edits.filter((each) => each.id !== id)
    if (!change) return
    const row: RefusedEdit = { id, jobId: this.jobId, change, why }
    this.refused = [...this.refused, row]
    try {
      // First written down as refused, then off the queue: a tab closed between the two loses nothing.
      await this.local?.keepRefused(row)
      await this.local?.dropWaiting([id])
    } catch {
      this.failed.add(id)
    }
  }

  async letGo(id: string): Promise<void> {
    this.refused = this.refused.filter((each) => each.id !== id)
    this.tell()
    await this.local?.dropRefused(id).catch(() => undefined)
  }

  async letUnreadableGo(position: number): Promise<void> {
    this.unreadable = this.unreadable.filter((each) => each.position !== position)
    this.tell()
    await this.local?.dropUnreadable(position).catch(() => undefined)
  }
}

function raiseOrNull(change: unknown): unknown {
  try {
    return raiseChange(change, JOB_VERSION)
  } catch {
    return null
  }
}
