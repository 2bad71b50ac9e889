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

test('what is advised for the damage, and the fix of its source by its kit', () => {
  expect(trace.sources.map((each) => each.cause)).toContain('kick-out-missing')
  const bare = proposedBid(job, { ...trace, sources: [] })
  const whole = proposedBid(job, trace)
  const { fix } = causeOf('kick-out-missing')
  expect(fix?.method).toBe('kick-out')
  // Set-up 0.4 h and 3 h on the ground; more up a ladder, and with its share of the visit.
  expect(whole.hours - bare.hours).toBeGreaterThan(3.4)
  expect(whole.hours - bare.hours).toBeLessThan(fix!.hours[1])
  expect(bare.hours).toBeGreaterThan(0)
  // An hour sells for its cost with overhead on cost and profit on the price; goods come on top.
  const { burdened_rate_cents: cost, overhead, profit_share } = job.rates
  const anHour = (cost * (1 + overhead.share)) / (1 - profit_share)
  expect(overhead.basis).toBe('cost')
  expect(whole.cents! - bare.cents!).toBeGreaterThan(anHour * 3.4)
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
