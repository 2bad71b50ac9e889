import { expect, test } from '@jest/globals'
import { readFileSync } from 'node:fs'
import { DEMO_JOBS } from '../../../demo'
import { smallHouse, sillNose } from '../../../tests/support/jobs'
import { JOB_VERSION } from './document'
import { STEPS } from './raise'
import { parseJobFile, printJobFile, readJob } from './jobFile'
import { jobFileSchema } from './jobFileSchema'

test.each(Object.entries(DEMO_JOBS))('%s goes out and comes in the same, to the letter', (name, make) => {
  const text = printJobFile(make())
  const read = parseJobFile(text)
  expect(read.ok && printJobFile(read.value)).toBe(text)
  const committed = readFileSync(new URL(`../../../demo/${name}.job.json`, import.meta.url), 'utf8')
  expect(text).toBe(committed)
})

test('every version below today’s has a step up', () => {
  const steps = Array.from({ length: JOB_VERSION - 1 }, (_, i) => String(i + 1))
  expect(Object.keys(STEPS)).toEqual(steps)
})

test('the published schema is today’s', () => {
  const published: unknown = JSON.parse(
    readFileSync(new URL('../../../docs/formats/job-file.schema.json', import.meta.url), 'utf8'),
  )
  expect(JSON.parse(JSON.stringify(jobFileSchema()))).toEqual(published)
})

const errorOf = (data: unknown): unknown => {
  const read = readJob(data)
  return read.ok ? null : read.error
}

test('each way a file can be off is told apart', () => {
  const job = smallHouse()
  expect(parseJobFile('{')).toMatchObject({ ok: false, error: { kind: 'not-json' } })
  expect(errorOf({ format: 'something' })).toEqual({ kind: 'not-a-job-file' })
  expect(errorOf({ ...job, version: JOB_VERSION + 1 })).toMatchObject({ kind: 'newer-version' })
  expect(errorOf({ ...job, version: 0 })).toMatchObject({ kind: 'older-version' })
  expect(errorOf({ ...job, sides: [...job.sides, job.sides[0]] })).toEqual({
    kind: 'repeated-id',
    id: 'side-a',
  })
  expect(errorOf({ ...job, features: [{ ...job.features[0], side_id: 'nowhere' }] })).toEqual({
    kind: 'unknown-ids',
    references: [{ at: 'features.0.side_id', id: 'nowhere' }],
  })
})

test('an impossible length names its place', () => {
  const job = smallHouse()
  const off = {
    ...job,
    sides: [{ ...job.sides[0], length: -1 }, { ...job.sides[1], length: 1e9 }, ...job.sides.slice(2)],
  }
  const error = errorOf(off) as { kind: string; issues: { path: string }[] }
  expect(error.kind).toBe('invalid')
  expect(error.issues.map((issue) => issue.path)).toEqual(['sides.0.length', 'sides.1.length'])
})

test('an unknown field is not swallowed', () => {
  expect(errorOf({ ...smallHouse(), colour: 'red' })).toMatchObject({ kind: 'invalid' })
})

test('a picture that a finding names must be there', () => {
  const job = smallHouse({ findings: [sillNose({ photo_ids: ['lost'] })] })
  expect(errorOf(job)).toMatchObject({
    kind: 'unknown-ids',
    references: [{ at: 'findings.0.photo_ids.0', id: 'lost' }],
  })
})

test('the wall a line of supports runs beside must be there', () => {
  const cabin = DEMO_JOBS['saltmarsh-cabin']()
  const surveys = cabin.surveys.map((each) =>
    each.kind === 'frame' ? { ...each, line_side_id: 'nowhere' } : each,
  )
  expect(errorOf({ ...cabin, surveys })).toMatchObject({
    kind: 'unknown-ids',
    references: [{ at: expect.stringMatching(/^surveys\.\d+\.line_side_id$/), id: 'nowhere' }],
  })
})
