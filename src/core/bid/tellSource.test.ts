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
  expect(told('ledger-unflashed')).toMatch(/^Findings 10 and 23 are consistent with/)
  expect(told('head-flashing-short')).toMatch(/^Findings 2, 3, 5, 15, 16 and 17 are consistent with/)
})
