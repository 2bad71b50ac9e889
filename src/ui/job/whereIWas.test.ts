import { expect, test } from '@jest/globals'
import { agoWords, isWorthTelling, sinceThen } from './whereIWas'

const HOUR = 3_600_000
const was = { stage: 'scope', finding_id: 'finding-9', side_id: null, at: 0 } as const

test.each([
  ['after an hour, elsewhere', { stage: 'walk', finding_id: null, at: HOUR }, true],
  ['after an hour, at another finding', { stage: 'scope', finding_id: 'finding-1', at: HOUR }, true],
  ['after an hour, at the same place', { stage: 'scope', finding_id: 'finding-9', at: HOUR }, false],
  ['after ten minutes', { stage: 'walk', finding_id: null, at: HOUR / 6 }, false],
] as const)('%s', (_, now, tells) => {
  expect(isWorthTelling(was, now)).toBe(tells)
})

test('who never was here is told nothing', () => {
  expect(isWorthTelling(null, { stage: 'walk', finding_id: null, at: HOUR })).toBe(false)
})

test.each([
  [45 * 60_000, '45 minutes ago'],
  [3 * HOUR, '3 hours ago'],
  [50 * HOUR, '2 days ago'],
])('%p is %p', (ms, words) => {
  expect(agoWords(ms)).toBe(words)
})

test('what others did since is counted by person, mine is not', () => {
  const row = (by: string, hour: number) => ({ by, at: new Date(hour * HOUR).toISOString() })
  const rows = [row('Dov', 5), row('Dov', 4), row('Pell', 4), row('Imke', 6), row('Dov', 1)]
  expect(sinceThen(rows, { since: 2 * HOUR, me: 'Imke' })).toEqual([
    { by: 'Dov', count: 2 },
    { by: 'Pell', count: 1 },
  ])
})
