import 'server-only'
import { newJob, withoutMoney, type JobDocument, type Rates, type Settings } from '../../core/job'
import { listChanges, listJobs, type JobSummary } from '../../db/queries/jobs'
import { withTx } from '../../db/tx'
import { context } from '../context'
import type { Member } from '../http'
import { seesMoney, withheldKinds } from '../roles'
import { latestSettings } from '../settings'
import { loadState, writeJob } from './store'

/** Whoever is signed in, as the browser may know him. */
export type MemberFace = {
  readonly id: string
  readonly name: string
  readonly role: string
  readonly seesMoney: boolean
}

function faceOf(member: Member): MemberFace {
  return { id: member.userId, name: member.name, role: member.role, seesMoney: seesMoney(member.role) }
}

/** A job as one member may have it, with the revisions that his edits build on. */
export type JobSnapshot = {
  readonly job: JobDocument
  readonly sequence: number
  readonly revisions: Readonly<Record<string, number>>
  readonly member: MemberFace
}

export async function listFirmJobs(member: Member): Promise<JobSummary[]> {
  const { pool } = await context()
  return withTx(pool, member.companyId, listJobs)
}

export async function readJobSnapshot(member: Member, jobId: string): Promise<JobSnapshot> {
  const { pool } = await context()
  const without = withheldKinds(member.role)
  const state = await withTx(pool, member.companyId, (tx) => loadState(tx, jobId, { lock: false, without }))
  const money = seesMoney(member.role)
  return {
    // Belt and braces: the rows were never read, and the shape says so too.
    job: money ? state.job : withoutMoney(state.job),
    sequence: state.sequence,
    revisions: Object.fromEntries(Object.entries(state.stamps).map(([key, stamp]) => [key, stamp.revision])),
    member: faceOf(member),
  }
}

/** What a job begun without a signal starts from; money only for those who see it. */
export async function readTemplate(
  member: Member,
): Promise<{ settings: Settings; rates: Rates | null; member: MemberFace }> {
  const { pool } = await context()
  const { settings, rates } = await withTx(pool, member.companyId, latestSettings)
  return {
    settings,
    rates: seesMoney(member.role) ? rates : null,
    member: faceOf(member),
  }
}

/** A new job with the firm's present settings pinned. The id is the client's, so that a lost answer makes no second job. */
export async function createJob(
  member: Member,
  of: { id: string; title: string; timeZone: string },
): Promise<void> {
  const { pool } = await context()
  await withTx(pool, member.companyId, async (tx) => {
    const { settings, rates } = await latestSettings(tx)
    const job = newJob({
      id: of.id,
      title: of.title,
      timeZone: of.timeZone,
      settings,
      rates,
    })
    await writeJob(tx, job, member.userId)
  })
}

/** One edit as the history shows it. */
export type HistoryRow = {
  readonly sequence: number
  readonly by: string
  readonly at: string
  readonly change: unknown
  readonly before: Readonly<Record<string, unknown>>
  readonly overruled: Readonly<Record<string, { value: unknown; sequence: number }>>
}

/** The latest edits of a job, newest first. Money stays out for those who do not see it. */
export async function readHistory(member: Member, jobId: string): Promise<HistoryRow[]> {
  const { pool } = await context()
  const withheld: readonly string[] = withheldKinds(member.role)
  const rows = await withTx(pool, member.companyId, async (tx) => {
    await loadState(tx, jobId, { lock: false, without: [] })
    return listChanges(tx, jobId, 200)
  })
  return rows
    .filter(({ body }) => {
      const kind = (body as { entity?: { kind?: string } }).entity?.kind
      return kind === undefined || !withheld.includes(kind)
    })
    .map((row) => ({
      sequence: row.sequence,
      by: row.author_name,
      at: row.received_at.toISOString(),
      change: row.body,
      before: row.before,
      overruled: row.overruled,
    }))
}
