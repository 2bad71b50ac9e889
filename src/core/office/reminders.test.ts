import { expect, test } from '@jest/globals'
import { reminderDue, type OpenBid } from './reminders'

const bid: OpenBid = { sent_on: '2026-05-01', seen_on: null, until: '2026-05-31', asked: false, reminded: [] }

test.each<[string, Partial<OpenBid>, string, string | null]>([
  ['three days after it was sent', {}, '2026-05-04', null],
  ['four days, never opened', {}, '2026-05-05', 'unseen'],
  ['the same once more', { reminded: ['unseen'] }, '2026-05-09', null],
  ['opened, six days ago', { seen_on: '2026-05-03' }, '2026-05-09', null],
  ['opened, seven days ago', { seen_on: '2026-05-03' }, '2026-05-10', 'unanswered'],
  [
    'three days before its end',
    { seen_on: '2026-05-03', reminded: ['unanswered'] },
    '2026-05-28',
    'runs-out',
  ],
  ['on its last day', { reminded: ['unseen'] }, '2026-05-31', 'runs-out'],
  ['after its end', {}, '2026-06-01', null],
  ['while his question waits', { asked: true }, '2026-05-30', null],
  ['a bid for two days, on the day it was sent', { until: '2026-05-02' }, '2026-05-01', null],
])('%s', (_, of, today, due) => {
  expect(reminderDue({ ...bid, ...of }, today)).toBe(due)
})
