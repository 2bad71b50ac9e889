import { LOAD } from '../catalogue'
import { WORK_SAYS } from '../catalogue/sentences/work'
import { cutJob, type CutPlan } from '../cut'
import type { Figure } from '../explain/figure'
import { rowsOf } from '../firmValues/rows'
import { TAX_WORDS, type JobDocument, type Rates } from '../job'
import { addCents, dollars, formatCents, shareCents, type Cents } from '../measure'
import { PRICED_APART, type Scope, type ScopeItem } from '../scope'
import { takeoffJob, type Takeoff } from '../takeoff'
import {
  cannotBeBought,
  centsOf,
  costItem,
  labourFigure,
  sharesOf,
  sumOf,
  usd,
  type Costed,
  type NoRate,
  type NoRates,
} from './cost'
import { productiveShare } from './productive'
import { basisOf, type LineBasis } from './basis'
import { differenceOf } from './difference'
import { ceilingFigure, equivalents, overheadAndProfit } from './ofPrice'
import { sellBy, sellPrice, type SellError } from './sellPrice'
import { taxOf } from './tax'
import type { z } from 'zod'

/** One line of the price. The sell price is what stands on the bid. */
export type PriceLine = {
  readonly item_id: string
  /** Labour, material, hire, trades and its share of what is paid once. */
  readonly direct_cents: Cents
  /** Of that, what is paid to others: material, hire, trades. */
  readonly bought_cents: Cents
  readonly computed_cents: Cents
  /** Its part in raising the job to the minimum per visit. */
  readonly minimum_share_cents: Cents
  /** What a person typed; it wins, and `gap_cents` is how far it lies from the computed price. */
  readonly typed_cents: Cents | null
  readonly gap_cents: Cents
  readonly sell_cents: Cents
  readonly arithmetic: Figure
  readonly notes: readonly string[]
  readonly basis: LineBasis
  /** Why nothing could be computed, in words that say what to do; empty where it could, or a price was typed. */
  readonly lacks: readonly string[]
  /** The item that does its work already: nothing is charged here. */
  readonly includedIn: string | null
}

/** Work with a price of its own beside the sum: an option, an alternate, work priced apart. */
export type ApartLine = {
  readonly item_id: string
  readonly sell_cents: Cents
  readonly typed_cents: Cents | null
  readonly arithmetic: Figure
  /** How its price is meant, once it is taken. */
  readonly basis: LineBasis
  readonly lacks: readonly string[]
}

export type JobPrice = {
  readonly kind: 'priced'
  /** Items of which something is ours. Whatever else is listed has no price here. */
  readonly lines: readonly PriceLine[]
  readonly apart: readonly ApartLine[]
  /** Items whose typed price counts nothing, since nothing of them is ours to sell. */
  readonly idle: readonly string[]
  readonly items_cents: Cents
  /** One visible line when a person typed the price of the whole job. */
  readonly adjustment: { readonly cents: Cents; readonly reason: string } | null
  /** Taken off the whole, with its reason; never more than there is. */
  readonly discount: { readonly cents: Cents; readonly reason: string } | null
  readonly tax_cents: Cents
  /** Tax as a share of the price before it; 0 where it is inside the items or there is none. */
  readonly tax_rate: number
  readonly total_cents: Cents
  /** How the price was reached, in figures that open. */
  readonly arithmetic: readonly Figure[]
  readonly shared: Figure
  /** Sections and goods without a rate: they are priced at nothing and must be seen. */
  readonly missing: readonly string[]
  /** The same, with where a rate would stand. */
  readonly no_rates: readonly NoRate[]
  readonly basis: string
}

export type Price =
  JobPrice | { readonly kind: 'withheld' } | { readonly kind: 'no-room'; readonly error: SellError }

type Money = z.infer<typeof Rates>

/** What every item comes to before minimum and typed prices. */
type Reckoned = {
  readonly costed: readonly Costed[]
  readonly computed: readonly Cents[]
  readonly shared: Figure
  readonly missing: NoRates
}

