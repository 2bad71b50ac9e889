import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Cents } from '../measure'
import { paymentsOf } from './payments'

const of = (shares: readonly number[], more: Partial<Parameters<typeof paymentsOf>[1]> = {}) => ({
  stages: shares.map((share, at) => ({ when: `stage ${at + 1}`, share })),
  deposit_limit_share: null,
  deposit_limit_cents: null,
  ...more,
})
const due = (total: number, by: ReturnType<typeof of>): number[] =>
  paymentsOf(total as Cents, by).map(({ cents }) => cents)

test.each<[string, number, ReturnType<typeof of>, number[]]>([
  // $39,027.68: 30 % is 11,708.304, 40 % 15,611.072, 30 % 11,708.304; the cent over goes to the largest rest, the first of equals.
  ['to the cent', 3_902_768, of([0.3, 0.4, 0.3]), [1_170_831, 1_561_107, 1_170_830]],
  [
    'a law that lets a tenth be asked: the rest goes to the end',
    100_000,
    of([0.3, 0.4, 0.3], { deposit_limit_share: 0.1 }),
    [10_000, 40_000, 50_000],
  ],
  [
    'and no more than $60',
    100_000,
    of([0.3, 0.4, 0.3], { deposit_limit_share: 0.1, deposit_limit_cents: 6000 as Cents }),
    [6000, 40_000, 54_000],
  ],
  ['one payment alone is at the end', 100_000, of([1], { deposit_limit_share: 0.1 }), [100_000]],
  [
    'nothing first where nothing may be asked',
    100_000,
    of([0.5, 0.5], { deposit_limit_share: 0 }),
    [100_000],
  ],
  ['none agreed in figures', 100_000, of([]), []],
])('%s', (_, total, by, cents) => {
  expect(due(total, by)).toEqual(cents)
})

test('it always comes to the total, and the first never to more than the law', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 9_000_000 }),
      fc.integer({ min: 0, max: 100 }),
      fc.integer({ min: 0, max: 100 }),
      (total, a, limit) => {
        const by = of([a / 100, (100 - a) / 100], { deposit_limit_share: limit / 100 })
        const paid = paymentsOf(total as Cents, by)
        expect(paid.reduce((sum, { cents }) => sum + cents, 0)).toBe(total)
        const first = paid.find(({ when }) => when === 'stage 1')?.cents ?? 0
        expect(first).toBeLessThanOrEqual(Math.floor((total * limit) / 100 + 1e-6))
      },
    ),
  )
})
