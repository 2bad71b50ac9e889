import { expect, test } from '@jest/globals'
import { at, house, mend, priced } from '../../../tests/support/priced'
import { callOut, TRADES } from './callOut'

test('what is referred costs nothing; the trade’s visit beside it has its price, and mends nothing', () => {
  const ledger = at(1, 'ledger')
  const referred = mend('r', [ledger], 'refer')
  const without = house({ findings: [ledger], work_items: [referred] })
  const visit = callOut(without.scope.items[0]!, 'engineer-visit', 'v')
  const made = house({ findings: [ledger], work_items: [referred, visit] })
  const line = priced(made).lines.find((each) => each.item_id === 'v')!
  expect(line.lacks).toEqual([])
  expect(priced(made).total_cents).toBeGreaterThan(
    without.price.kind === 'priced' ? without.price.total_cents : 0,
  )
  expect(made.scope.items.find((item) => item.id === 'r')!.standing).not.toBe('ours')
  // It stands under the side that its words begin with.
  const headed = made.bid.items.find(({ id }) => id === 'v')
  expect(headed?.group).toBe(made.bid.beside.find(({ id }) => id === 'r')?.group)
  expect(made.cut.goods.find(({ good }) => good === 'engineer-visit')).toMatchObject({
    kind: 'trade',
    used: 1,
  })
})

test('every trade that comes can be called out', () => {
  expect(TRADES.map(({ id }) => id)).toEqual(
    expect.arrayContaining([
      'engineer-visit',
      'roofer-visit',
      'pest-visit',
      'plumber-visit',
      'electrician-visit',
    ]),
  )
})
