import { expect, test } from '@jest/globals'
import { looked, notLooked } from '../../../demo/build'
import { emptyJob, smallHouse } from '../../../tests/support/jobs'
import { coverJob } from './coverJob'

test('a zone nobody recorded is not judged', () => {
  const coverage = coverJob(smallHouse())
  expect(coverage.looked).toBe(0)
  expect(coverage.paragraph).toContain('No look recorded, so not judged: roof edge, field, openings')
})

test('a later look replaces an earlier one', () => {
  const job = smallHouse({
    facts: [notLooked('1', 'a', 'roof-edge', 'height'), looked('2', 'a', 'roof-edge', 'touched')],
  })
  const zone = coverJob(job).zones.find((each) => each.side_id === 'side-a' && each.zone === 'roof-edge')
  expect(zone?.state).toEqual({ kind: 'looked', how: 'touched' })
})

test('a look taken back counts no longer', () => {
  const fact = looked('1', 'a', 'field', 'touched')
  const job = smallHouse({
    facts: [
      fact,
      { kind: 'retraction', id: 'r', by: 'x', at: fact.at, fact_id: fact.id, reason: 'wrong side' },
    ],
  })
  expect(coverJob(job).looked).toBe(0)
})

test('what was not reached is said with its reason', () => {
  const job = smallHouse({ facts: [notLooked('1', 'b', 'roof-edge', 'height')] })
  expect(coverJob(job).paragraph).toContain('Not looked at: roof edge (right B): too high from the ground.')
})

test('gables are a zone only where there is one', () => {
  expect(coverJob(smallHouse()).zones.filter((each) => each.zone === 'gable')).toEqual([])
})

test('without a house it says what was shown', () => {
  expect(coverJob(emptyJob('e', '')).paragraph).toContain('nothing else was looked at')
})
