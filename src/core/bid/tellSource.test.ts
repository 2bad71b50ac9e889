import { expect, test } from '@jest/globals'
import { alderHouse } from '../../../tests/support/jobs'
import { derive } from '../pipeline'
import { tellSource } from './tellSource'

const { job, trace } = derive(alderHouse(), '2026-05-04')
const told = (cause: string): string =>
  tellSource(
    trace.sources.find((each) => each.cause === cause)!,
    [],
    job,
  )

test('findings are counted out: one, two, and several', () => {
  expect(told('gutter-overflow')).toMatch(/^Finding 1 is consistent with/)
  expect(told('splash-back')).toMatch(/^Findings 11 and 24 are consistent with/)
  expect(told('head-flashing-short')).toMatch(/^Findings 2, 3, 5, 15, 16 and 17 are consistent with/)
})

test('what has no place has no fix to name: the cause, how sure, and what follows', () => {
  const placed = trace.sources.find(({ letter }) => letter !== null)!
  const words = tellSource({ ...placed, letter: null, cause: 'ordinary-exposure' }, [], job)
  expect(words).toContain('consistent with')
  expect(words).not.toContain('The fix at the source')
  expect(words).not.toContain(placed.seat_words)
})