function reckon(job: JobDocument, rates: Money, takeoff: Takeoff, cut: CutPlan, times: number): Reckoned {
  const missing: NoRates = new Map()
  const productive = productiveShare(takeoff.crew_days, job.settings, rowsOf(job.settings).days)
  const { debris_yd3, heavy_lb } = takeoff.shared
  const dump = rates.disposal_cents_per_yd3
  const shared = sumOf('Visits, containment, hauling', 'paid once for the job', [
    labourFigure('Shared labour', takeoff.shared.tasks, productive, rates),
    usd(
      'Dump fee',
      dollars((debris_yd3 * dump) / 100),
      heavy_lb === null
        ? `${debris_yd3.toFixed(2)} yd³ loose × ${formatCents(dump)}`
        : `${heavy_lb} lb at ${LOAD.lb} lb a load of ${LOAD.yd3} yd³: ${debris_yd3.toFixed(2)} yd³ × ${formatCents(dump)}`,
      { source: 'firm setting' },
    ),
  ])
  const shares = sharesOf(cut)
  const ownHours = Math.round(takeoff.items.reduce((total, each) => total + each.hours, 0) * 100) / 100
  const costed = takeoff.items.map((item) =>
    costItem(item, { rates, productive, shares, ownHours, missing, shared }),
  )
  return { costed, computed: costed.map(({ direct }) => dollars(direct.value * times)), shared, missing }
}

function typedOn(job: JobDocument): ReadonlyMap<string, Cents> {
  return new Map(
    job.typed_prices.flatMap((each) => (each.on.kind === 'item' ? [[each.on.item_id, each.cents]] : [])),
  )
}

function lineOf(
  index: number,
  item: ScopeItem,
  of: {
    reckoned: Reckoned
    minimumShares: readonly Cents[]
    visits: number
    rates: Money
    /** Of work by the hour, what its ceiling may lie above what is reckoned. */
    ceiling: number
    cut: CutPlan
    typed: ReadonlyMap<string, Cents>
  },
): PriceLine {
  const { direct, bought, item: taken } = of.reckoned.costed[index]!
  const sold = of.reckoned.computed[index]!
  const minimum_share_cents = of.minimumShares[index]!
  const { basis } = item.item
  const more = basis === 'ceiling' ? [ceilingFigure(sold, of.ceiling)] : []
  const reached = addCents(sold, minimum_share_cents, ...more.map(centsOf))
  const said = of.typed.get(item.id) ?? null
  const parts: Figure[] = [direct, overheadAndProfit(centsOf(direct), sold, of.rates), ...more]
  if (minimum_share_cents > 0) {
    parts.push(
      usd(
        'Share of the minimum per visit',
        minimum_share_cents,
        `what is short of ${of.visits} × ${formatCents(of.rates.minimum_per_visit_cents)}, shared by price`,
        { source: 'firm setting' },
      ),
    )
  }
  const long = cannotBeBought(item.id, of.cut).map((what) => WORK_SAYS.lacksStock(what))
  const meant = basisOf(item, said ?? reached, { rates: of.rates, pieces: taken.pieces })
  const uncounted = meant === null ? [WORK_SAYS.lacksQuantity] : []
  return {
    item_id: item.id,
    direct_cents: centsOf(direct),
    bought_cents: bought,
    computed_cents: reached,
    minimum_share_cents,
    typed_cents: said,
    gap_cents: said === null ? (0 as Cents) : ((said - reached) as Cents),
    sell_cents: said ?? reached,
    arithmetic: usd('Computed price', reached, 'direct cost, overhead and profit', { parts }),
    notes: taken.notes,
    basis: meant ?? { kind: 'fixed' },
    lacks: [...(said === null ? [...taken.lacks, ...long] : []), ...uncounted],
    includedIn: taken.includedIn,
  }
}

/** Work beside the sum: what the whole comes to with it, less what it comes to without, before the minimum per visit. */
function apartLines(
  job: JobDocument,
  scope: Scope,
  of: {
    rates: Money
    times: number
    without: Reckoned
    typed: ReadonlyMap<string, Cents>
    ceiling: number
    missing: NoRates
  },
): ApartLine[] {
  const all = (computed: readonly Cents[]): Cents => addCents(...computed)
  const before = all(of.without.computed)
  return scope.items.flatMap((item): ApartLine[] => {
    if (!item.spots.some((spot) => PRICED_APART.has(spot.standing))) return []
    const takeoff = takeoffJob(job, scope, {
      includes: (spot, its) =>
        spot.standing === 'ours' || (its.id === item.id && PRICED_APART.has(spot.standing)),
    })
    const cut = cutJob(job, takeoff)
    const reckoned = reckon(job, of.rates, takeoff, cut, of.times)
    for (const [name, row] of reckoned.missing) of.missing.set(name, row)
    const after = all(reckoned.computed)
    const typed_cents = item.standing === 'ours' ? null : (of.typed.get(item.id) ?? null)
    const computed = Math.max(0, after - before) as Cents
    const taken = takeoff.items.find((each) => each.item_id === item.id)!
    const more = item.item.basis === 'ceiling' ? [ceilingFigure(computed, of.ceiling)] : []
    const reached = addCents(computed, ...more.map(centsOf))
    const sell_cents = typed_cents ?? reached
    // Where some of it is ours already, the boards are those of both: its own are counted by its places.
    const isMixed = item.spots.some((spot) => spot.standing === 'ours')
    const meant = basisOf(item, sell_cents, {
      rates: of.rates,
      pieces: isMixed ? [] : taken.pieces,
      counts: (spot) => PRICED_APART.has(spot.standing),
    })
    const asked = usd(
      'If it is done with the rest',
      computed,
      `${formatCents(after)} with it − ${formatCents(before)} without`,
      after < before
        ? {}
        : {
            parts: differenceOf(
              { costed: reckoned.costed, cents: after },
              { costed: of.without.costed, cents: before },
            ),
          },
    )
    return [
      {
        item_id: item.id,
        sell_cents,
        typed_cents,
        arithmetic:
          more.length > 0
            ? usd('At most', reached, 'what is reckoned, and room above it', { parts: [asked, ...more] })
            : asked,
        basis: meant ?? { kind: 'fixed' },
        lacks: [
          ...(typed_cents === null ? [...taken.lacks, ...cannotBeBought(item.id, cut)] : []),
          ...(meant === null ? [WORK_SAYS.lacksQuantity] : []),
        ],
      },
    ]
  })
}

