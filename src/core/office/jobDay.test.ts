import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { byDay, daysBetween, daysOn, jobDay, type JobFacts } from './jobDay'

const EMPTY: JobFacts = {
  findings: 0,
  chosen: 0,
  reckoned: null,
  bid: null,
  accepted_at: null,
  asked_at: null,
  standing: null,
  look: null,
  unpaid: null,
}
const SENT = { sent_at: '2026-05-04T09:00:00Z', seen_at: null, until: '2026-06-03' }
const seen = { ...SENT, seen_at: '2026-05-05T18:00:00Z' }
const reckoned = { open: 0, lacks: 0, keepOff: false }

test.each([
  ['nothing yet', EMPTY, 'new', 'Walk the house', 'next'],
  ['found, nothing chosen', { ...EMPTY, findings: 3 }, 'walked', 'Choose the repairs', 'next'],
  [
    'something to keep off',
    { ...EMPTY, findings: 3, reckoned: { ...reckoned, keepOff: true } },
    'walked',
    'Tell them to keep off',
    'next',
  ],
  [
    'chosen, half open',
    { ...EMPTY, findings: 3, chosen: 2, reckoned: { ...reckoned, open: 1, lacks: 1 } },
    'priced',
    'Finish the bid',
    'next',
  ],
  ['ready', { ...EMPTY, findings: 3, chosen: 2, reckoned }, 'priced', 'Send the bid', 'next'],
  ['sent', { ...EMPTY, bid: SENT }, 'sent', 'Ask whether it came', 'waiting'],
  ['opened', { ...EMPTY, bid: seen }, 'seen', 'Ask about the bid', 'waiting'],
  ['yes', { ...EMPTY, bid: seen, accepted_at: '2026-05-05T20:00:00Z' }, 'accepted', 'Set a date', 'next'],
  [
    'date set',
    { ...EMPTY, standing: { state: 'scheduled', on: '2026-05-20' } },
    'scheduled',
    'Begin',
    'waiting',
  ],
  ['done', { ...EMPTY, standing: { state: 'closed', on: '2026-05-20' } }, 'closed', undefined, 'done'],
  [
    'no',
    { ...EMPTY, bid: seen, standing: { state: 'declined', on: '2026-05-06' } },
    'declined',
    undefined,
    'done',
  ],
] as const)('%s', (_, facts, state, verb, group) => {
  const day = jobDay(facts, '2026-05-06')
  expect([day.state, day.step?.verb, day.group]).toEqual([state, verb, group])
})

test('a follow-up falls due by itself: unopened after 3 days, unanswered after 7, and before the bid runs out', () => {
  const due = (facts: JobFacts): string | null | undefined => jobDay(facts, '2026-05-06').step?.due
  expect(due({ ...EMPTY, bid: SENT })).toBe('2026-05-07')
  expect(due({ ...EMPTY, bid: seen })).toBe('2026-05-12')
  expect(due({ ...EMPTY, bid: { ...seen, until: '2026-05-15' } })).toBe('2026-05-10')
  expect(jobDay({ ...EMPTY, bid: seen }, '2026-05-12').group).toBe('next')
  expect(jobDay({ ...EMPTY, bid: seen }, '2026-06-03').state).toBe('seen')
  expect(jobDay({ ...EMPTY, bid: seen }, '2026-06-04')).toMatchObject({ state: 'expired', group: 'next' })
})

test('a look that was promised after the work comes up a fortnight before its day, and not a year', () => {
  const closed: JobFacts = {
    ...EMPTY,
    standing: { state: 'closed', on: '2026-05-01' },
    look: { what: 'Look at all of it', due: '2026-06-20' },
  }
  expect(jobDay(closed, '2026-06-05')).toMatchObject({ step: null, group: 'done' })
  expect(jobDay(closed, '2026-06-06')).toMatchObject({ step: { verb: 'Look again' }, group: 'waiting' })
  expect(jobDay(closed, '2026-06-20')).toMatchObject({ step: { why: 'Look at all of it' }, group: 'next' })
  expect(jobDay({ ...closed, look: null }, '2026-06-20').step).toBeNull()
})

test('money that is late comes before the work; what is open of a done job waits for its day', () => {
  const unpaid = { number: 2, due: '2026-05-10' }
  const scheduled: JobFacts = { ...EMPTY, standing: { state: 'scheduled', on: '2026-05-20' }, unpaid }
  expect(jobDay(scheduled, '2026-05-10').step?.verb).toBe('Begin')
  expect(jobDay(scheduled, '2026-05-11')).toMatchObject({
    step: { verb: 'Ask for the money', why: 'invoice 2 is late', due: '2026-05-11' },
    group: 'next',
  })
  const closed: JobFacts = { ...EMPTY, standing: { state: 'closed', on: '2026-05-01' }, unpaid }
  expect(jobDay(closed, '2026-05-06')).toMatchObject({ step: { why: 'invoice 2 is open' }, group: 'waiting' })
  expect(jobDay(closed, '2026-05-11').group).toBe('next')
  // A bid nobody said yes to has no money to ask for.
  expect(jobDay({ ...EMPTY, bid: seen, unpaid }, '2026-05-20').step?.verb).toBe('Ask about the bid')
})

test('what may hurt somebody stands above a yes, a yes above a bid to send, and what waits below all', () => {
  const today = '2026-05-06'
  const days = [
    { ...EMPTY, bid: seen },
    { ...EMPTY, findings: 1, chosen: 1, reckoned },
    { ...EMPTY, bid: seen, accepted_at: '2026-05-05T20:00:00Z' },
    { ...EMPTY, findings: 1, reckoned: { ...reckoned, keepOff: true } },
  ].map((facts) => jobDay(facts, today))
  expect(days.toSorted(byDay).map((day) => day.step?.verb)).toEqual([
    'Tell them to keep off',
    'Set a date',
    'Send the bid',
    'Ask about the bid',
  ])
})

test('days on and between agree, over any month and year', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 20_000 }), fc.integer({ min: -800, max: 800 }), (from, by) => {
      const day = daysOn('1990-01-01', from)
      expect(daysBetween(day, daysOn(day, by))).toBe(by)
    }),
  )
})
