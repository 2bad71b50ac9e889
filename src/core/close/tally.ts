import { taskName } from '../catalogue'
import type { CutPlan } from '../cut'
import { cutJob } from '../cut'
import { rowsOf } from '../firmValues/rows'
import { finishedOf, type BoughtGood, type JobDocument } from '../job'
import { toFeet } from '../measure'
import { acceptedWork, isOurWork, type AcceptedChoice } from '../plan/accepted'
import { productiveShare } from '../price/productive'
import type { Scope, ScopeItem } from '../scope'
import { takeoffJob, type Takeoff } from '../takeoff'
import { hundredths, type Pace } from '../takeoff/hours'
import { spentOn, type Spent } from './spent'

/** Hours as they were reckoned: at the low, the typical and the high rate. */
export type Estimate = Readonly<Record<Pace, number>>

export type TaskTally = {
  readonly task: string
  readonly name: string
  readonly estimate: Estimate
  readonly spent_h: number
}

/** How what was spent lies to what was reckoned. Only finished work is under; over is over at once. */
export type Verdict = 'not-begun' | 'begun' | 'under' | 'within' | 'over'

export type ItemTally = {
  readonly item_id: string
  readonly method: string
  readonly title: string
  readonly where: string
  readonly estimate: Estimate
  readonly spent_h: number
  readonly tasks: readonly TaskTally[]
  /** Hours on it of which nobody said the task. */
  readonly unsaid_h: number
  readonly finished_on: string | null
  readonly verdict: Verdict
  /** The item that does its work already: its hours are reckoned there; null: it has its own. */
  readonly with_item: string | null
}

/** What was bought of one good beside what was reckoned. */
export type GoodTally = {
  readonly what: string
  readonly unit: string
  /** Null: the estimate has none of it in this unit. */
  readonly estimate: number | null
  readonly bought: number
  readonly left: number
}

export type Tally = {
  /** Work that was agreed to. */
  readonly items: readonly ItemTally[]
  /** Setting up, containing, hauling: once for the job. */
  readonly shared: {
    readonly estimate: Estimate
    readonly spent_h: number
    readonly tasks: readonly TaskTally[]
  }
  /** Hours on items that are not agreed work: nobody pays for them yet. */
  readonly beside: readonly { readonly item_id: string; readonly title: string; readonly spent_h: number }[]
  /** On the work, and with the time along the way, which is paid too. */
  readonly work: { readonly estimate: Estimate; readonly spent_h: number }
  readonly paid: { readonly estimate_h: number; readonly spent_h: number }
  /** Share of paid hours that is work; null: nothing was spent. */
  readonly productive: { readonly estimate: number; readonly spent: number | null }
  readonly visits: { readonly estimate: number; readonly days: number }
  readonly goods: readonly GoodTally[]
  readonly spent: Spent
  /** Every agreed piece of work is done. */
  readonly allDone: boolean
}

const estimateOf = (of: (pace: Pace) => number): Estimate => ({
  low: hundredths(of('low')),
  typical: hundredths(of('typical')),
  high: hundredths(of('high')),
})

function verdictOf(estimate: Estimate, spent: number, finished: boolean): Verdict {
  if (spent > estimate.high) return 'over'
  if (!finished) return spent > 0 ? 'begun' : 'not-begun'
  // Done without an hour written down says nothing of how long it took.
  if (spent === 0) return 'not-begun'
  return spent < estimate.low ? 'under' : 'within'
}

type Timed = { readonly tasks: ReadonlyMap<string, number>; readonly unsaid: number }
const NO_TIME: Timed = { tasks: new Map(), unsaid: 0 }

const sumOf = (times: Iterable<number>): number => {
  let sum = 0
  for (const each of times) sum += each
  return hundredths(sum)
}

/** Tasks that were reckoned, then those that only were done. */
function tasksOf(
  reckoned: Readonly<Record<Pace, readonly { task: string; hours: number }[]>>,
  spent: ReadonlyMap<string, number>,
): TaskTally[] {
  const ids = new Set([...reckoned.typical.map(({ task }) => task), ...spent.keys()])
  return [...ids].map((task) => ({
    task,
    name: taskName(task),
    estimate: estimateOf((pace) =>
      reckoned[pace].reduce((sum, each) => sum + (each.task === task ? each.hours : 0), 0),
    ),
    spent_h: spent.get(task) ?? 0,
  }))
}

function goodsOf(bought: readonly BoughtGood[], cut: CutPlan): GoodTally[] {
  const lines = new Map<
    string,
    { what: string; unit: string; good: string | null; bought: number; left: number }
  >()
  for (const { removed, good, what, unit, quantity, left } of bought) {
    if (removed) continue
    const key = `${good ?? what}/${unit}`
    const held = lines.get(key) ?? { what, unit, good, bought: 0, left: 0 }
    lines.set(key, { ...held, bought: held.bought + quantity, left: held.left + left })
  }
  return [...lines.values()].map(({ good, ...line }) => {
    const section = line.unit === 'ft' ? cut.sections.find((each) => each.section === good) : undefined
    const goods = cut.goods.find((each) => each.good === good && each.unit === line.unit)
    const estimate = section ? hundredths(toFeet(section.bought)) : goods ? hundredths(goods.used) : null
    return { ...line, estimate, bought: hundredths(line.bought), left: hundredths(line.left) }
  })
}

