import type { CutPlan, SectionPlan } from '../cut'
import type { Figure } from '../explain/figure'
import type { JobDocument, Rates } from '../job'
import { addCents, dollars, formatCents, shareCents, toFeet, type Cents } from '../measure'
import type { Scope } from '../scope'
import type { ItemTakeoff, Takeoff, TaskHours } from '../takeoff'
import { overheadOnCost, overheadOnSales, sellPrice, type SellError } from './sellPrice'

/** One line of the price. The sell price is what stands on the bid. */
export type PriceLine = {
  readonly item_id: string
  readonly computed_cents: Cents
  /** Its part in raising the job to the minimum per visit. */
  readonly minimum_share_cents: Cents
  /** What a person typed; it wins, and `gap_cents` is how far it lies from the computed price. */
  readonly typed_cents: Cents | null
  readonly gap_cents: Cents
  readonly sell_cents: Cents
  readonly arithmetic: Figure
  readonly notes: readonly string[]
}

export type JobPrice = {
  readonly kind: 'priced'
  readonly lines: readonly PriceLine[]
  readonly items_cents: Cents
  /** One visible line when a person typed the price of the whole job. */
  readonly adjustment: { readonly cents: Cents; readonly reason: string } | null
  readonly tax_cents: Cents
  readonly total_cents: Cents
  /** How the price was reached, in figures that open. */
  readonly arithmetic: readonly Figure[]
  readonly shared: Figure
  /** Sections and consumables without a rate: they are priced at nothing and must be seen. */
  readonly missing: readonly string[]
  readonly basis: string
}

export type Price =
  JobPrice | { readonly kind: 'withheld' } | { readonly kind: 'no-room'; readonly error: SellError }

type Money = Pick<JobDocument, 'settings'> & { readonly rates: Rates }

function productiveShare(job: JobDocument, hours: number): { share: number; why: string } {
  const short = hours < 8
  return short
    ? { share: job.settings.productive_share_short_day, why: 'under a day of work' }
    : { share: job.settings.productive_share, why: 'a day of work or more' }
}

function taskFigure(task: TaskHours): Figure {
  const setUp = task.set_up_h > 0 ? `${task.set_up_h.toFixed(2)} h set-up + ` : ''
  return {
    label: task.name,
    value: task.hours,
    unit: 'h',
    how: `${setUp}${task.rate_h.toFixed(2)} h × ${task.quantity.toFixed(2)} ${task.unit} × ${task.factor.toFixed(2)}`,
    source: 'our judgement, firm may change',
  }
}

function labourFigure(
  label: string,
  tasks: readonly TaskHours[],
  productive: ReturnType<typeof productiveShare>,
  money: Money,
): Figure {
  const hours = tasks.reduce((sum, each) => sum + each.hours, 0)
  const rate = money.rates.burdened_rate_cents / 100
  return {
    label,
    value: (hours / productive.share) * rate,
    unit: 'USD',
    how: `${hours.toFixed(2)} h ÷ ${productive.share.toFixed(2)} (${productive.why}) × $${rate.toFixed(2)}/h`,
    source: 'firm setting',
    parts: tasks.map(taskFigure),
  }
}

/** How much of each section every item takes, counted once for all items. */
function cutByOwner(cut: CutPlan): { plan: SectionPlan; byItem: ReadonlyMap<string, number>; all: number }[] {
  return cut.sections.map((plan) => {
    const byItem = new Map<string, number>()
    let all = 0
    for (const { owner, length } of plan.boards.flatMap((board) => board.cuts)) {
      byItem.set(owner, (byItem.get(owner) ?? 0) + length)
      all += length
    }
    return { plan, byItem, all }
  })
}

/** Cost of the boards, shared over the items by the length they take of each section. */
function boardFigures(
  item: ItemTakeoff,
  shares: ReturnType<typeof cutByOwner>,
  rates: Rates,
  missing: Set<string>,
): Figure[] {
  return shares.flatMap(({ plan, byItem, all }): Figure[] => {
    const mine = byItem.get(item.item_id)
    if (mine === undefined) return []
    const rate = rates.section_cents_per_ft[plan.section]
    if (rate === undefined) missing.add(plan.name)
    const bought_ft = toFeet(plan.bought)
    return [
      {
        label: plan.name,
        value: ((bought_ft * (rate ?? 0)) / 100) * (mine / all),
        unit: 'USD',
        how: `${bought_ft.toFixed(2)} ft bought × $${((rate ?? 0) / 100).toFixed(2)}/ft × ${((100 * mine) / all).toFixed(1)} % of what is cut`,
        source: 'firm setting; cut plan',
      },
    ]
  })
}

