import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { clockAt, momentAt } from './zoned'

const ZONES = ['UTC', 'America/Los_Angeles', 'America/St_Johns', 'Australia/Lord_Howe', 'Asia/Kathmandu']

test('a moment said by the wall clock of its place is that moment again', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...ZONES),
      fc.integer({ min: Date.UTC(2024, 0, 1), max: Date.UTC(2030, 0, 1) }),
      (zone, ms) => {
        const moment = `${new Date(Math.floor(ms / 60_000) * 60_000).toISOString().slice(0, 19)}Z`
        const clock = clockAt(moment, zone)
        const back = momentAt(clock, zone)!
        // Where a clock reading comes twice the first of the two is meant.
        expect(clockAt(back, zone)).toBe(clock)
        expect(Date.parse(back)).toBeLessThanOrEqual(Date.parse(moment))
      },
    ),
  )
})

test('the skipped hour of spring, the doubled one of autumn', () => {
  // 2026: the clocks of the American west go on at two on March 8th, and back on November 1st.
  expect(momentAt('2026-03-08T02:30', 'America/Los_Angeles')).toBe('2026-03-08T10:30:00Z')
  expect(momentAt('2026-11-01T01:30', 'America/Los_Angeles')).toBe('2026-11-01T08:30:00Z')
  expect(momentAt('2026-11-01T02:30', 'America/Los_Angeles')).toBe('2026-11-01T10:30:00Z')
})

test('what is no clock reading is none, and an unknown zone is UTC', () => {
  expect([momentAt('2026-13-01T08:00', 'UTC'), momentAt('', 'UTC'), momentAt('08:00', 'UTC')]).toEqual([
    null,
    null,
    null,
  ])
  expect(clockAt('2026-06-01T15:00:00Z', 'Nowhere/At_All')).toBe('2026-06-01T15:00')
})
