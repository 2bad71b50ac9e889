import type { Change } from '../core/job'

/** An edit made here, with what stood before it. */
export type Undoable = {
  readonly change: Change
  readonly before: Readonly<Record<string, unknown>>
  /** Edits of one touch are taken back and made again together; null: it stands alone. */
  readonly group: string | null
}

/** The edits made here that can be taken back, and those taken back that can be made again. A new edit forgets the latter. */
export class UndoHistory {
  private done: readonly Undoable[] = []
  private undone: readonly Undoable[] = []
  /** The touch that edits are of while it lasts. */
  private group: string | null = null

  get last(): Undoable | undefined {
    return this.done.at(-1)
  }
  get lastUndone(): Undoable | undefined {
    return this.undone.at(-1)
  }
  /** A hazard that was noted is taken back only with a reason. */
  get wantsReason(): boolean {
    const change = this.last?.change
    return change?.op === 'fact' && change.fact.kind === 'hazard'
  }

  add(edit: Omit<Undoable, 'group'>): void {
    this.done = [...this.done, { ...edit, group: this.group }]
  }
  /** Whether the last edit is of the same touch as one that was taken back. */
  isOneWith({ group }: Undoable): boolean {
    return group !== null && this.last?.group === group
  }
  /** Whether the last that was taken back is of the same touch as one that was made again. */
  wasOneWith({ group }: Undoable): boolean {
    return group !== null && this.lastUndone?.group === group
  }
  /** Edits made meanwhile are of one touch. */
  asOne<T>(group: string | null, edits: () => T): T {
    this.group = group
    try {
      return edits()
    } finally {
      this.group = null
    }
  }
  forgetUndone(): void {
    this.undone = []
  }
  /** The last edit was taken back. */
  tookBack(): void {
    const { last } = this
    if (!last) return
    this.done = this.done.slice(0, -1)
    this.undone = [...this.undone, last]
  }
  /** What was last taken back was made again, as an edit of its own. */
  madeAgain(): void {
    this.undone = this.undone.slice(0, -1)
  }
  /** The server did not take it: there is nothing to take back. */
  drop(changeId: string): void {
    this.done = this.done.filter(({ change }) => change.id !== changeId)
  }
  clear(): void {
    this.done = []
    this.undone = []
  }
}
