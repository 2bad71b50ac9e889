import 'server-only'
import * as z from 'zod'
import { CATALOGUE_EDITION } from '../../core/catalogue'
import { firstUnpaid } from '../../core/close'
import type {
  JobRowAnswer,
  JobsAnswer,
  JobSnapshotAnswer,
  NewJobRequest,
  TemplateAnswer,
} from '../../core/contract'
import { may, withheldKinds } from '../../core/firm'
import { Id, isStorable, JOB_VERSION, newJob, raiseChange, withoutMoney } from '../../core/job'
import { findChangeAt, findJob, listChanges, listJobs, type JobSummary } from '../../db/queries/jobs'
import { withTx } from '../../db/tx'
import { context } from '../context'
import { faceOf, type Member } from '../http'
import { Refused } from '../problem'
import { latestSettings } from '../settings'
import { loadState, writeJob } from './store'

/** Jobs on one page of the list. */
const JOBS_A_PAGE = 100

/** What is asked of the list: words to find, and where the page before ended. */
export const JobsRequest = z.object({
  words: z.string().trim().max(100).refine(isStorable, 'a character that cannot be kept').default(''),
  after: z.string().max(200).default(''),
  /** Those that were put away, instead of those at work. */
  archived: z.enum(['yes', 'no']).default('no'),
})

const After = z.tuple([z.string().regex(/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d(\.\d+)?[+-]\d\d(:\d\d)?$/), Id])

function placeOf(text: string): { touched: string; id: string } | null {
  if (text === '') return null
  try {
    const [touched, id] = After.parse(JSON.parse(Buffer.from(text, 'base64url').toString('utf8')))
    return { touched, id }
  } catch {
    // Not a place of ours: said below.
  }
  throw new Refused({
    kind: 'malformed',
    issues: [{ path: 'after', message: 'begin the list again from its top' }],
  })
}

function rowOf(row: JobSummary, withMoney: boolean): JobRowAnswer {
  const { id, title, address, findings, sent, accepted, photo, owner, archived, is_reckoned, chosen } = row
  const hasFigures = is_reckoned && row.open !== null && row.lacks !== null && row.keep_off !== null
  return {
    id,
    title,
    address,
    findings,
    touched_at: row.touched_at.toISOString(),
    sent,
    accepted,
    photo,
    owner,
    archived,
    is_reckoned,
    chosen,
    // What was sent stands; a draft is worth what it comes to now.
    ...(withMoney ? { total_cents: row.bid_cents ?? (is_reckoned ? row.total_cents : null) } : {}),
    reckoned: hasFigures ? { open: row.open!, lacks: row.lacks!, keepOff: row.keep_off! } : null,
    bid: row.sent_at
      ? { sent_at: row.sent_at.toISOString(), seen_at: row.seen_at?.toISOString() ?? null, until: row.until }
      : null,
    accepted_at: row.accepted_at?.toISOString() ?? null,
    in_part: row.in_part,
    asked_at: row.asked_at?.toISOString() ?? null,
    look: row.look,
    unpaid: withMoney ? firstUnpaid(row.invoices ?? [], row.payments ?? []) : null,
    standing: row.standing && row.standing_on ? { state: row.standing, on: row.standing_on } : null,
  }
}

/** A page of the firm's jobs, the one last touched first. */
export async function listFirmJobs(
  member: Member,
  asked: z.infer<typeof JobsRequest> = { words: '', after: '', archived: 'no' },
): Promise<JobsAnswer> {
  const { pool } = await context()
  const after = placeOf(asked.after)
  // One more than a page tells whether there is another.
  const rows = await withTx(pool, member.companyId, (tx) =>
    listJobs(tx, {
      words: asked.words,
      after,
      limit: JOBS_A_PAGE + 1,
      archived: asked.archived === 'yes',
      edition: CATALOGUE_EDITION,
    }),
  )
  const page = rows.slice(0, JOBS_A_PAGE)
  const last = page.at(-1)
  return {
    jobs: page.map((row) => rowOf(row, may(member.role, 'see-money'))),
    next:
      last && rows.length > JOBS_A_PAGE
        ? Buffer.from(JSON.stringify([last.touched, last.id])).toString('base64url')
        : null,
  }
}

/** A job as one member may have it, with the revisions that his edits build on. */
export async function readJobSnapshot(member: Member, jobId: string): Promise<JobSnapshotAnswer> {
  const { pool } = await context()
  const without = withheldKinds(member.role)
  const { state, head } = await withTx(pool, member.companyId, async (tx) => {
    const loaded = await loadState(tx, jobId, { lock: false, without })
    return { state: loaded, head: await findChangeAt(tx, jobId, loaded.sequence) }
  })
  return {
    // Belt and braces: the rows were never read, and the shape says so too.
    job: may(member.role, 'see-money') ? state.job : withoutMoney(state.job),
    sequence: state.sequence,
    head,
    revisions: Object.fromEntries(Object.entries(state.stamps).map(([key, stamp]) => [key, stamp.revision])),
    member: faceOf(member),
  }
}

/** What a job begun without a signal starts from; money only for those who see it. */
export async function readTemplate(member: Member): Promise<TemplateAnswer> {
  const { pool } = await context()
  const { settings, rates } = await withTx(pool, member.companyId, latestSettings)
  return {
    settings,
    rates: may(member.role, 'see-money') ? rates : null,
    member: faceOf(member),
  }
}

/** A new job with the firm's present settings pinned. The id is the client's, so that a lost answer makes no second job. */
export async function createJob(
  member: Member,
  of: Omit<NewJobRequest, 'time_zone'> & { readonly timeZone: string },
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
      ...(of.address ? { address: of.address } : {}),
      ...(of.owner ? { owner: of.owner } : {}),
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
    if (!(await findJob(tx, jobId, { lock: false }))) throw new Refused({ kind: 'not-found', what: 'job' })
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
      // The log keeps what was sent; it is shown as it would be said today.
      change: raiseChange(row.body, JOB_VERSION),
      before: row.before,
      overruled: row.overruled,
    }))
}
