import { expect, test } from '@jest/globals'
import { workItem } from '../../../tests/support/jobs'
import { jobOf } from '../../../tests/cases/build'
import { startingRates } from '../job'
import { causeOf, traceJob } from '../trace'
import { proposedBid } from './proposedBid'

const kick =
  'lap-siding | A 20 100 | roof-ends-on-wall-no-diverter fan-stain-below-roof-end soft-below-roof-end'
const job = { ...jobOf({ title: 'kick-out', found: [kick], cause: null }), rates: startingRates() }
const trace = traceJob(job)

test('what is advised for the damage, and the fix of its source at its hours', () => {
  expect(trace.sources.map((each) => each.cause)).toContain('kick-out-missing')
  const bare = proposedBid(job, { ...trace, sources: [] })
  const whole = proposedBid(job, trace)
  const { fix } = causeOf('kick-out-missing')
  expect(fix?.method).toBeNull()
  expect(whole.hours - bare.hours).toBeCloseTo((fix!.hours[0] + fix!.hours[1]) / 2, 9)
  expect(bare.hours).toBeGreaterThan(0)
  // Shipped rates: cost of an hour, overhead on cost, profit on the price; worked by hand from the settings.
  const { burdened_rate_cents: cost, overhead, profit_share } = job.rates
  const anHour = (cost * (1 + overhead.share)) / (1 - profit_share)
  expect(overhead.basis).toBe('cost')
  expect(whole.cents! - bare.cents!).toBeCloseTo(anHour * (whole.hours - bare.hours), -1)
})

test('a fix the owner declined is not in it', () => {
  const [source] = trace.sources.filter((each) => each.cause === 'kick-out-missing')
  const declined = {
    ...job,
    source_decisions: [
      {
        id: 'no',
        removed: false,
        cause: 'kick-out-missing',
        finding_ids: [...source!.finding_ids],
        decision: 'declined' as const,
        by: 'Orla Fennimore',
        reason: '',
      },
    ],
  }
  expect(proposedBid(declined, trace).hours).toBeLessThan(proposedBid(job, trace).hours)
})

test('a repair that was chosen is priced as chosen, and not proposed again', () => {
  const chosen = {
    ...job,
    work_items: [workItem('mine', { finding_ids: ['finding-1'], method: 'watch', component: 'lap-siding' })],
  }
  expect(proposedBid(chosen, trace).hours).toBeLessThan(proposedBid(job, trace).hours)
})

test('who does not see money gets hours', () => {
  expect(proposedBid({ ...job, rates: null }, trace)).toMatchObject({ cents: null })
})
