import Dexie, { type EntityTable } from 'dexie'

type Sealed = Uint8Array<ArrayBuffer>

/**
 * What lies in the browser's own database: names that tell nothing, and sealed content. One database a member of a firm; what is in
 * the sealed parts is said in `localCopies.ts`.
 */
type WaitingRow = {
  readonly position?: number
  readonly job: string
  readonly change: string
  readonly sealed: Sealed
}
type RefusedRow = { readonly change: string; readonly job: string; readonly sealed: Sealed }
type PictureRow = {
  readonly picture: string
  readonly job: string
  readonly sealed: Sealed
  readonly bytes: Sealed
}
type JobRow = { readonly job: string; readonly opened_at: number; readonly sealed: Sealed }
type NoteRow = { readonly key: string; readonly sealed: Sealed }

export class LocalDatabase extends Dexie {
  readonly waiting!: EntityTable<WaitingRow, 'position'>
  readonly refused!: EntityTable<RefusedRow, 'change'>
  readonly pictures!: EntityTable<PictureRow, 'picture'>
  readonly jobs!: EntityTable<JobRow, 'job'>
  readonly notes!: EntityTable<NoteRow, 'key'>

  constructor(name: string) {
    // Strict: a write is confirmed when it is on the disk, not when the system has promised to put it there.
    super(name, { chromeTransactionDurability: 'strict' })
    this.version(1).stores({
      waiting: '++position, job, change',
      refused: 'change, job',
      pictures: 'picture, job',
      jobs: 'job, opened_at',
      notes: 'key',
    })
  }
}
