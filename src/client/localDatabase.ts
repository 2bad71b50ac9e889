import Dexie, { type EntityTable } from 'dexie'
import type { Change } from '../core/job'

/** An edit waiting to be sent, kept in the browser until the server has it. */
export type Waiting = { readonly position?: number; readonly jobId: string; readonly change: Change }

/** The browser's own database. Edits survive a closed tab; sending them is the job store's work. */
class LocalDatabase extends Dexie {
  readonly waiting!: EntityTable<Waiting, 'position'>

  constructor() {
    super('detrimus')
    this.version(1).stores({ waiting: '++position, jobId' })
  }
}

let database: LocalDatabase | null = null

function local(): LocalDatabase {
  database ??= new LocalDatabase()
  return database
}

export async function keepWaiting(jobId: string, change: Change): Promise<void> {
  await local().waiting.add({ jobId, change })
}

export async function listWaiting(jobId: string): Promise<Change[]> {
  const rows = await local().waiting.where('jobId').equals(jobId).sortBy('position')
  return rows.map((row) => row.change)
}

export async function dropWaiting(jobId: string, changeIds: readonly string[]): Promise<void> {
  await local()
    .waiting.where('jobId')
    .equals(jobId)
    .filter((row) => changeIds.includes(row.change.id))
    .delete()
}
