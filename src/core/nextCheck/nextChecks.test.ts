import { expect, test } from '@jest/globals'
import { jobOf } from '../../../tests/cases/build'
import { traceJob } from '../trace'
import { nextChecks } from './nextChecks'

const job = jobOf({
  title: 'soft sill, nothing else looked at',
  found: ['window-sill | B 20 57 b2 | open-joint sill-and-lower-jamb-only'],
  cause: null,
})

test('asks first what is cheap and may change the bid, and says what each answer would mean', () => {
  const [first, ...rest] = nextChecks(job, traceJob(job))
  expect(first).toBeDefined()
  expect(first!.minutes).toBeLessThanOrEqual(15)
  expect(first!.ifYes).not.toEqual(first!.ifNo)
  expect(rest.every((each) => each.gain_bits >= 0)).toBe(true)
  expect(first!.change_cents).toBeGreaterThan(0)
})

test('what opens a wall is not permitted until somebody gave leave', () => {
  const asked = nextChecks(job, traceJob(job)).filter((each) => each.permit === 'open')
  expect(asked.every((each) => !each.permitted)).toBe(true)
})

test('nothing is asked where a person stated the cause', () => {
  const judgement = {
    id: 'j',
    removed: false,
    finding_ids: ['finding-1'],
    cause: 'joint-open',
    by: 'Dov Harrow',
    reason: '',
  }
  const said = { ...job, judgements: [judgement] }
  expect(nextChecks(said, traceJob(said))).toEqual([])
})

test('a crew without money sees hours, no cents', () => {
  const crew = { ...job, rates: null }
  expect(nextChecks(crew, traceJob(crew))[0]?.change_cents).toBeNull()
})
