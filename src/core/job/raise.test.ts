import { expect, test } from '@jest/globals'
import { smallHouse, sillNose } from '../../../tests/support/jobs'
import { JOB_VERSION, type JobDocument } from './document'
import { readJob } from './jobFile'
import { raiseBody, raiseChange, STEPS } from './raise'

/** A file as version 1 wrote it: without anything that a later step adds. */
function asVersion1(job: JobDocument): Record<string, unknown> {
  const step = STEPS[1]!
  const without = (body: object, added: object = {}): object =>
    Object.fromEntries(Object.entries(body).filter(([name]) => !(name in added)))
  const file = without(job, step.file) as Record<string, unknown>
  return {
    ...file,
    version: 1,
    house: job.house && without(job.house, step.bodies.house),
    sides: job.sides.map((side) => without(side, step.bodies.side)),
    features: job.features.map((feature) => without(feature, step.bodies.feature)),
    findings: job.findings.map((finding) => without(finding, step.bodies.finding)),
    facts: job.facts.map((fact) => without(fact, step.facts[fact.kind])),
  }
}

test('a file of the first version reads as what it always meant', () => {
  const job = smallHouse({
    findings: [sillNose()],
    facts: [
      {
        kind: 'hold',
        id: 'h',
        by: 'x',
        at: '2026-05-04T09:00:00Z',
        about: { kind: 'house' },
        why: 'gable not seen',
        way: 'other',
        way_to_look: '',
      },
    ],
  })
  const old = asVersion1(job)
  expect(old.sides).not.toEqual(job.sides)
  const read = readJob(old)
  expect(read.ok && read.value).toEqual(job)
})

test('what an older file says itself is never overwritten by a step', () => {
  expect(raiseBody('side', { ground_left: 640 }, 1, JOB_VERSION)).toMatchObject({
    ground_left: 640,
    ground_right: 0,
  })
})

test('a change from an old queue is raised; one of today and one of tomorrow are left as they are', () => {
  const head = { id: 'c', made_at: '2026-05-04T09:00:00Z', device: 'd' }
  const create = {
    ...head,
    schema: 1,
    op: 'create',
    entity: { kind: 'side', id: 's' },
    body: { letter: 'A' },
  }
  expect(raiseChange(create, JOB_VERSION)).toMatchObject({
    schema: JOB_VERSION,
    body: { letter: 'A', clad_parts: [], floor_shift: 0 },
  })
  const fact = { ...head, schema: 1, op: 'fact', fact: { kind: 'reading', moisture_percent: 20 } }
  expect(raiseChange(fact, JOB_VERSION)).toMatchObject({ fact: { species: '', wood_temperature_c: null } })
  const newer = { ...create, schema: JOB_VERSION + 1 }
  expect(raiseChange(newer, JOB_VERSION)).toBe(newer)
  expect(raiseChange('nonsense', JOB_VERSION)).toBe('nonsense')
})
