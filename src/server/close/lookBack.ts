import 'server-only'
import { createHash } from 'node:crypto'
import { CATALOGUE_EDITION } from '../../core/catalogue'
import { JobRecord } from '../../core/close'
import type { LookBackAnswer } from '../../core/contract'
import { JOB_VERSION } from '../../core/job'
import { listClosed, listLost, saveRecord, type ClosedRow } from '../../db/queries/close'
import { withTx } from '../../db/tx'
import { agreedIn } from '../calendar'
import { context } from '../context'
import { todayIn } from '../days'
import { mustBeAllowed, type Member } from '../http'
import { loadState } from '../jobs/store'
import { latestSettings } from '../settings'
import { inThread } from '../threads'

/** Jobs that are looked back on at most: what is older says little of today's hours. */
const MOST_JOBS = 200
/** Jobs reckoned anew in one answer; whoever asks again gets the next. */
const AT_ONCE = 8
/** Bids that were lost are told of so many days. */
const LOST_DAYS = 366
const DAY_MS = 86_400_000

/** The shape of a record is raised by reckoning it anew. */
const RECORD_EDITION = 1

const stampOf = (row: ClosedRow): string =>
  createHash('sha256')
    .update(JSON.stringify([RECORD_EDITION, JOB_VERSION, CATALOGUE_EDITION, row.sequence, row.accepted]))
    .digest('hex')

async function reckon(member: Member, id: string, stamp: string): Promise<JobRecord> {
  const { pool } = await context()
  const { job, agreed } = await withTx(pool, member.companyId, async (tx) => ({
    job: (await loadState(tx, id, { lock: false, without: [] })).job,
    agreed: await agreedIn(tx, id),
  }))
  const now = new Date()
  const record = await inThread('recordJob', {
    job,
    today: todayIn(job.job.time_zone, now),
    now,
    accepted: agreed.accepted,
    baseline: agreed.baseline,
    faces: agreed.faces,
  })
  await withTx(pool, member.companyId, (tx) => saveRecord(tx, { jobId: id, stamp, body: record }))
  return record
}

/**
 * What the firm's closed jobs say: hours and money beside what had been reckoned, and which bids were lost. Only what has changed since is
 * reckoned anew, and of that only so much at once: `left` says how many are still to come.
 *
 * @throws Refused `not-for-role` for whoever sees no money.
 */
export async function readLookBack(member: Member): Promise<LookBackAnswer> {
  mustBeAllowed(member, 'see-money', 'Looking back')
  const { pool } = await context()
  const since = new Date(Date.now() - LOST_DAYS * DAY_MS).toISOString().slice(0, 10)
  const { closed, lost, settings, edition } = await withTx(pool, member.companyId, async (tx) => ({
    closed: await listClosed(tx, MOST_JOBS),
    lost: await listLost(tx, since),
    ...(await latestSettings(tx)),
  }))
  const records: JobRecord[] = []
  let reckoned = 0
  let left = 0
  for (const row of closed) {
    const stamp = stampOf(row)
    const kept = row.stamp === stamp ? JobRecord.safeParse(row.body) : null
    if (kept?.success) records.push(kept.data)
    else if (reckoned < AT_ONCE) {
      reckoned += 1
      records.push(await reckon(member, row.id, stamp))
    } else left += 1
  }
  return {
    records,
    left,
    lost: lost.map(({ id, title, cents, on, why }) => ({ id, title: title ?? '', cents, on, why })),
    edition,
    values: settings.values,
    likelihood_overrides: settings.likelihood_overrides,
  }
}
