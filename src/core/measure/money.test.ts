import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { dollars, formatCents, shareCents, type Cents } from './money'

test.each([
  [1.005, 101],
  [12.345, 1235],
  [-12.345, -1235],
  [0.1 + 0.2, 30],
])('%d dollars are %d cents', (amount, cents) => {
  expect(dollars(amount)).toBe(cents)
})

test('money that is no number is a broken promise', () => {
  expect(() => dollars(Number.NaN)).toThrow(RangeError)
})

test('reads with thousands', () => {
  expect(formatCents(123456789 as Cents)).toBe('$1,234,567.89')
  expect(formatCents(-5 as Cents)).toBe('-$0.05')
})

test('shares lose no cent, and none is a cent off its exact part', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 10_000_000 }),
      fc.array(fc.integer({ min: 0, max: 1_000_000 }), { minLength: 1, maxLength: 40 }),
      (total, weights) => {
        const shares = shareCents(total as Cents, weights)
        expect(shares.reduce((a, b) => a + b, 0)).toBe(total)
        const sum = weights.reduce((a, b) => a + b, 0)
        if (sum === 0) return
        shares.forEach((share, index) => {
          expect(Math.abs(share - (total * weights[index]!) / sum)).toBeLessThan(1)
        })
      },
    ),
  )
})

test('weights that come to less than one share all the same', () => {
  expect(shareCents(300 as Cents, [0.5, 0.25])).toEqual([200, 100])
  expect(shareCents(5 as Cents, [0, 0])).toEqual([3, 2])
})
