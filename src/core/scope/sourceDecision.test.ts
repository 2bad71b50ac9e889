import { expect, test } from '@jest/globals'
import { jobOf } from '../../../tests/cases/build'
import { repair } from '../../../tests/support/jobs'
import { traceJob } from '../trace'
import { decisionOn, isFixedBy } from './sourceDecision'

const habit = jobOf({
  title: 'one habit at three windows',
  found: ['A 4 105 a1', 'A 12 105 a2', 'B 8 105 b1'].map(
    (at) => `head-casing | ${at} | metal-stops-short rot-at-head-corner-only`,
  ),
  cause: null,
})

test('a habit is fixed when each of its places is', () => {
  const source = traceJob(habit).sources[0]!
  const at = (finding_ids: string[]) => ({
    ...habit,
    repairs: [repair('r', { method: 'head-flashing', component: 'head-casing', finding_ids })],
  })
  expect(isFixedBy('head-flashing', source, at(['finding-1']))).toBe(false)
  expect(isFixedBy('head-flashing', source, at(['finding-1', 'finding-2', 'finding-3']))).toBe(true)
  // What is mended at one window is cured there.
  expect(isFixedBy('head-flashing', source, at(['finding-1']), ['finding-1'])).toBe(true)
  expect(isFixedBy('head-flashing', source, at(['finding-1']), ['finding-2'])).toBe(false)
})

test('the last word on a source stands, and follows its findings', () => {
  const source = traceJob(habit).sources[0]!
  const said = (decision: 'accepted' | 'declined', id: string) => ({
    id,
    removed: false,
    cause: source.cause,
    finding_ids: ['finding-2'],
    decision,
    by: 'Mara Quill',
    reason: '',
  })
  expect(decisionOn(source, habit)).toBeNull()
  const job = { ...habit, source_decisions: [said('accepted', 'a'), said('declined', 'b')] }
  expect(decisionOn(source, job)?.decision).toBe('declined')
})
