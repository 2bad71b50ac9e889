import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { ballpark } from '../ballpark'
import { startingRates } from '../job'
import { feet, type Cents } from '../measure'
import { emptyJob } from '../../../tests/support/jobs'
import { fitRates, MET_WITHIN, type Remembered } from './fitRates'

const job = emptyJob('fit', '')
const WORK = [
  { component: 'fascia', length: feet(24), height: feet(9), count: 1 },
  { component: 'lap-siding', length: feet(12), height: feet(5), count: 4 },
  { component: 'window-sill', length: feet(4), height: feet(3), count: 3 },
  { component: 'corner-board', length: feet(9), height: feet(1), count: 2 },
  { component: 'deck-board', length: feet(12), height: feet(2), count: 8 },
] as const

/** What a firm with these rates would have asked. */
function askedBy(rates: ReturnType<typeof startingRates>): Remembered[] {
  return WORK.map((of) => {
    const found = ballpark({ ...job, rates }, of)
    if (found.kind !== 'priced') throw new Error(found.kind)
    return { ...of, asked_cents: found.typical }
  })
}

test('a firm’s own prices give its hour and its overhead back', () => {
  fc.assert(
    fc.property(fc.integer({ min: 30, max: 110 }), fc.integer({ min: 10, max: 90 }), (hour, overhead) => {
      const theirs = {
        ...startingRates(),
        burdened_rate_cents: (hour * 100) as Cents,
        overhead: { basis: 'cost' as const, share: overhead / 100 },
        minimum_per_visit_cents: 0 as Cents,
      }
      const fit = fitRates(job, { ...startingRates(), minimum_per_visit_cents: 0 as Cents }, askedBy(theirs))
      if (fit.kind !== 'fitted') throw new Error(fit.kind)
      expect(fit.worst).toBeLessThan(0.01)
      expect(fit.rates.burdened_rate_cents / 100 / hour).toBeCloseTo(1, 1)
    }),
    { numRuns: 15 },
  )
})

test('prices a few per cent beside any rates are met within five per cent, and each misfit is shown', () => {
  const asked = askedBy(startingRates()).map((each, at) => ({
    ...each,
    asked_cents: Math.round(each.asked_cents * 1.2 * (1 + (at % 2 === 0 ? 0.03 : -0.03))) as Cents,
  }))
  const fit = fitRates(job, startingRates(), asked)
  if (fit.kind !== 'fitted') throw new Error(fit.kind)
  expect(fit.worst).toBeLessThanOrEqual(MET_WITHIN)
  fit.jobs.forEach((each, at) =>
    expect(each.misfit).toBeCloseTo(each.reckoned_cents! / asked[at]!.asked_cents - 1, 9),
  )
})

test('prices that do not hang together are not met, and it says by how much', () => {
  const asked = askedBy(startingRates()).map((each, at) => ({
    ...each,
    asked_cents: (each.asked_cents * (at === 0 ? 6 : 1)) as Cents,
  }))
  const fit = fitRates(job, startingRates(), asked)
  expect(fit.kind === 'fitted' && fit.worst).toBeGreaterThan(0.3)
})

test('jobs that are all alike tell labour from nothing: only the hour is fitted, overhead stays', () => {
  const [first] = askedBy(startingRates())
  const fit = fitRates(
    job,
    startingRates(),
    [first!, first!].map((each) => ({ ...each, asked_cents: Math.round(each.asked_cents * 1.1) as Cents })),
  )
  if (fit.kind !== 'fitted') throw new Error(fit.kind)
  expect(fit.splitsOverhead).toBe(false)
  expect(fit.rates.overhead.share).toBe(startingRates().overhead.share)
  expect(fit.worst).toBeLessThan(0.01)
})

test('one job is too few; what has no recipe is said', () => {
  expect(fitRates(job, startingRates(), askedBy(startingRates()).slice(0, 1))).toEqual({ kind: 'too-few' })
  const odd = { component: 'other', length: feet(3), height: feet(3), count: 1, asked_cents: 100_00 as Cents }
  expect(fitRates(job, startingRates(), [odd, odd])).toMatchObject({ kind: 'no-price' })
})

test('no overhead beyond what a firm may have is made up to meet prices', () => {
  const asked = askedBy(startingRates()).map((each) => ({
    ...each,
    asked_cents: (each.asked_cents * 10) as Cents,
  }))
  const fit = fitRates(job, startingRates(), asked)
  if (fit.kind !== 'fitted') throw new Error(fit.kind)
  expect(fit.rates.overhead.share).toBeLessThanOrEqual(2)
  expect(fit.rates.burdened_rate_cents).toBeLessThanOrEqual(250_00)
  expect(fit.worst).toBeGreaterThan(MET_WITHIN)
})
