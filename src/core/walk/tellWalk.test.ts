import { expect, test } from '@jest/globals'
import { alderHouse, emptyJob, finding, smallHouse } from '../../../tests/support/jobs'
import { derive } from '../pipeline'
import { findingNumber } from '../house'
import { tellWalk, walkText } from './tellWalk'

test('sides are told as walked, findings along each of them', () => {
  const at = (n: number, ft: number) =>
    finding({ n, words: '', component: 'fascia', at: { side: 'a', ft, up_in: 100 }, length_in: 24, grade: 2 })
  const job = smallHouse({ findings: [at(1, 20), at(2, 3)] })
  const derived = derive(job, '2026-05-05')
  const front = tellWalk(derived.job, derived).find((each) => each.heading.startsWith('Front'))
  expect(front?.sentences[0]).toMatch(/^Number 2, at 3'.*: fascia, 2'; local soft\./)
  const other = { ...job, job: { ...job.job, house_on: 'right' as const } }
  const turned = derive(other, '2026-05-05')
  const seen = tellWalk(turned.job, turned).find((each) => each.heading.startsWith('Front'))
  expect(seen?.sentences[0]).toContain('Number 1')
})

test('every finding is told exactly once, hazards first', () => {
  const derived = derive(alderHouse(), '2026-05-05')
  const told = tellWalk(derived.job, derived)
  const text = walkText(told)
  for (const each of derived.job.findings) {
    const named = text.split(`Number ${findingNumber(each, derived.job)},`).length - 1
    expect(named).toBe(1)
  }
  expect(told[0]?.heading).toBe('First')
  expect(text).not.toMatch(/(?<!lead-)\bsafe\b/i)
})

test('an empty job says so', () => {
  const derived = derive(emptyJob('e', ''), '2026-05-05')
  expect(walkText(tellWalk(derived.job, derived))).toBe('The walk\nNothing recorded yet.')
})