/**
 * Prices every item that is ours, and the job.
 *
 * Order: direct cost, overhead and profit, each figure to the cent as it is printed, the minimum per visit shared by largest
 * remainder, typed item prices, the typed job price as one adjustment, tax last. What is outside the scope line, left out, done by
 * others, stopped or waiting takes no hours and no wood, and is in no line.
 * Ends: `withheld` when the rates are not for this reader; `no-room` when overhead and profit leave nothing for the work.
 */
export function priceJob(job: JobDocument, scope: Scope, takeoff: Takeoff, cut: CutPlan): Price {
  if (job.rates === null) return { kind: 'withheld' }
  const { rates } = job
  const by = sellBy(rates)
  const probe = sellPrice(1, by)
  if (!probe.ok) return { kind: 'no-room', error: probe.error }
  const reckoned = reckon(job, rates, takeoff, cut, probe.value)
  const missing = new Map(reckoned.missing)
  const minimum = (takeoff.shared.visits * rates.minimum_per_visit_cents) as Cents
  const short = Math.max(0, minimum - addCents(...reckoned.computed)) as Cents
  const minimumShares =
    short > 0 ? shareCents(short, reckoned.computed) : reckoned.computed.map(() => 0 as Cents)
  const typed = typedOn(job)
  const ceiling = rowsOf(job.settings).ceiling_more
  const sold = scope.items.map(
    (item) => (item.row === null || item.row.sells) && item.spots.some((spot) => spot.standing === 'ours'),
  )
  const lines = scope.items.flatMap((item, index) =>
    sold[index]
      ? [
          lineOf(index, item, {
            reckoned,
            minimumShares,
            visits: takeoff.shared.visits,
            rates,
            ceiling,
            cut,
            typed,
          }),
        ]
      : [],
  )
  const apart = apartLines(job, scope, {
    rates,
    times: probe.value,
    without: reckoned,
    typed,
    ceiling,
    missing,
  })
  const priced = new Set([...lines, ...apart].map((line) => line.item_id))
  const items_cents = addCents(...lines.map((line) => line.sell_cents))
  const jobTyped = job.typed_prices.findLast((each) => each.on.kind === 'job')
  const adjustment = jobTyped
    ? { cents: (jobTyped.cents - items_cents) as Cents, reason: jobTyped.reason }
    : null
  const whole = addCents(items_cents, adjustment?.cents ?? (0 as Cents))
  const off = job.typed_prices.findLast((each) => each.on.kind === 'discount')
  const discount = off
    ? { cents: Math.min(off.cents, Math.max(0, whole)) as Cents, reason: off.reason }
    : null
  const before = addCents(whole, (0 - (discount?.cents ?? 0)) as Cents)
  const { figure: tax, rate: tax_rate } = taxOf(rates, before, reckoned.costed)
  return {
    kind: 'priced',
    lines,
    apart,
    idle: [...typed.keys()].filter((id) => !priced.has(id) && scope.items.some((item) => item.id === id)),
    items_cents,
    adjustment,
    discount,
    tax_cents: centsOf(tax),
    tax_rate,
    total_cents: addCents(before, centsOf(tax)),
    arithmetic: [tax, ...equivalents(by)],
    shared: reckoned.shared,
    missing: [...missing.keys()],
    no_rates: [...missing.values()],
    basis: `Prices are for the work listed, over the lengths given with it; what is not listed stays as it is; tax ${TAX_WORDS[rates.tax.rule]}.`,
  }
}
