/**
 * Written cases: practice’s judgement of what is behind what. Common practice and our judgement; no published values.
 * The open half was read while the engine was made, the held half was not run until its weights were settled: see `docs/trace.md`.
 */
import { describe, expect, test } from '@jest/globals'
import { live, printJobFile, parseJobFile } from '../../src/core/job'
import { isSign, traceJob } from '../../src/core/trace'
import { jobOf, type Case } from '../cases/build'
import { HELD } from '../cases/held'
import { OPEN } from '../cases/open'

function check(of: Case): void {
  const file = parseJobFile(printJobFile(jobOf(of)))
  if (!file.ok) throw new Error(`not a job file: ${JSON.stringify(file.error)}`)
  for (const finding of file.value.findings) {
    for (const { sign } of finding.signs) if (!isSign(sign)) throw new Error(`no such sign: ${sign}`)
  }
  const trace = traceJob(live(file.value))
  const wanted = Array.isArray(of.cause) ? of.cause : [of.cause]
  const said = trace.findings.slice(0, wanted.length).map((each) => each.cause)
  expect(said).toEqual(wanted)
  const named = [
    ...trace.sources.map((each) => each.cause),
    ...trace.findings.flatMap((each) => (each.cause ? [each.cause] : [])),
  ]
  for (const cause of of.not ?? []) expect(named).not.toContain(cause)
  if (of.sources !== undefined)
    expect(trace.sources.filter((each) => each.letter !== null)).toHaveLength(of.sources)
}

describe('open half', () => {
  test.each(OPEN.map((each) => [each.title, each] as const))('%s', (_, of) => check(of))
})

describe('held half', () => {
  test.each(HELD.map((each) => [each.title, each] as const))('%s', (_, of) => check(of))
})

test('there are eighty and more', () => {
  expect(OPEN.length + HELD.length).toBeGreaterThanOrEqual(80)
})
