import type { EntityOf, JobDocument } from '../job'
import { dollars, type Cents } from '../measure'
import { derive } from '../pipeline'
import { sellBy, type JobPrice, type Made } from '../price'
import type { Trace } from '../trace'

/** One figure moved a little, and what the total comes to then: the job priced once more. */
export type Move = { readonly id: string; readonly says: string; readonly change_cents: Cents }

export type Moves = {
  readonly made: Made
  readonly moves: readonly Move[]
  /** What an hour that was not reckoned costs the firm. */
  readonly hour_cents: Cents
  /** Paid hours the work may run over before nothing is left of the profit, and before it does not pay its share of the firm. */
  readonly hours_to_no_profit: number
  readonly hours_to_no_overhead: number
  readonly crew_days: number
}

type Rates = EntityOf['rates']

const times = (cents: Readonly<Record<string, number>>, by: number): Record<string, Cents> =>
  Object.fromEntries(Object.entries(cents).map(([id, each]) => [id, Math.round(each * by) as Cents]))

/** What is moved, by how much. */
const MOVED: readonly {
  readonly id: string
  readonly says: string
  readonly of: (job: JobDocument, rates: Rates) => JobDocument
}[] = [
  {
    id: 'hour',
    says: 'An hour of a carpenter costs $1 more',
    of: (job, rates) => ({
      ...job,
      rates: { ...rates, burdened_rate_cents: (rates.burdened_rate_cents + dollars(1)) as Cents },
    }),
  },
  {
    id: 'slower',
    says: 'All work takes a tenth longer',
    of: (job) => {
      const { productive_share, productive_share_short_day } = job.settings
      return {
        ...job,
        settings: {
          ...job.settings,
          productive_share: productive_share / 1.1,
          productive_share_short_day: productive_share_short_day / 1.1,
        },
      }
    },
  },
  {
    id: 'bought',
    says: 'Boards and goods cost a tenth more',
    of: (job, rates) => ({
      ...job,
      rates: {
        ...rates,
        section_cents_per_ft: times(rates.section_cents_per_ft, 1.1),
        consumable_cents: times(rates.consumable_cents, 1.1),
      },
    }),
  },
  {
    id: 'overhead',
    says: 'Overhead one point more',
    of: (job, rates) => ({
      ...job,
      rates: { ...rates, overhead: { ...rates.overhead, share: rates.overhead.share + 0.01 } },
    }),
  },
  {
    id: 'profit',
    says: 'Profit one point more of the price',
    of: (job, rates) => ({ ...job, rates: { ...rates, profit_share: rates.profit_share + 0.01 } }),
  },
]

/** What of a price is cost and what is left of it at the firm’s rates. */
export function madeOf(price: JobPrice, rates: Rates): Made {
  const { basis, overhead, kept = 0 } = sellBy(rates)
  const before = price.items_cents + (price.adjustment?.cents ?? 0) - (price.discount?.cents ?? 0)
  const direct = price.lines.reduce((sum, line) => sum + line.direct_cents, 0)
  const over = Math.round((basis === 'cost' ? direct : before) * overhead)
  const held = Math.round(before * kept)
  return {
    before_tax_cents: before as Cents,
    direct_cents: direct as Cents,
    overhead_cents: over as Cents,
    kept_cents: held as Cents,
    profit_cents: (before - direct - over - held) as Cents,
  }
}

/**
 * What the price is made of, how far the work may run over before it earns nothing, and what moving one figure does to the total. A
 * figure that cannot be moved (no room is left) is not listed.
 *
 * Ends: null where nothing is priced. Cost: a price of the job for each figure.
 */
export function movesOf(document: JobDocument, trace: Trace, today: string): Moves | null {
  const { price, takeoff, coverage } = derive(document, today, { trace })
  const { rates } = document
  if (price.kind !== 'priced' || rates === null) return null
  const made = madeOf(price, rates)
  const hour = rates.burdened_rate_cents * (1 + rates.supervision_share)
  const hours = (cents: number): number => (hour > 0 ? Math.round((Math.max(0, cents) / hour) * 10) / 10 : 0)
  return {
    made,
    hour_cents: Math.round(hour) as Cents,
    hours_to_no_profit: hours(made.profit_cents),
    hours_to_no_overhead: hours(made.profit_cents + made.overhead_cents),
    crew_days: takeoff.crew_days,
    moves: MOVED.flatMap(({ id, says, of }): Move[] => {
      const moved = derive(of(document, rates), today, { trace, coverage }).price
      return moved.kind === 'priced'
        ? [{ id, says, change_cents: (moved.total_cents - price.total_cents) as Cents }]
        : []
    }),
  }
}
