import { hiddenRowsOf } from '../firmValues/hiddenRows'
import type { JobDocument } from '../job'
import type { Cents } from '../measure'
import { derive, type Derived } from '../pipeline'
import { chanceAbove, sellBy, sellPrice, simulation, spreadOf } from '../price'
import { hiddenCost, type FindPrice, type OpenedPlace } from './hiddenCost'

/** Houses that are drawn, and the seed they come from: the same job always says the same. */
export const RISK_HOUSES = 20_000
export const RISK_SEED = 20_260

export type Risk = {
  readonly finds: readonly FindPrice[]
  readonly mean_cents: Cents
  readonly p20_cents: Cents
  readonly p50_cents: Cents
  readonly p80_cents: Cents
  readonly p95_cents: Cents
  /** To be put by beyond what is expected. */
  readonly reserve_cents: Cents
  /** How often it would eat the whole profit, were nothing of it charged. */
  readonly eats_profit: number
  readonly profit_cents: Cents
  /** Places by how much of the spread is theirs. */
  readonly drivers: readonly (Pick<OpenedPlace, 'finding_id' | 'name' | 'where' | 'chance'> & {
    readonly mean_cents: Cents
    readonly share: number
  })[]
  readonly unknown: readonly string[]
}

const DRIVERS = 8
/** Houses drawn between two steps. */
const AT_ONCE = 1_000
const whole = (cents: number): Cents => Math.round(cents) as Cents

/** Profit in the price, and what a dollar of cost sells for; null where nothing is priced. */
function moneyOf({ job, price }: Derived): { readonly profit: number; readonly times: number } | null {
  if (price.kind !== 'priced' || !job.rates) return null
  const times = sellPrice(1, sellBy(job.rates))
  const sold = price.items_cents + (price.adjustment?.cents ?? 0)
  return times.ok ? { profit: sold * job.rates.profit_share, times: times.value } : null
}

/**
 * What may hide behind the places that this job opens, drawn many times at its own unit prices: expected, in the middle, and what is
 * enough four times of five and nineteen of twenty; which places it comes from; how often it would eat the profit.
 *
 * Ends: null where nothing is priced, or nothing is opened of which anything is known.
 */
export function riskOf(document: JobDocument, today: string): Risk | null {
  const steps = riskInSteps(document, today)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** The same in steps: what share of the houses is drawn, from 0 to 1, so that a page can show how far it is. */
export function* riskInSteps(document: JobDocument, today: string): Generator<number, Risk | null> {
  const derived = derive(document, today)
  const money = moneyOf(derived)
  const { finds, places, unknown } = hiddenCost(document, today, derived)
  if (money === null || places.length === 0) return null
  const drawn = simulation(places, {
    houses: RISK_HOUSES,
    seed: RISK_SEED,
    together: hiddenRowsOf(document.settings).together,
  })
  for (let houses = 0; houses < RISK_HOUSES; houses += AT_ONCE) {
    yield houses / RISK_HOUSES
    drawn.run(AT_ONCE)
  }
  const { totals, places: shares } = drawn.result()
  const spread = spreadOf(totals)
  return {
    finds,
    mean_cents: whole(spread.mean_cents),
    p20_cents: whole(spread.p20_cents),
    p50_cents: whole(spread.p50_cents),
    p80_cents: whole(spread.p80_cents),
    p95_cents: whole(spread.p95_cents),
    reserve_cents: whole(spread.reserve_cents),
    // What hides costs the firm less than it sells for.
    eats_profit: chanceAbove(totals, money.profit * money.times),
    profit_cents: whole(money.profit),
    drivers: shares
      .map(({ mean_cents, share }, index) => {
        const { finding_id, name, where, chance } = places[index]!
        return { finding_id, name, where, chance, mean_cents: whole(mean_cents), share }
      })
      .toSorted((a, b) => b.share - a.share)
      .slice(0, DRIVERS),
    unknown,
  }
}
