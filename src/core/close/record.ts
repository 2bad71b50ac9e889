import { openedFindings, type JobDocument } from '../job'
import { rowsOf } from '../firmValues/rows'
import { isTask, methodName } from '../catalogue'
import type { Cents } from '../measure'
import type { Price } from '../price'
import { runningTotal, type Order } from '../open/orders'
import type { Baseline } from '../open/baseline'
import { hundredths } from '../takeoff/hours'
import { soldOf } from './account'
import type { JobRecord } from './jobRecord'
import type { ItemTally, Tally } from './tally'

/** Hours of an item without a task, on its tasks by what they were reckoned at. */
function spread(item: ItemTally): { task: string; estimate: number; spent: number; unsaid: number }[] {
  const all = item.tasks.reduce((sum, { estimate }) => sum + estimate.typical, 0)
  return item.tasks.map(({ task, estimate, spent_h }) => {
    const unsaid = all > 0 ? (item.unsaid_h * estimate.typical) / all : 0
    return { task, estimate: estimate.typical, spent: spent_h + unsaid, unsaid }
  })
}

/** The record of a job: what it took, beside what had been reckoned. */
export function recordOf(of: {
  readonly job: JobDocument
  readonly tally: Tally
  readonly price: Price
  readonly baseline: Baseline | null
  readonly orders: readonly Order[]
}): JobRecord {
  const { job, tally, price, baseline } = of
  const rows = rowsOf(job.settings)
  const done = tally.items.filter(({ finished_on, spent_h }) => finished_on !== null && spent_h > 0)
  const tasks = new Map<string, JobRecord['tasks'][number]>()
  const add = (task: string, estimate: number, spent: number, unsaid: number): void => {
    const held = tasks.get(task) ?? {
      task,
      estimate_h: 0,
      spent_h: 0,
      unsaid_h: 0,
      typical_then: isTask(task) ? rows.task(task).typical : 0,
    }
    tasks.set(task, {
      ...held,
      estimate_h: hundredths(held.estimate_h + estimate),
      spent_h: hundredths(held.spent_h + spent),
      unsaid_h: hundredths(held.unsaid_h + unsaid),
    })
  }
  for (const item of done)
    for (const { task, estimate, spent, unsaid } of spread(item)) add(task, estimate, spent, unsaid)
  // What serves the whole job is over when all of it is.
  if (tally.allDone)
    for (const { task, estimate, spent_h } of tally.shared.tasks) add(task, estimate.typical, spent_h, 0)
  const sold = baseline === null ? null : soldOf(baseline, of.orders)
  const lines = price.kind === 'priced' ? new Map(price.lines.map((line) => [line.item_id, line])) : null
  const kinds = new Map<string, JobRecord['kinds'][number]>()
  for (const item of done) {
    const held = kinds.get(item.method) ?? {
      method: item.method,
      name: methodName(item.method),
      items: 0,
      estimate_h: 0,
      spent_h: 0,
      sold_cents: sold === null ? null : (0 as Cents),
      bought_cents: lines === null ? null : (0 as Cents),
    }
    kinds.set(item.method, {
      ...held,
      items: held.items + 1,
      estimate_h: hundredths(held.estimate_h + item.estimate.typical),
      spent_h: hundredths(held.spent_h + item.spent_h),
      sold_cents: plus(held.sold_cents, sold?.get(item.item_id) ?? null),
      bought_cents: plus(held.bought_cents, lines?.get(item.item_id)?.bought_cents ?? null),
    })
  }
  const receipts: Record<string, Cents> = {}
  for (const { removed, kind, cents } of job.receipts)
    if (!removed) receipts[kind] = ((receipts[kind] ?? 0) + cents) as Cents
  const { spent } = tally
  // What was left out is not bought either.
  const agreed = new Set(tally.items.map(({ item_id }) => item_id))
  return {
    job_id: job.id,
    title: job.job.title,
    closed_on: job.handover?.removed === false ? job.handover.on : null,
    tasks: [...tasks.values()],
    kinds: [...kinds.values()],
    opened: openedFindings(job).map(({ guess, told, caused_by, found }) => {
      return { guess, told, caused_by, found }
    }),
    estimate_h: tally.work.estimate.typical,
    paid_estimate_h: tally.paid.estimate_h,
    work_h: spent.work_h,
    paid_h: spent.paid_h,
    along_h: hundredths(spent.paid_h - spent.work_h),
    productive_estimate: tally.productive.estimate,
    visits_estimate: tally.visits.estimate,
    days: tally.visits.days,
    agreed_cents:
      baseline === null ? null : beforeTax(runningTotal(baseline, of.orders).total_cents, baseline),
    receipts_cents: receipts,
    bought_estimate_cents:
      price.kind === 'priced'
        ? (price.lines.reduce(
            (sum, each) => sum + (agreed.has(each.item_id) ? each.bought_cents : 0),
            0,
          ) as Cents)
        : null,
    hour_cents: job.rates?.burdened_rate_cents ?? null,
  }
}

const beforeTax = (cents: Cents, { tax_rate }: Baseline): Cents => Math.round(cents / (1 + tax_rate)) as Cents
const plus = (to: Cents | null, more: Cents | null): Cents | null =>
  to === null || more === null ? to : ((to + more) as Cents)
