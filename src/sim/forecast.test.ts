import { expect, test } from '@jest/globals'
import { dayAfter } from '../core/measure'
import { forecast, FORECAST_DAYS } from './forecast'

test('the same days are the same whoever asks, and from whichever day', () => {
  const first = forecast('2026-11-02').days
  expect(first).toHaveLength(FORECAST_DAYS)
  expect(forecast('2026-11-02').days).toEqual(first)
  expect(forecast('2026-11-05').days[0]).toEqual(first[3])
})

test('winter is wetter than summer', () => {
  const wet = (from: string): number =>
    Array.from({ length: 20 }, (_, year) => forecast(dayAfter(from, 365 * year)).days)
      .flat()
      .filter(({ sky }) => sky === 'wet').length
  expect(wet('2026-12-05')).toBeGreaterThan(2 * wet('2026-07-05'))
  expect(wet('2026-07-05')).toBeGreaterThan(0)
})
