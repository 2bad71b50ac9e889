/** Money identities against the pairs printed in any estimating or accounting handbook (identities, S). */
import { expect, test } from '@jest/globals'
import { marginOf, markupOf, overheadOnCost, overheadOnSales, sellPrice } from '../../src/core/price'

test.each([
  [10, 9.09],
  [15, 13.04],
  [20, 16.67],
  [25, 20.0],
  [33.333333, 25.0],
  [50, 33.33],
  [66.666667, 40.0],
  [100, 50.0],
])('a markup of %d %% is a margin of %d %%', (markup, margin) => {
  expect(marginOf(markup / 100) * 100).toBeCloseTo(margin, 2)
  expect(markupOf(marginOf(markup / 100)) * 100).toBeCloseTo(markup, 6)
})

test('1,000 at 20 % margin sells at 1,250; at 20 % markup at 1,200', () => {
  expect(sellPrice(1000, { basis: 'cost', overhead: 0, profit: 0.2 })).toEqual({ ok: true, value: 1250 })
  expect(1000 * (1 + 0.2)).toBe(1200)
})

test('overhead told on cost and on sales is one price', () => {
  for (const onCost of [0.1, 0.35, 0.6]) {
    for (const profit of [0, 0.12, 0.2]) {
      const onSales = overheadOnSales(onCost, profit)
      const a = sellPrice(1000, { basis: 'cost', overhead: onCost, profit })
      const b = sellPrice(1000, { basis: 'sales', overhead: onSales, profit })
      if (!a.ok || !b.ok) throw new Error('no room')
      expect(a.value).toBeCloseTo(b.value, 6)
      expect(overheadOnCost(onSales, profit)).toBeCloseTo(onCost, 9)
    }
  }
})

test.each([
  ['sales', 0.75, 0.2],
  ['sales', 0.95, 0],
  ['cost', 0.35, 0.95],
] as const)('no room on %s with overhead %d and profit %d', (basis, overhead, profit) => {
  expect(sellPrice(1000, { basis, overhead, profit })).toMatchObject({
    ok: false,
    error: { kind: 'no-room' },
  })
})
