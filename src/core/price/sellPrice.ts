import { err, ok, type Result } from '../result'

export type SellError = { readonly kind: 'no-room'; readonly basis: 'cost' | 'sales'; readonly sum: number }

/** Above this share nothing sensible is left for the work itself. Firm rule. */
const NO_ROOM = 0.95

/**
 * Sell price from direct cost.
 *
 * Overhead on cost: C(1+o)/(1−p). Overhead on sales: C/(1−o−p). Profit p is always a share of the sell price.
 * Fails: `no-room` when o + p ≥ 0.95 on sales, or p ≥ 0.95 on cost.
 * Source: identities; see `tests/reference/money.test.ts`.
 *
 * @example
 * sellPrice(1000, { basis: 'cost', overhead: 0.25, profit: 0.2 }) // => ok(1562.5)
 * sellPrice(1000, { basis: 'sales', overhead: 0.3, profit: 0.2 }) // => ok(2000)
 * sellPrice(1000, { basis: 'sales', overhead: 0.75, profit: 0.2 }).error.kind // => 'no-room'
 */
export function sellPrice(
  direct: number,
  by: { basis: 'cost' | 'sales'; overhead: number; profit: number },
): Result<number, SellError> {
  if (by.basis === 'cost') {
    if (by.profit >= NO_ROOM) return err({ kind: 'no-room', basis: 'cost', sum: by.profit })
    return ok((direct * (1 + by.overhead)) / (1 - by.profit))
  }
  const sum = by.overhead + by.profit
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