/** What was reckoned of the work that was agreed to, at every pace; it changes only with the job’s work. */
export type Reckoned = {
  readonly agreed: readonly ScopeItem[]
  readonly others: readonly ScopeItem[]
  readonly takeoffs: Readonly<Record<Pace, Takeoff>>
  readonly cut: CutPlan
  /** Share of paid hours that is work. */
  readonly share: number
}

/**
 * Estimates of the work that was agreed to: those of the job as it stands, finds included, at the low, typical and high hours of the firm’s
 * rows. A range is that of the rows added up: all slow or all fast, wider than what is likely.
 */
export function reckonedWork(
  of: { readonly job: JobDocument; readonly scope: Scope; readonly takeoff: Takeoff },
  accepted: AcceptedChoice | null,
): Reckoned {
  const work = acceptedWork(of, accepted)
  const { job } = of
  const days = rowsOf(job.settings).days
  return {
    agreed: work.scope.items.filter(isOurWork),
    others: work.scope.items.filter((item) => !isOurWork(item)),
    takeoffs: {
      low: takeoffJob(job, work.scope, { pace: 'low' }),
      typical: work.takeoff,
      high: takeoffJob(job, work.scope, { pace: 'high' }),
    },
    cut: cutJob(job, work.takeoff),
    share: productiveShare(work.takeoff.crew_days, job.settings, days).share,
  }
}

/** What was reckoned beside what was spent: by item, by task, and of the job. */
export function tallyFrom(reckoned: Reckoned, job: JobDocument, now: Date): Tally {
  const { takeoffs, agreed, share } = reckoned
  const spent = spentOn(job, now)
  const takenAt = (pace: Pace, id: string): Takeoff['items'][number] | undefined =>
    takeoffs[pace].items.find(({ item_id }) => item_id === id)
  const items = agreed.map((item): ItemTally => {
    const times = spent.items.get(item.id) ?? NO_TIME
    const estimate = estimateOf((pace) => takenAt(pace, item.id)?.hours ?? 0)
    const finished = finishedOf(job, item.id)
    const spent_h = hundredths(sumOf(times.tasks.values()) + times.unsaid)
    return {
      item_id: item.id,
      method: item.method,
      title: item.name,
      where: whereOf(item),
      estimate,
      spent_h,
      tasks: tasksOf(
        {
          low: takenAt('low', item.id)?.tasks ?? [],
          typical: takenAt('typical', item.id)?.tasks ?? [],
          high: takenAt('high', item.id)?.tasks ?? [],
        },
        times.tasks,
      ),
      unsaid_h: times.unsaid,
      finished_on: finished?.on ?? null,
      with_item: takenAt('typical', item.id)?.includedIn ?? null,
      verdict: verdictOf(estimate, spent_h, finished !== null),
    }
  })
  const ids = new Set(items.map(({ item_id }) => item_id))
  const beside = [...spent.items].flatMap(([item_id, times]) => {
    if (ids.has(item_id)) return []
    const item = reckoned.others.find(({ id }) => id === item_id)
    const spent_h = hundredths(sumOf(times.tasks.values()) + times.unsaid)
    return [{ item_id, title: item ? item.name : 'work that is no longer in the job', spent_h }]
  })
  const estimate = estimateOf((pace) => takeoffs[pace].hours)
  return {
    items,
    shared: {
      estimate: estimateOf((pace) => takeoffs[pace].shared.hours),
      spent_h: hundredths(sumOf(spent.shared.tasks.values()) + spent.shared.unsaid),
      tasks: tasksOf(
        {
          low: takeoffs.low.shared.tasks,
          typical: takeoffs.typical.shared.tasks,
          high: takeoffs.high.shared.tasks,
        },
        spent.shared.tasks,
      ),
    },
    beside,
    work: { estimate, spent_h: spent.work_h },
    paid: { estimate_h: hundredths(estimate.typical / share), spent_h: spent.paid_h },
    productive: { estimate: share, spent: spent.paid_h === 0 ? null : spent.work_h / spent.paid_h },
    visits: { estimate: takeoffs.typical.shared.visits, days: spent.days.length },
    goods: goodsOf(job.bought_goods, reckoned.cut),
    spent,
    allDone: items.length > 0 && items.every(({ finished_on }) => finished_on !== null),
  }
}

/** The same in one go. */
export const tallyOf = (
  of: { readonly job: JobDocument; readonly scope: Scope; readonly takeoff: Takeoff },
  accepted: AcceptedChoice | null,
  now: Date,
): Tally => tallyFrom(reckonedWork(of, accepted), of.job, now)

const whereOf = (item: ScopeItem): string => [...new Set(item.spots.map(({ where }) => where))].join('; ')