function consumableFigures(item: ItemTakeoff, rates: Rates, missing: Set<string>): Figure[] {
  return item.consumables.map((each) => {
    const rate = rates.consumable_cents[each.id]
    if (rate === undefined) missing.add(each.name)
    return {
      label: each.name,
      value: (each.quantity * (rate ?? 0)) / 100,
      unit: 'USD' as const,
      how: `${each.quantity.toFixed(2)} ${each.unit} × $${((rate ?? 0) / 100).toFixed(2)}`,
      source: 'firm setting',
    }
  })
}

function sum(label: string, how: string, parts: readonly Figure[], source?: string): Figure {
  return {
    label,
    value: parts.reduce((total, each) => total + each.value, 0),
    unit: 'USD',
    how,
    parts,
    ...(source ? { source } : {}),
  }
}

const TAX_WORDS = {
  'on-cost': 'paid on material we buy',
  'on-sale': 'charged on the material part of the price',
  'on-total': 'charged on the whole price',
  none: 'no sales tax',
} as const

type Costed = { readonly item: ItemTakeoff; readonly direct: Figure; readonly material: number }

function costItem(
  item: ItemTakeoff,
  context: {
    job: JobDocument
    money: Money
    takeoff: Takeoff
    shares: ReturnType<typeof cutByOwner>
    ownHours: number
    missing: Set<string>
    shared: Figure
  },
): Costed {
  const { money, takeoff, shares, ownHours, missing } = context
  const productive = productiveShare(context.job, takeoff.hours)
  const labour = labourFigure('Labour', item.tasks, productive, money)
  const goods = [
    ...boardFigures(item, shares, money.rates, missing),
    ...consumableFigures(item, money.rates, missing),
  ]
  const material = sum('Material', 'boards and consumables', goods)
  const { tax } = money.rates
  const parts: Figure[] = [labour, material]
  if (tax.rule === 'on-cost' && tax.rate > 0) {
    parts.push({
      label: 'Tax on material',
      value: material.value * tax.rate,
      unit: 'USD',
      how: `$${material.value.toFixed(2)} × ${(tax.rate * 100).toFixed(2)} %`,
      source: 'firm setting',
    })
  }
  if (ownHours > 0 && item.hours > 0) {
    parts.push({
      label: 'Share of visits, containment and hauling',
      value: (context.shared.value * item.hours) / ownHours,
      unit: 'USD',
      how: `$${context.shared.value.toFixed(2)} × ${item.hours.toFixed(2)} h of ${ownHours.toFixed(2)} h`,
      source: 'charged once, shared by use',
    })
  }
  return {
    item,
    direct: sum('Direct cost', 'labour + material + its share', parts),
    material: material.value,
  }
}

/**
 * Prices every item and the job.
 *
 * Order: direct cost, overhead and profit, each item rounded once to cents, the minimum per visit shared by largest remainder,
 * typed item prices, the typed job price as one adjustment, tax last.
 * Ends: `withheld` when the rates are not for this reader; `no-room` when overhead and profit leave nothing for the work.
 */
