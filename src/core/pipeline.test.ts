import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../demo'
import { emptyJob, workItem, sillNose, smallHouse } from '../../tests/support/jobs'
import type { JobDocument } from './job'
import { derive } from './pipeline'

const day = '2026-05-04'

test.each(Object.entries(DEMO_JOBS))('every stage works on %s, and twice gives the same', (_, make) => {
  expect(JSON.stringify(derive(make(), day))).toBe(JSON.stringify(derive(make(), day)))
})

test('every stage works with the ones before it empty', () => {
  const empty = derive(emptyJob('e', ''), day)
  expect([empty.trace.sources, empty.scope.items, empty.cut.sections]).toEqual([[], [], []])
  expect(empty.price).toMatchObject({ kind: 'priced', total_cents: 0 })
  expect(empty.bid.items).toEqual([])
})

test('a price is possible with no house, no walk and no trace', () => {
  const job = {
    ...emptyJob('e', ''),
    work_items: [workItem('r', { method: 'piece-in', component: 'fascia' })],
  }
  const { price } = derive(job, day)
  expect(price.kind === 'priced' && price.total_cents).toBeGreaterThan(0)
})

test('what was removed is in no stage', () => {
  const job = smallHouse({
    findings: [sillNose({ removed: true })],
    work_items: [{ ...workItem('r', { method: 'piece-in', component: 'sill-nose' }), removed: true }],
  })
  const { trace, scope } = derive(job, day)
  expect([trace.findings, scope.items]).toEqual([[], []])
})

const problems = (job: JobDocument): readonly string[] => derive(job, day).problems

test('sides that do not close are shown, not refused', () => {
  const job = smallHouse()
  expect(problems(job)).toEqual([])
  const open = {
    ...job,
    sides: job.sides.map((side) => (side.letter === 'C' ? { ...side, length: (39 * 768) as never } : side)),
  }
  expect(problems(open)[0]).toBe('The sides do not close: they miss the start by 12.0 in. Check the lengths.')
  const turned = {
    ...job,
    sides: job.sides.map((side) => (side.letter === 'C' ? { ...side, turn_deg: 80 } : side)),
  }
  expect(problems(turned).some((words) => words.includes('350°'))).toBe(true)
})

test('a finding past the end of a side that was shortened later is shown', () => {
  const job = smallHouse({ findings: [sillNose()] })
  const short = {
    ...job,
    sides: job.sides.map((side) => (side.letter === 'A' ? { ...side, length: (5 * 768) as never } : side)),
  }
  expect(problems(short)).toContain('Finding 1 lies past the end of side A.')
})

test('a finding whose side was removed keeps its words and asks for a place', () => {
  const job = smallHouse({ findings: [sillNose()] })
  const without = {
    ...job,
    sides: job.sides.map((side) => (side.letter === 'A' ? { ...side, removed: true } : side)),
  }
  expect(problems(without)).toContain('Finding 1: its side was removed. Give it a place again.')
})

test('a stage is reckoned when it is read: a price asks for no drawing and no bid', () => {
  // A bid cannot be dated without a day: whoever reads it stumbles, whoever reads the price does not.
  const derived = derive(DEMO_JOBS['alder-house'](), 'no day')
  expect(derived.price.kind).toBe('priced')
  expect(() => derived.bid).toThrow()
})

test('a stage that is known already is taken as it is, and is read once', () => {
  const job = smallHouse({ findings: [sillNose()] })
  const { trace } = derive(job, day)
  const derived = derive(job, day, { trace: { ...trace, sources: [] } })
  expect(derived.trace.sources).toEqual([])
  expect(derived.scope).toBe(derived.scope)
})
