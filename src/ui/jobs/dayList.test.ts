import { expect, test } from '@jest/globals'
import type { JobRowAnswer } from '../../core/contract'
import { agoWords, dayRows, dueWords, stateTallies } from './dayList'

const today = '2026-05-06'
const row = (id: string, more: Partial<JobRowAnswer> = {}): JobRowAnswer => ({
  id,
  title: id,
  address: '',
  findings: 1,
  touched_at: '2026-05-05T10:00:00Z',
  sent: 0,
  accepted: false,
  photo: null,
  owner: null,
  archived: false,
  total_cents: null,
  is_reckoned: true,
  chosen: 1,
  reckoned: { open: 0, lacks: 0, keepOff: false },
  bid: null,
  accepted_at: null,
  in_part: false,
  asked_at: null,
  look: null,
  unpaid: null,
  standing: null,
  ...more,
})
const jobs = [
  row('ready', { total_cents: 100_00 }),
  row('new', { findings: 0, chosen: 0 }),
  row('yes', { accepted_at: '2026-05-05T10:00:00Z', total_cents: 900_00 }),
  row('also ready', { total_cents: 250_00 }),
]

test('ordered by what to do, as touched, or dearest first; only one state where that is asked', () => {
  const ids = (of: Partial<Parameters<typeof dayRows>[1]>): string[] =>
    dayRows(jobs, { today, state: null, order: 'day', ...of }).map(({ job }) => job.id)
  expect(ids({})).toEqual(['yes', 'ready', 'also ready', 'new'])
  expect(ids({ order: 'newest' })).toEqual(['ready', 'new', 'yes', 'also ready'])
  expect(ids({ order: 'sum' })).toEqual(['yes', 'also ready', 'ready', 'new'])
  expect(ids({ state: 'priced' })).toEqual(['ready', 'also ready'])
})

test('each state with its count and its sum', () => {
  expect(stateTallies(jobs, today)).toEqual([
    { state: 'new', count: 1, cents: 0 },
    { state: 'priced', count: 2, cents: 350_00 },
    { state: 'accepted', count: 1, cents: 900_00 },
  ])
})

test('days as one says them', () => {
  expect(
    ['2026-05-06', '2026-05-07', '2026-05-05', '2026-05-02', '2026-05-10', null].map((due) =>
      dueWords(due, today),
    ),
  ).toEqual(['today', 'tomorrow', 'since yesterday', '4 days late', 'in 4 days', ''])
  expect(agoWords('2026-05-06T01:00:00Z', today)).toBe('today')
  expect(agoWords('2026-04-26T01:00:00Z', today)).toBe('10 days ago')
})
