import 'server-only'
import { CATALOGUE_EDITION } from '../../core/catalogue'
import type {
  CopyJobRequest,
  JobOfficeRequest,
  JobRatesAnswer,
  JobSumsAnswer,
  MonthsAnswer,
} from '../../core/contract'
import { may } from '../../core/firm'
import { copiedJob } from '../../core/job'
import { archiveJob, findJob, listSentJobs, saveReckoned, saveStanding } from '../../db/queries/jobs'
import { withTx } from '../../db/tx'
import { todayIn } from '../days'
import { context } from '../context'
import { mustBeAllowed, type Member } from '../http'
import { Refused } from '../problem'
import { latestSettings } from '../settings'
import { inThread } from '../threads'
import { loadState, writeJob } from './store'

/** Puts a job away or back, and says where it stands. @throws Refused `not-found`, `not-for-role`. */
export async function sayOfJob(member: Member, jobId: string, of: JobOfficeRequest): Promise<void> {
  mustBeAllowed(member, 'run-the-office', 'Saying where a job stands')
  const { pool } = await context()
  await withTx(pool, member.companyId, async (tx) => {
    if (!(await findJob(tx, jobId, { lock: true }))) throw new Refused({ kind: 'not-found', what: 'job' })
    if (of.archived !== undefined) await archiveJob(tx, jobId, of.archived)
    if (of.standing !== undefined)
      await saveStanding(
        tx,
        jobId,
        of.standing && { ...of.standing, why: of.standing.why ?? '', by: member.name },
      )
  })
}

/** A new job from one of the firm's: whole, or its house alone. Its bids and what was said of it stay where they are. */
export async function copyJob(member: Member, jobId: string, of: CopyJobRequest): Promise<void> {
  mustBeAllowed(member, 'run-the-office', 'Copying a job')
  const { pool } = await context()
  await withTx(pool, member.companyId, async (tx) => {
    // Asked twice, it is one job.
    if (await findJob(tx, of.id, { lock: false })) return
    const { job } = await loadState(tx, jobId, { lock: false, without: [] })
    const { settings, rates } = await latestSettings(tx)
    await writeJob(tx, copiedJob(job, { ...of, claim: of.claim ?? null, settings, rates }), member.userId)
  })
}

/**
 * What jobs come to, reckoned where nobody did since their last change, and kept for the list. A job that is not there is left out.
 * Money goes only to those who may see it.
 */
export async function reckonJobs(member: Member, ids: readonly string[]): Promise<JobSumsAnswer> {
  const { pool } = await context()
  const withMoney = may(member.role, 'see-money')
  const sums: JobSumsAnswer['sums'] = []
  for (const id of ids) {
    const state = await withTx(pool, member.companyId, async (tx) =>
      (await findJob(tx, id, { lock: false })) ? loadState(tx, id, { lock: false, without: [] }) : null,
    )
    if (!state) continue
    const { job, sequence } = state
    const figures = await inThread('reckonJob', { job, today: todayIn(job.job.time_zone, new Date()) })
    await withTx(pool, member.companyId, (tx) =>
      saveReckoned(tx, {
        jobId: id,
        sequence,
        edition: CATALOGUE_EDITION,
        total_cents: figures.total_cents,
        open: figures.open,
        lacks: figures.lacks,
        keep_off: figures.keepOff,
      }),
    )
    const { total_cents, ...bare } = figures
    sums.push({ id, ...bare, ...(withMoney ? { total_cents } : {}) })
  }
  return { sums }
}

/**
 * What jobs would come to at the firm's rates of today, beside what they come to now. Nothing is changed; a job that is not there is left
 * out. @throws Refused `not-for-role` for whoever sees no money.
 */
export async function jobsAtRates(member: Member, ids: readonly string[]): Promise<JobRatesAnswer> {
  mustBeAllowed(member, 'see-money', 'Looking at prices')
  const { pool } = await context()
  const jobs: JobRatesAnswer['jobs'] = []
  for (const id of ids) {
    const found = await withTx(pool, member.companyId, async (tx) =>
      (await findJob(tx, id, { lock: false }))
        ? { state: await loadState(tx, id, { lock: false, without: [] }), of: await latestSettings(tx) }
        : null,
    )
    if (!found) continue
    const { job } = found.state
    const { rates } = found.of
    const at = await inThread('priceAtRates', { job, rates, today: todayIn(job.job.time_zone, new Date()) })
    jobs.push({
      id,
      edition: job.rates?.edition ?? 0,
      now_cents: at?.now_cents ?? null,
      then_cents: at?.then_cents ?? null,
      typed: at?.typed ?? 0,
    })
  }
  return { jobs }
}

/** The jobs whose bid went out within the last year. There is money in it. @throws Refused `not-for-role`. */
export async function readMonths(member: Member): Promise<MonthsAnswer> {
  mustBeAllowed(member, 'see-money', 'Looking at what was won')
  const { pool } = await context()
  const since = new Date(Date.now() - 366 * 86_400_000).toISOString().slice(0, 10)
  const rows = await withTx(pool, member.companyId, (tx) => listSentJobs(tx, since))
  return {
    jobs: rows.map((row) => ({
      ...row,
      first_sent_at: row.first_sent_at.toISOString(),
      accepted_at: row.accepted_at?.toISOString() ?? null,
    })),
  }
}
