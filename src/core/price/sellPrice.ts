import type { EntityOf } from '../job'
import { err, ok, type Result } from '../result'

export type SellError = { readonly kind: 'no-room'; readonly basis: 'cost' | 'sales'; readonly sum: number }

/** Above this share nothing sensible is left for the work itself. Firm rule. */
const NO_ROOM = 0.95

/** What turns cost into price: shares of cost or of sales, as a firm reckons. */
export type SellBy = {
  readonly basis: 'cost' | 'sales'
  readonly overhead: number
  readonly profit: number
  /** Of the price, what is put by for claims and what the card company keeps. */
  readonly kept?: number
}

type Rates = EntityOf['rates']

/** How these rates turn cost into price. */
export function sellBy({ overhead, profit_share, warranty_reserve_share, card_fee_share }: Rates): SellBy {
  const kept = Math.round((warranty_reserve_share + card_fee_share) * 1e6) / 1e6
  return { basis: overhead.basis, overhead: overhead.share, profit: profit_share, kept }
}

/**
 * Sell price from direct cost.
 *
 * Overhead on cost: C(1+o)/(1−p−k). Overhead on sales: C/(1−o−p−k). Profit p and what is kept back k are shares of the sell price.
 * Fails: `no-room` when o + p + k ≥ 0.95 on sales, or p + k ≥ 0.95 on cost.
 * Source: identities; see `tests/reference/money.test.ts`.
 *
 * @example
 * sellPrice(1000, { basis: 'cost', overhead: 0.25, profit: 0.2 }) // => ok(1562.5)
 * sellPrice(1000, { basis: 'sales', overhead: 0.3, profit: 0.2 }) // => ok(2000)
 * sellPrice(1000, { basis: 'sales', overhead: 0.3, profit: 0.15, kept: 0.05 }) // => ok(2000)
 * sellPrice(1000, { basis: 'sales', overhead: 0.75, profit: 0.2 }).error.kind // => 'no-room'
 */
export function sellPrice(direct: number, by: SellBy): Result<number, SellError> {
  const ofPrice = by.profit + (by.kept ?? 0)
  if (by.basis === 'cost') {
    if (ofPrice >= NO_ROOM) return err({ kind: 'no-room', basis: 'cost', sum: ofPrice })
    return ok((direct * (1 + by.overhead)) / (1 - ofPrice))
  }
  const sum = by.overhead + ofPrice
  if (sum >= NO_ROOM - 1e-12) return err({ kind: 'no-room', basis: 'sales', sum })
  return ok(direct / (1 - sum))
}

/**
 * Margin (share of price) that a markup (share of cost) makes.
 *
 * @example
 * marginOf(0.25) // => 0.2
 */
export function marginOf(markup: number): number {
  return markup / (1 + markup)
}

/**
 * Markup (share of cost) that makes a margin (share of price).
 *
 * @example
 * markupOf(0.5) // => 1
 */
export function markupOf(margin: number): number {
  return margin / (1 - margin)
}

/**
 * The overhead on sales that gives the same price as an overhead on cost, and the other way round, at one profit.
 *
 * From C(1+o)/(1−p) = C/(1−s−p): s = (1−p)·o/(1+o).
 */
export function overheadOnSales(onCost: number, profit: number): number {
  return ((1 - profit) * onCost) / (1 + onCost)
}
export function overheadOnCost(onSales: number, profit: number): number {
  return onSales / (1 - profit - onSales)
}
