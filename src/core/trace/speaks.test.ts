import { expect, test } from '@jest/globals'
import { jobOf } from '../../../tests/cases/build'
import { alderHouse } from '../../../tests/support/jobs'
import { saidSources } from '../bid/saidSources'
import { cautionsOf } from '../caution'
import { isDamage, live } from '../job'
import { derive } from '../pipeline'
import { firstLooks, traceJob, type Reason } from '.'
import { shownAtSound, speaksFor } from './speaks'

const reason = (of: Partial<Reason>): Reason => ({
  sign: 'open-joint',
  present: true,
  how: 'touched',
  counted: 4,
  tabled: 4,
  derived: false,
  ...of,
})
const jobWith = (...found: string[]) => live(jobOf({ title: '', found }))

test('what speaks for a cause: seen there, strong enough, no depth, and of told things what only its owner can know', () => {
  expect(speaksFor(reason({}))).toBe(true)
  expect(speaksFor(reason({ counted: 1.2 }))).toBe(false)
  expect(speaksFor(reason({ present: false }))).toBe(false)
  expect(speaksFor(reason({ sign: 'deep-or-gone' }))).toBe(false)
  expect(speaksFor(reason({ how: 'told' }))).toBe(false)
  expect(speaksFor(reason({ how: 'told', sign: 'began-within-year-of-washing' }))).toBe(true)
})

test('sound wood is traced for a sign that speaks, not for one that says it is sound', () => {
  const [holes, hard] = jobWith(
    'fascia | A 10 128 | round-half-inch-holes 0',
    'fascia | A 20 128 | dry-and-hard-all-round 0',
  ).findings
  expect([shownAtSound(holes!), shownAtSound(hard!)]).toEqual([true, false])
})

test('a contrast makes no source where none is drawn', () => {
  const found = ['subfloor | words spot | one-bay-only dry-elsewhere independent-of-rain 3']
  const trace = traceJob(live(jobOf({ title: '', found, house: { bare: true } })))
  expect(trace.sources.filter(({ letter }) => letter !== null)).toEqual([])
})

test('water moves no pier by itself: the soil below it does', () => {
  const [found] = traceJob(jobWith('pier | in A 38 20 | erosion-at-outlet short-or-missing-elbow ?')).findings
  expect(found!.ranked.map(({ cause }) => cause)).not.toContain('leader-at-wall')
})

test('what an owner told of a washing counts like what was seen from the ground', () => {
  const [found] = traceJob(jobWith('lap-siding | A 30 60 | @told began-within-year-of-washing 2')).findings
  const washing = found!.ranked.find(({ cause }) => cause === 'washing-injection')
  expect(washing!.reasons[0]!.counted).toBeCloseTo(40 ** 0.6, 9)
})

test('a sign raises its caution where it is seen, once for all places, and nothing where it was looked for', () => {
  const { all } = cautionsOf(
    jobWith('ceiling | words attic | droppings-or-hair ?', 'soffit | A 10 120 | droppings-or-hair ?'),
  )
  const droppings = all.filter(({ row }) => row === 'droppings')
  expect(droppings).toHaveLength(1)
  expect(droppings[0]!.finding_ids).toHaveLength(2)
  const looked = cautionsOf(jobWith('ceiling | words attic | -droppings-or-hair ?')).all
  expect(looked.filter(({ row }) => row === 'droppings')).toEqual([])
})

test('look-alikes are probed where nobody touched them yet', () => {
  const job = jobWith(
    'brick-mould | A 10.5 90 a2 | metal-stops-short several-openings-same-fault 3',
    'brick-mould | A 28.5 90 a3 | metal-stops-short several-openings-same-fault ?',
  )
  const look = firstLooks(job, traceJob(job)).find(({ id }) => id === 'probe-look-alikes')
  expect(look?.finding_ids).toEqual([job.findings[1]!.id])
})

test('a bid names no cause that is only possible', () => {
  const stages = derive({ ...alderHouse(), source_decisions: [] }, '2026-05-04')
  const possible = stages.trace.sources.filter(
    ({ letter, certainty }) =>
      letter !== null && certainty === 'possible' && stages.scope.fixes[letter] === 'open',
  )
  expect(possible.length).toBeGreaterThan(0)
  const said = saidSources(stages).map(({ letter }) => letter)
  expect(possible.filter(({ letter }) => said.includes(letter))).toEqual([])
  const unsure = stages.trace.findings.filter(({ certainty }) => certainty === 'possible')
  const damaged = stages.job.findings.filter(isDamage)
  const told = unsure.map(({ finding_id }) => {
    const at = damaged.findIndex(({ id }) => id === finding_id)
    return stages.bid.findings[at]?.cause
  })
  expect(told.length).toBeGreaterThan(0)
  expect(told.every((words) => words?.startsWith('Not explained yet'))).toBe(true)
})

test('what an owner told of rain and season counts: only who lives there can know', () => {
  const found = 'lap-siding | A 12 100 a2 | @told only-in-wind-driven-rain 2'
  const seen = traceJob(jobWith(found)).findings[0]!.ranked
  const plain = traceJob(jobWith('lap-siding | A 12 100 a2 | 2')).findings[0]!.ranked
  const share = (of: typeof seen): number =>
    of.find(({ cause }) => cause === 'head-flashing-absent')?.probability ?? 0
  expect(share(seen)).toBeGreaterThan(share(plain) * 1.1)
})
