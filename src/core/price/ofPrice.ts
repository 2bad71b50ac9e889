import type { Figure } from '../explain/figure'
import type { EntityOf } from '../job'
import { formatCents, type Cents } from '../measure'
import { shown, usd } from './cost'
import { marginOf, overheadOnCost, overheadOnSales, sellBy, type SellBy } from './sellPrice'

type Rates = EntityOf['rates']

/** What turns cost into price, in words that can be multiplied. */
function sellWords({ basis, overhead, profit, kept = 0 }: SellBy): string {
  const [o, p] = [shown(overhead, 4), shown(profit, 4)]
  const k = kept > 0 ? ` − ${shown(kept, 4)}` : ''
  return basis === 'cost' ? `× (1 + ${o}) ÷ (1 − ${p}${k})` : `÷ (1 − ${o} − ${p}${k})`
}

const part = (label: string, sold: Cents, share: number): Figure =>
  usd(label, Math.round(sold * share) as Cents, `${formatCents(sold)} × ${shown(share * 100, 4)} %`, {
    source: 'firm setting',
  })

/** What stands on top of cost, and what of it is profit, what is put by and what runs the firm. */
export function overheadAndProfit(direct: Cents, sold: Cents, rates: Rates): Figure {
  const taken = [
    part('Profit', sold, rates.profit_share),
    ...(rates.warranty_reserve_share > 0
      ? [part('Put by for claims', sold, rates.warranty_reserve_share)]
      : []),
    ...(rates.card_fee_share > 0 ? [part('Card fee', sold, rates.card_fee_share)] : []),
  ]
  const over = (sold - direct) as Cents
  const rest = (over - taken.reduce((sum, { value }) => sum + Math.round(value * 100), 0)) as Cents
  return usd(
    'Overhead and profit',
    over,
    `${formatCents(direct)} ${sellWords(sellBy(rates))} = ${formatCents(sold)}, less the cost`,
    {
      source: 'firm setting',
      parts: [usd('Overhead', rest, 'what is left of it to run the firm'), ...taken],
    },
  )
}

/** What work by the hour may come to beyond what is reckoned, before it is asked about again. */
export function ceilingFigure(sold: Cents, share: number): Figure {
  return usd(
    'Up to the ceiling',
    Math.round(sold * share) as Cents,
    `${formatCents(sold)} × ${shown(share * 100, 4)} %: never charged unless it is worked`,
    { source: 'firm setting' },
  )
}

/** Overhead told on cost and on sales, and the same price as markup and as margin. */
export function equivalents(by: SellBy): Figure[] {
  const ofPrice = by.profit + (by.kept ?? 0)
  const onCost = by.basis === 'cost' ? by.overhead : overheadOnCost(by.overhead, ofPrice)
  const onSales = by.basis === 'sales' ? by.overhead : overheadOnSales(by.overhead, ofPrice)
  const markup = (1 + onCost) / (1 - ofPrice) - 1
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
    {
      label: 'Markup',
      value: markup * 100,
      unit: '%',
      how: 'what stands on top of cost, as a share of cost',
      source: 'identity',
    },
    {
      label: 'Margin',
      value: marginOf(markup) * 100,
      unit: '%',
      how: 'the same, as a share of the price',
      source: 'identity',
    },
  ]
}
