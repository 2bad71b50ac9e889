import 'server-only'
import { createHash } from 'node:crypto'
import * as z from 'zod'
import { CATALOGUE_EDITION } from '../core/catalogue'
import { FirmCalendar, type AroundAnswer, type CalendarAnswer, type PlannedJob } from '../core/contract'
import { JOB_VERSION, type JobDocument } from '../core/job'
import { daysBetween } from '../core/measure'
import { withOrders, type OrderFace } from '../core/open'
import { may } from '../core/firm'
import { ALONE, type PlanAround, type Taken } from '../core/plan'
import {
  findCalendar,
  findAcceptedWork,
  type AcceptedRow,
  listPlanned,
  saveCalendar,
  savePlanned,
  type PlannedRow,
} from '../db/queries/calendar'
import { findHandedAt } from '../db/queries/close'
import { findJob, findTimeZone } from '../db/queries/jobs'
import { withTx, type Tx } from '../db/tx'
import { todayIn } from './days'
import { context } from './context'
import { mustBeAllowed, type Member } from './http'
import { loadState } from './jobs/store'
import { choiceIn, ordersIn, type JobOrders } from './orders/read'
import { Refused } from './problem'
import { inThread } from './threads'

const NONE: FirmCalendar = { crews: [], off: [] }

const Days = z.object({
  first: z.string(),
  last: z.string().nullable(),
  finish_by: z.string().nullable(),
  days: z.array(z.object({ day: z.string(), crew_id: z.string(), people: z.int() })),
  last_alone: z.string().nullable(),
})
type Days = z.infer<typeof Days>

function calendarIn(body: unknown): FirmCalendar {
  const read = FirmCalendar.safeParse(body)
  return read.success ? read.data : NONE
}

export async function readCalendar(member: Member): Promise<FirmCalendar> {
  const { pool } = await context()
  return withTx(pool, member.companyId, async (tx) => calendarIn(await findCalendar(tx)))
}

/** @throws Refused `not-for-role`. */
export async function keepCalendar(member: Member, calendar: FirmCalendar): Promise<void> {
  mustBeAllowed(member, 'run-the-office', 'Changing the firm’s calendar')
  const { pool } = await context()
  await withTx(pool, member.companyId, (tx) => saveCalendar(tx, { body: calendar, by: member.name }))
}

/** What was accepted, with what was agreed to since, and with what the crew goes on without a word. */
function acceptedIn(row: AcceptedRow | null, orders: readonly OrderFace[]): AroundAnswer['accepted'] {
  if (row === null) return null
  const { left, taken } = choiceIn(row.choice)
  return withOrders({ left, taken, items: row.items }, orders)
}

/** Which of an earlier job’s days these are: the same as long as nothing they follow from has changed. */
const stampOf = (of: unknown): string => createHash('sha256').update(JSON.stringify(of)).digest('hex')

type Reckoned = { readonly row: PlannedRow; readonly days: Days; readonly pushedBy: readonly string[] }

/**
 * The firm's jobs with a first day, one after another: the sooner begun has its crews first, and the later is planned round it. Only
 * what has changed since is reckoned anew. `until`: the jobs before this one alone.
 */
async function reckonChain(
  member: Member,
  calendar: FirmCalendar,
  until: string | null,
): Promise<Reckoned[]> {
  const { pool } = await context()
  const rows = await withTx(pool, member.companyId, listPlanned)
  const taken: Taken[] = []
  const done: Reckoned[] = []
  let before = stampOf([calendar, CATALOGUE_EDITION, JOB_VERSION])
  for (const row of rows) {
    if (row.id === until) break
    const today = todayIn('UTC', new Date())
    const stamp = stampOf([before, row.id, row.sequence, row.accepted, today])
    before = stamp
    const kept = row.stamp === stamp ? Days.safeParse(row.body) : null
    const days = kept?.success ? kept.data : await reckonDays(member, row, { calendar, taken, stamp })
    if (days === null) continue
    const pushed = days.last !== null && days.last_alone !== null && days.last > days.last_alone
    const crews = new Set(days.days.map(({ crew_id }) => crew_id))
    const inTheWay = taken.filter(
      ({ day, crew_id }) => crews.has(crew_id) && day >= row.start && day <= (days.last ?? row.start),
    )
    const pushedBy = pushed ? [...new Set(inTheWay.map(({ job }) => job))] : []
    done.push({ row, days, pushedBy })
    const title = row.title || row.address || 'a job'
    taken.push(...days.days.map((each) => ({ ...each, job: title })))
  }
  return done
}

