import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { parseMonth } from './parseSaid'
import { monthsBetween, monthWords, type Month } from './months'

const TODAY = '2026-05-04'

test.each([
  ['2024', { year: 2024, month: null }],
  ['in 2021', { year: 2021, month: null }],
  ['May 2024', { year: 2024, month: 5 }],
  ['since november', { year: 2025, month: 11 }],
  ['March', { year: 2026, month: 3 }],
  ['5/2024', { year: 2024, month: 5 }],
  ['2024-11', { year: 2024, month: 11 }],
  ['last year', { year: 2025, month: null }],
  ['two years ago', { year: 2024, month: null }],
  ['3 months ago', { year: 2026, month: 2 }],
  ['six months ago', { year: 2025, month: 11 }],
  ['last month', { year: 2026, month: 4 }],
  ['last winter', { year: 2026, month: 1 }],
  ['last fall', { year: 2025, month: 10 }],
  ['winter 2023', { year: 2023, month: 1 }],
  ['yesterday', { year: 2026, month: 5 }],
  ['Nov 3 2025', { year: 2025, month: 11 }],
])('%s', (text, month) => {
  expect(parseMonth(text, TODAY)).toEqual({ ok: true, value: month })
})

test.each(['soon', '13/2024', '', 'years ago', '99'])('“%s” is no month', (text) => {
  expect(parseMonth(text, TODAY).ok).toBe(false)
})

test('what is shown is read again as the same', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1700, max: 2026 }),
      fc.option(fc.integer({ min: 1, max: 12 })),
      (year, month) => {
        expect(parseMonth(monthWords({ year, month }), TODAY)).toEqual({ ok: true, value: { year, month } })
      },
    ),
  )
})

const month = fc.record({
  year: fc.integer({ min: 1900, max: 2026 }),
  month: fc.option(fc.integer({ min: 1, max: 12 })),
})

test('between two months lies one span, the same from both ends', () => {
  fc.assert(
    fc.property(month, month, (a: Month, b: Month) => {
      const [least, most] = monthsBetween(a, b)
      const [back_least, back_most] = monthsBetween(b, a)
      expect(least).toBeLessThanOrEqual(most)
      expect([-most, -least].map((each) => each + 0)).toEqual([back_least, back_most].map((each) => each + 0))
    }),
  )
})
