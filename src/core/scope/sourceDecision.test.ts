import { expect, test } from '@jest/globals'
import { jobOf } from '../../../tests/cases/build'
import { workItem } from '../../../tests/support/jobs'
import { traceJob } from '../trace'
import type { JobDocument, WorkItem } from '../job'
import { decisionOn, fixStanding, type FixStanding } from './sourceDecision'
import { spotsOf } from './spots'

const habit = jobOf({
  title: 'one habit at three windows',
  found: ['A 4 105 a1', 'A 12 105 a2', 'B 8 105 b1'].map(
    (at) => `head-casing | ${at} | metal-stops-short rot-at-head-corner-only`,
  ),
  cause: null,
})

const source = traceJob(habit).sources[0]!
const flashing = (finding_ids: string[], more: Partial<WorkItem> = {}) =>
  workItem('r', { method: 'head-flashing', component: 'head-casing', finding_ids, ...more })
function stands(job: JobDocument, among?: readonly string[]): FixStanding {
  const placed = job.work_items.map((item) => ({ item, spots: spotsOf(item, [], job) }))
  return fixStanding(source, placed, job, among)
}
const at = (finding_ids: string[], more: Partial<WorkItem> = {}): JobDocument => ({
  ...habit,
  work_items: [flashing(finding_ids, more)],
})
const all = ['finding-1', 'finding-2', 'finding-3']

test('a habit is fixed when each of its places is', () => {
  expect(stands(at(['finding-1']))).toBe('named')
  expect(stands(at(all))).toBe('fixed')
  // What is mended at one window is cured there.
  expect(stands(at(['finding-1']), ['finding-1'])).toBe('fixed')
  expect(stands(at(['finding-1']), ['finding-2'])).toBe('named')
})

test.each<[string, Partial<WorkItem>, FixStanding]>([
  ['ours', {}, 'fixed'],
  ['an option nobody chose', { state: 'optional' }, 'named'],
  ['the owner does it, and hands it over', { state: 'by-owner', hand_over: 'before we paint' }, 'fixed'],
  ['others do it, nobody said when', { state: 'by-others' }, 'named'],
  ['left out', { state: 'left-out' }, 'named'],
  ['another method that cures nothing', { method: 'piece-in' }, 'open'],
  ['own work, taken for this cause', { method: 'own-work', cures: ['head-flashing-short'] }, 'fixed'],
  ['referred for this cause', { method: 'refer', cures: ['head-flashing-short'] }, 'named'],
])('a source fix, %s', (_, more, standing) => {
  expect(source.cause).toBe('head-flashing-short')
  expect(stands(at(all, more))).toBe(standing)
})

test('the last word on a source stands, and follows its findings', () => {
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
