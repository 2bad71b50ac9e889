import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { alderHouse } from '../../../tests/support/jobs'
import { gradeOf } from '../../core/job'
import { derive } from '../../core/pipeline'
import {
  FINDING_FILTERS,
  FINDING_ORDERS,
  orderFindings,
  type FindingFilter,
  type FindingOrder,
} from './orderFindings'

const made = derive(alderHouse(), '2026-05-05')
const ORDERS = Object.keys(FINDING_ORDERS) as FindingOrder[]
const FILTERS = Object.keys(FINDING_FILTERS) as FindingFilter[]

test.each(Object.entries(DEMO_JOBS))(
  'in every order and filter each finding of %s stands once',
  (_, make) => {
    const derived = derive(make(), '2026-05-05')
    for (const order of ORDERS) {
      for (const filter of FILTERS) {
        const { groups, shown, all } = orderFindings(derived, { order, filter })
        const ids = groups.flatMap(({ findings }) => findings.map(({ id }) => id))
        expect(new Set(ids).size).toBe(ids.length)
        expect([ids.length, all]).toEqual([shown, derived.job.findings.length])
        if (filter === 'all') expect(shown).toBe(all)
      }
    }
  },
)

test('by side it goes as one walks, and turns with the hand the house is on', () => {
  const { groups } = orderFindings(made, { order: 'walk', filter: 'all' })
  expect(groups[0]?.name).toBe('A front')
  const stations = groups[0]!.findings.map(({ place }) => (place.kind === 'side' ? place.station : -1))
  expect(stations).toEqual(stations.toSorted((a, b) => a - b))
  const right = derive({ ...alderHouse(), job: { ...alderHouse().job, house_on: 'right' } }, '2026-05-05')
  const turned = orderFindings(right, { order: 'walk', filter: 'all' }).groups[0]!.findings
  // The sides stand as they are walked either way; along each of them one walks the other way.
  const back = turned.map(({ place }) => (place.kind === 'side' ? place.station : -1))
  expect(back).toEqual(stations.toReversed())
})

test('worst first: what can hurt someone leads, whatever its grade', () => {
  const { groups } = orderFindings(made, { order: 'urgency', filter: 'all' })
  expect(groups[0]?.name).toBe('Can hurt someone')
  expect(groups[0]?.findings.map(({ number }) => number)).toContain(10)
  const grades = groups.slice(1).flatMap(({ findings }) => findings.map((each) => gradeOf(each) ?? -1))
  expect(grades).toEqual(grades.toSorted((a, b) => b - a))
})

test('a filter keeps what it names and says how much it hides', () => {
  const { groups, shown, all } = orderFindings(made, { order: 'found', filter: 'unexplained' })
  expect(shown).toBe(made.trace.unexplained.length)
  expect(shown).toBeLessThan(all)
  expect(groups.flatMap(({ findings }) => findings.map(({ id }) => id)).toSorted()).toEqual(
    [...made.trace.unexplained].toSorted(),
  )
})
