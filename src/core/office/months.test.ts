import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { outcomeOf, tellMonths, type SentJob } from './months'

const TODAY = '2027-03-15'
const sent = (of: Partial<SentJob>): SentJob => ({
  first_sent_at: '2027-01-20T10:00:00.000Z',
  total_cents: 100_000,
  accepted_at: null,
  until: '2027-04-01',
  standing: null,
  ...of,
})

test.each([
  ['a yes', { accepted_at: '2027-02-01T00:00:00.000Z' }, 'won'],
  [
    'a yes to a bid that would have run out since',
    { accepted_at: '2027-02-01T00:00:00.000Z', until: '2027-02-20' },
    'won',
  ],
  ['a date set by telephone', { standing: 'scheduled' }, 'won'],
  [
    'a no, whatever was accepted before',
    { accepted_at: '2027-02-01T00:00:00.000Z', standing: 'declined' },
    'lost',
  ],
  ['run out', { until: '2027-03-14' }, 'lost'],
  ['on its last day', { until: TODAY }, 'open'],
] as const)('%s is %s', (_, of, outcome) => {
  expect(outcomeOf(sent(of), TODAY)).toBe(outcome)
})

test('an answer counts in the month its bid went out, and months without bids are there', () => {
  const told = tellMonths(
    [
      sent({ accepted_at: '2027-03-02T00:00:00.000Z' }),
      sent({ standing: 'declined', total_cents: 300_000 }),
      sent({ first_sent_at: '2027-03-01T00:00:00.000Z', total_cents: 50_000 }),
      sent({ first_sent_at: '2026-01-01T00:00:00.000Z', accepted_at: '2026-02-01T00:00:00.000Z' }),
    ],
    TODAY,
    4,
  )
  expect(told.months.map((each) => each.month)).toEqual(['2026-12', '2027-01', '2027-02', '2027-03'])
  expect(told.months[1]).toEqual({
    month: '2027-01',
    count: { won: 1, open: 0, lost: 1 },
    cents: { won: 100_000, open: 0, lost: 300_000 },
  })
  expect(told.won).toEqual({ count: 1, of: 2, cents: 100_000, of_cents: 400_000 })
  expect(told.open).toEqual({ count: 1, cents: 50_000 })
})

test('while nothing has ended there is no share', () => {
  expect(tellMonths([sent({})], TODAY).won).toBeNull()
  expect(tellMonths([], TODAY)).toMatchObject({ won: null, open: { count: 0, cents: 0 } })
})

test('no bid of the months shown is lost from the count, none is counted twice', () => {
  const job = fc.record({
    first_sent_at: fc
      .integer({ min: 0, max: 364 })
      .map((days) => new Date(Date.parse('2026-04-01') + days * 86_400_000).toISOString()),
    total_cents: fc.nat(10_000_000),
    accepted_at: fc.constantFrom(null, '2027-02-01T00:00:00.000Z'),
    until: fc.constantFrom(null, '2027-01-01', '2027-12-01'),
    standing: fc.constantFrom(null, 'scheduled' as const, 'closed' as const, 'declined' as const),
  })
  fc.assert(
    fc.property(fc.array(job, { maxLength: 40 }), (jobs) => {
      const { months, won, open } = tellMonths(jobs, '2027-03-31')
      const cents = months.reduce((sum, { cents: of }) => sum + of.won + of.open + of.lost, 0)
      expect(cents).toBe(jobs.reduce((sum, each) => sum + each.total_cents, 0))
      expect((won?.of ?? 0) + open.count).toBe(jobs.length)
    }),
  )
})
