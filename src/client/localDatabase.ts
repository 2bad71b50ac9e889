import Dexie, { type EntityTable } from 'dexie'
import type { Change } from '../core/job'
import type { Snapshot } from './snapshot'

/** An edit waiting to be sent, kept in the browser until the server has it. */
export type Waiting = { readonly position?: number; readonly jobId: string; readonly change: Change }

/** An edit the server did not take, with its sentence; kept until somebody lets it go. */
export type RefusedEdit = {
  readonly id: string
  readonly jobId: string
  readonly change: Change
  readonly why: string
}

/** A picture or a clip kept here until the server has all of it. */
export type KeptPicture = {
  readonly sha256: string
  readonly jobId: string
  readonly bytes: Blob
  readonly what: 'photo' | 'clip'
  readonly refused: string | null
}

/** A job as this device knows it, opened at once next time. `unborn`: the server has not heard of it yet. */
export type KeptJob = {
  readonly jobId: string
  readonly snapshot: Snapshot
  readonly unborn: boolean
  readonly opened_at: number
}

/** The browser's own database: what makes a closed tab, a flat battery and a lost signal harmless. */
class LocalDatabase extends Dexie {
  readonly waiting!: EntityTable<Waiting, 'position'>
  readonly refused!: EntityTable<RefusedEdit, 'id'>
  readonly pictures!: EntityTable<KeptPicture, 'sha256'>
  readonly jobs!: EntityTable<KeptJob, 'jobId'>
  readonly notes!: EntityTable<{ readonly key: string; readonly value: unknown }, 'key'>

  constructor() {
    super('detrimus')
    this.version(1).stores({ waiting: '++position, jobId' })
    this.version(2).stores({
      waiting: '++position, jobId',
      refused: 'id, jobId',
      pictures: 'sha256, jobId',
      jobs: 'jobId, opened_at',
      notes: 'key',
    })
  }
}

let database: LocalDatabase | null = null

/** The database of this browser, opened once. Every call can fail where storage is full or switched off; callers say so. */
export function local(): LocalDatabase {
  database ??= new LocalDatabase()
  return database
}

export async function keepWaiting(jobId: string, change: Change): Promise<void> {
  await local().waiting.add({ jobId, change })
}

export function listWaiting(jobId: string): Promise<Waiting[]> {
  return local().waiting.where('jobId').equals(jobId).sortBy('position')
}

export async function dropWaiting(jobId: string, changeIds: readonly string[]): Promise<void> {
  await local()
    .waiting.where('jobId')
    .equals(jobId)
    .filter((row) => changeIds.includes(row.change.id))
    .delete()
}

/** What signing out forgets: jobs and lists. What was not sent yet stays, or it would be lost. */
export async function forgetJobs(): Promise<void> {
  const waiting = new Set((await local().waiting.toArray()).map((row) => row.jobId))
  await local()
    .jobs.filter((job) => !waiting.has(job.jobId) && !job.unborn)
    .delete()
  await local().notes.clear()
}

/** How many edits and pictures wait in this browser, over all jobs. */
export async function countUnsent(): Promise<number> {
  return (await local().waiting.count()) + (await local().pictures.count())
}