export function priceJob(job: JobDocument, scope: Scope, takeoff: Takeoff, cut: CutPlan): Price {
  if (job.rates === null) return { kind: 'withheld' }
  const { rates } = job
  const money: Money = { settings: job.settings, rates }
  const by = { basis: rates.overhead.basis, overhead: rates.overhead.share, profit: rates.profit_share }
  const probe = sellPrice(1, by)
  if (!probe.ok) return { kind: 'no-room', error: probe.error }
  const missing = new Set<string>()
  const productive = productiveShare(job, takeoff.hours)
  const shared = sum('Visits, containment, hauling', 'paid once for the job', [
    labourFigure('Shared labour', takeoff.shared.tasks, productive, money),
    {
      label: 'Dump fee',
      value: (takeoff.shared.debris_yd3 * rates.disposal_cents_per_yd3) / 100,
      unit: 'USD',
      how: `${takeoff.shared.debris_yd3.toFixed(2)} yd³ loose × $${(rates.disposal_cents_per_yd3 / 100).toFixed(2)}`,
      source: 'firm setting',
    },
  ])
  const shares = cutByOwner(cut)
  const ownHours = takeoff.items.reduce((total, each) => total + each.hours, 0)
  const costed = takeoff.items.map((item) =>
    costItem(item, { job, money, takeoff, shares, ownHours, missing, shared }),
  )
  const basisWords =
    by.basis === 'cost'
      ? `× (1 + ${by.overhead.toFixed(2)}) ÷ (1 − ${by.profit.toFixed(2)})`
      : `÷ (1 − ${by.overhead.toFixed(2)} − ${by.profit.toFixed(2)})`
  const sells = costed.map(({ direct }) => direct.value * probe.value)
  const computed = sells.map(dollars)
  const minimum = (takeoff.shared.visits * rates.minimum_per_visit_cents) as Cents
  const short = Math.max(0, minimum - addCents(...computed)) as Cents
  const minimumShares = short > 0 ? shareCents(short, computed) : computed.map(() => 0 as Cents)
  const typed = new Map(
    job.typed_prices.flatMap((each) =>
      each.on.kind === 'item' ? [[each.on.item_id, each.cents] as const] : [],
    ),
  )
  const lines = costed.map(({ item, direct }, index): PriceLine => {
    const reached = addCents(computed[index]!, minimumShares[index]!)
    const said = typed.get(item.item_id) ?? null
    const parts: Figure[] = [
      direct,
      {
        label: 'Overhead and profit',
        value: sells[index]! - direct.value,
        unit: 'USD',
        how: `$${direct.value.toFixed(2)} ${basisWords}, less the cost; rounded once to the cent`,
        source: 'firm setting',
      },
    ]
    if (minimumShares[index]! > 0) {
      parts.push({
        label: 'Share of the minimum per visit',
        value: minimumShares[index]! / 100,
        unit: 'USD',
        how: `${takeoff.shared.visits} × ${formatCents(rates.minimum_per_visit_cents)} minimum, shared by price`,
        source: 'firm setting',
      })
    }
    return {
      item_id: item.item_id,
      computed_cents: reached,
      minimum_share_cents: minimumShares[index]!,
      typed_cents: said,
      gap_cents: said === null ? (0 as Cents) : ((said - reached) as Cents),
      sell_cents: said ?? reached,
      arithmetic: {
        label: 'Computed price',
        value: reached / 100,
        unit: 'USD',
        how: 'direct cost, overhead and profit',
        parts,
      },
      notes: item.notes,
    }
  })
  const items_cents = addCents(...lines.map((line) => line.sell_cents))
  const jobTyped = job.typed_prices.findLast((each) => each.on.kind === 'job')
  const adjustment = jobTyped
    ? { cents: (jobTyped.cents - items_cents) as Cents, reason: jobTyped.reason }
    : null
  const before = addCents(items_cents, adjustment?.cents ?? (0 as Cents))
  const tax = taxOf(rates, before, costed, sells, items_cents)
  return {
    kind: 'priced',
    lines,
    items_cents,
    adjustment,
    tax_cents: dollars(tax.value),
    total_cents: addCents(before, dollars(tax.value)),
    arithmetic: [tax, ...equivalents(by)],
    shared,
    missing: [...missing],
    basis: `Prices are for the repairs listed, patched where bad and not the whole run; tax ${TAX_WORDS[rates.tax.rule]}.`,
  }
}

function taxOf(
  rates: Rates,
  before: Cents,
  costed: readonly Costed[],
  sells: readonly number[],
  items: Cents,
): Figure {
  const { rule, rate } = rates.tax
  if (rule === 'on-total') {
    return {
      label: 'Tax',
      value: (before / 100) * rate,
      unit: 'USD',
      how: `${formatCents(before)} × ${(rate * 100).toFixed(2)} %`,
      source: 'firm setting',
    }
  }
  if (rule === 'on-sale') {
    const cost = costed.reduce((total, each) => total + each.direct.value, 0)
    const material = costed.reduce((total, each) => total + each.material, 0)
    const sold = sells.reduce((total, each) => total + each, 0)
    const share = cost > 0 ? material / cost : 0
    return {
      label: 'Tax',
      value: (before / 100) * share * rate,
      unit: 'USD',
      how: `${formatCents(before)} × ${(share * 100).toFixed(1)} % material × ${(rate * 100).toFixed(2)} % (computed $${sold.toFixed(2)}, items ${formatCents(items)})`,
      source: 'firm setting',
    }
  }
  const how = rule === 'on-cost' ? 'already inside each item, on material' : 'no sales tax'
  return { label: 'Tax', value: 0, unit: 'USD', how, source: 'firm setting' }
}

function equivalents(by: { basis: 'cost' | 'sales'; overhead: number; profit: number }): Figure[] {
  const onCost = by.basis === 'cost' ? by.overhead : overheadOnCost(by.overhead, by.profit)
  const onSales = by.basis === 'sales' ? by.overhead : overheadOnSales(by.overhead, by.profit)
  return [
    {
      label: 'Overhead on cost',
      value: onCost * 100,
      unit: '%',
      how: 'the same price told on cost',
      source: 'identity',
    },
    {
      label: 'Overhead on sales',
      value: onSales * 100,
      unit: '%',
      how: 'the same price told on sales',
      source: 'identity',
    },
  ]
}
