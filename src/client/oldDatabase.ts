import Dexie, { type EntityTable } from 'dexie'
import * as z from 'zod'
import { Change, JOB_VERSION, raiseChange } from '../core/job'
import type { KeptJob, KeptPicture, LocalCopies, RefusedEdit } from './localCopies'

const NAME = 'detrimus'

/** The one database of a browser as it was before copies were sealed to their member. */
class OldDatabase extends Dexie {
  readonly waiting!: EntityTable<{ position?: number; jobId: string; change: unknown }, 'position'>
  readonly refused!: EntityTable<RefusedEdit, 'id'>
  readonly pictures!: EntityTable<KeptPicture, 'sha256'>
  readonly jobs!: EntityTable<KeptJob, 'jobId'>

  constructor() {
    super(NAME)
    this.version(2).stores({
      waiting: '++position, jobId',
      refused: 'id, jobId',
      pictures: 'sha256, jobId',
      jobs: 'jobId, opened_at',
      notes: 'key',
    })
  }
}

const Whose = z.looseObject({ snapshot: z.looseObject({ member: z.looseObject({ id: z.string() }) }) })

/**
 * Takes over what an earlier version kept here unsealed and was never sent, for the member whose jobs they are; the rest waits, unseen,
 * for whoever it belongs to. The old database goes once nothing is left in it.
 */
export async function takeOverOld(local: LocalCopies): Promise<void> {
  if (!(await Dexie.exists(NAME))) return
  const old = new OldDatabase()
  try {
    for (const job of await old.jobs.toArray()) {
      const whose = Whose.safeParse(job)
      if (!whose.success || whose.data.snapshot.member.id !== local.member.id) continue
      const { jobId } = job
      const waiting = await old.waiting.where('jobId').equals(jobId).sortBy('position')
      const changes = waiting.flatMap(({ change }) => {
        const read = Change.safeParse(raiseChange(change, JOB_VERSION))
        return read.success ? [read.data] : []
      })
      // What cannot be read stays where it is, rather than be dropped.
      if (changes.length < waiting.length) continue
      if (job.unborn) await local.keepJob(job)
      await local.keepWaiting(jobId, changes)
      for (const edit of await old.refused.where('jobId').equals(jobId).toArray())
        await local.keepRefused(edit)
      for (const picture of await old.pictures.where('jobId').equals(jobId).toArray())
        await local.keepPicture(picture)
      await Promise.all([
        old.waiting.where('jobId').equals(jobId).delete(),
        old.refused.where('jobId').equals(jobId).delete(),
        old.pictures.where('jobId').equals(jobId).delete(),
        old.jobs.delete(jobId),
      ])
    }
    const left = (await old.waiting.count()) + (await old.pictures.count()) + (await old.refused.count())
    old.close()
    if (left === 0) await Dexie.delete(NAME)
  } catch {
    // Tried again at the next opening.
    old.close()
  }
}
