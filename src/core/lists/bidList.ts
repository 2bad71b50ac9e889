import type { BidModel } from '../bid'
import type { Cell, List } from './lists'

const dollars = (cents: number): number => cents / 100

/**
 * A bid as a table: what, where, how much, its price, and the total as a sum that a spreadsheet reckons itself. What is not in the
 * price stands after the total, options with what they add.
 */
export function bidList(model: BidModel): List {
  const places = new Map(model.groups.map(({ id, name }) => [id, name]))
  const priced: Cell[][] = model.items.map((item) => [
    places.get(item.group) ?? '',
    item.title,
    item.where,
    item.quantity,
    item.findings.join(', '),
    dollars(item.price_cents),
  ])
  const besides: Cell[][] = [
    ...(model.adjustment
      ? [['', 'Adjustment', model.adjustment.reason, '', '', dollars(model.adjustment.cents)]]
      : []),
    ...(model.discount
      ? [['', 'Discount', model.discount.reason, '', '', dollars(0 - model.discount.cents)]]
      : []),
    ...(model.tax_cents > 0 ? [['', 'Sales tax', '', '', '', dollars(model.tax_cents)]] : []),
  ]
  const summed = [...priced, ...besides]
  const total: Cell[][] = summed.length > 0 ? [['', 'Total', '', '', '', { sumOf: summed.length }]] : []
  const beside: Cell[][] = model.beside.map((item) => [
    places.get(item.group) ?? '',
    item.title,
    `${item.where}: ${item.takeable ? 'may be chosen' : item.why}`,
    item.quantity,
    item.findings.join(', '),
    item.price_cents === null ? '' : dollars(item.price_cents),
  ])
  const looks: Cell[][] = model.looks.map(({ says, price_cents }) => [
    '',
    says,
    'may be chosen',
    '',
    '',
    dollars(price_cents),
  ])
  return {
    id: 'bid',
    name: 'Bid',
    columns: ['place', 'work', 'where', 'how much', 'spots', 'price in dollars'],
    rows: [...summed, ...total, ...beside, ...looks],
  }
}