async function reckonDays(
  member: Member,
  row: PlannedRow,
  of: { calendar: FirmCalendar; taken: readonly Taken[]; stamp: string },
): Promise<Days | null> {
  const { pool } = await context()
  const found = await withTx(pool, member.companyId, async (tx) =>
    (await findJob(tx, row.id, { lock: false }))
      ? {
          state: await loadState(tx, row.id, { lock: false, without: [] }),
          choice: await findAcceptedWork(tx, row.id),
          orders: await ordersIn(tx, row.id, await findTimeZone(tx, row.id)),
        }
      : null,
  )
  if (!found) return null
  const { job } = found.state
  const { crews, off } = of.calendar
  const around = { taken: of.taken, off, crews, accepted: acceptedIn(found.choice, found.orders.faces) }
  const days = await inThread('planDays', { job, today: todayIn(job.job.time_zone, new Date()), around })
  await withTx(pool, member.companyId, (tx) =>
    savePlanned(tx, { jobId: row.id, stamp: of.stamp, body: days }),
  )
  return { ...days, days: [...days.days] }
}

/** What was agreed of a job: the work by its ids, the accepted bid, and its change orders. */
export type Agreed = JobOrders & { readonly accepted: AroundAnswer['accepted'] }

export async function agreedIn(tx: Tx, jobId: string): Promise<Agreed> {
  const orders = await ordersIn(tx, jobId, await findTimeZone(tx, jobId))
  return { ...orders, accepted: acceptedIn(await findAcceptedWork(tx, jobId), orders.faces) }
}

/** What a job's plan stands on besides the job: the days other jobs have of its crews, the firm's days off, what its owner accepted. */
export async function readAround(member: Member, jobId: string): Promise<AroundAnswer> {
  const { pool } = await context()
  const { calendar, agreed, handed } = await withTx(pool, member.companyId, async (tx) => {
    if (!(await findJob(tx, jobId, { lock: false }))) throw new Refused({ kind: 'not-found', what: 'job' })
    return {
      calendar: calendarIn(await findCalendar(tx)),
      agreed: await agreedIn(tx, jobId),
      handed: await findHandedAt(tx, jobId),
    }
  })
  const before = await reckonChain(member, calendar, jobId)
  return {
    taken: before.flatMap(({ row, days }) =>
      days.days.map((each) => ({ ...each, job: row.title || row.address || 'a job' })),
    ),
    off: calendar.off,
    accepted: agreed.accepted,
    crews: calendar.crews,
    orders: [...agreed.faces],
    handed_at: handed?.toISOString() ?? null,
    ...(may(member.role, 'see-money') ? { baseline: agreed.baseline } : {}),
  }
}

/** The same for a bid that tells the planned days: a job without a first day tells none, and nothing is reckoned for it. */
export async function aroundOf(member: Member, job: JobDocument): Promise<PlanAround> {
  return job.plan?.start ? readAround(member, job.id) : ALONE
}

/** Every planned job on one calendar, and whom a late one pushes. */
export async function readPlannedJobs(member: Member): Promise<CalendarAnswer> {
  const calendar = await readCalendar(member)
  const chain = await reckonChain(member, calendar, null)
  return {
    calendar,
    jobs: chain.map(({ row, days, pushedBy }): PlannedJob => ({
      id: row.id,
      title: row.title,
      address: row.address,
      first: days.first,
      last: days.last,
      finish_by: days.finish_by,
      spare_days:
        days.last !== null && days.finish_by !== null ? daysBetween(days.last, days.finish_by) : null,
      pushed_days:
        days.last !== null && days.last_alone !== null
          ? Math.max(0, daysBetween(days.last_alone, days.last))
          : 0,
      pushed_by: [...pushedBy],
      days: days.days,
    })),
  }
}
