import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { derive } from '../../core/pipeline'
import {
  CHOSEN_FILTERS,
  CHOSEN_ORDERS,
  orderChosen,
  type ChosenFilter,
  type ChosenOrder,
} from './orderChosen'

test.each(Object.entries(DEMO_JOBS))(
  'every piece of work of %s stands once, whatever the order',
  (_, make) => {
    const derived = derive(make(), '2026-05-05')
    for (const order of Object.keys(CHOSEN_ORDERS) as ChosenOrder[]) {
      const counts = (Object.keys(CHOSEN_FILTERS) as ChosenFilter[]).map((filter) => {
        const { groups, shown } = orderChosen(derived, { order, filter })
        const ids = groups.flatMap(({ items }) => items.map(({ id }) => id))
        expect([new Set(ids).size, ids.length]).toEqual([shown, shown])
        return shown
      })
      expect(counts[0]).toBe(derived.scope.items.length)
      expect(counts[1]! + counts[2]!).toBe(counts[0])
    }
  },
)

test('dearest first goes down in price', () => {
  const derived = derive(DEMO_JOBS['alder-house'](), '2026-05-05')
  if (derived.price.kind !== 'priced') throw new Error('no price')
  const cents = new Map(derived.price.lines.map((line) => [line.item_id, line.sell_cents]))
  const order = orderChosen(derived, { order: 'dearest', filter: 'in' }).groups[0]!.items.map(
    ({ id }) => cents.get(id) ?? 0,
  )
  expect(order).toEqual(order.toSorted((a, b) => b - a))
})
