import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { formatCents, type Cents } from './money'
import { parseMoney } from './parseMoney'

test.each([
  ['4200', 420_000],
  ['4,200', 420_000],
  [' $ 4,200.5 ', 420_050],
  ['0', 0],
  ['0.07', 7],
  ['100000000', 10_000_000_000],
])('reads %j', (text, cents) => {
  expect(parseMoney(text)).toEqual({ ok: true, value: cents })
})

test.each([
  ['', 'not-money'],
  ['-5', 'not-money'],
  ['1.234', 'not-money'],
  ['1e3', 'not-money'],
  ['100000001', 'too-much'],
])('refuses %j as %s', (text, kind) => {
  const read = parseMoney(text)
  expect(read.ok ? null : read.error.kind).toBe(kind)
})

test('what is written is read back', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 10_000_000_000 }), (cents) => {
      expect(parseMoney(formatCents(cents as Cents))).toEqual({ ok: true, value: cents })
    }),
  )
})
