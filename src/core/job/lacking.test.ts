import { expect, test } from '@jest/globals'
import { alderHouse, smallHouse, sillNose } from '../../../tests/support/jobs'
import { applyChange, fixedFields, initialState, type Change } from './change'
import { JOB_VERSION, type JobDocument } from './document'
import { lacking } from './lacking'
import { newJob } from './newJob'

const found = (mine: JobDocument, theirs: JobDocument): ReturnType<typeof lacking> =>
  lacking(mine, theirs, fixedFields)

test('a job lacks nothing of itself', () => {
  expect(found(alderHouse(), alderHouse())).toEqual([])
})

test('what differs is named by field; what only the server sets is left alone', () => {
  const mine = smallHouse({ findings: [{ ...sillNose(), number: 4, words: 'mine' }] })
  const theirs = smallHouse({ findings: [{ ...sillNose(), number: 9, words: 'theirs' }] })
  expect(found(mine, theirs)).toEqual([
    { op: 'set', kind: 'finding', id: sillNose().id, fields: { words: 'mine' } },
  ])
})

test('all of a job can be brought back into an empty one, in the order found', () => {
  const mine = alderHouse()
  const { settings, rates } = mine
  let state = initialState(newJob({ id: mine.id, title: '', timeZone: 'UTC', settings, rates }))
  const lost = found(mine, state.job)
  for (const [index, each] of lost.entries()) {
    const head = { id: `c${index}`, schema: JOB_VERSION, made_at: '2026-05-04T09:00:00Z', device: 'desk' }
    const change: Change =
      each.op === 'fact'
        ? { ...head, op: 'fact', fact: each.fact }
        : each.op === 'create'
          ? { ...head, op: 'create', entity: { kind: each.kind, id: each.body.id }, body: { ...each.body } }
          : {
              ...head,
              op: 'set',
              entity: { kind: each.kind, id: each.id },
              base: 0,
              fields: { ...each.fields },
            }
    const result = applyChange(state, change)
    if (!result.ok) throw new Error(`${JSON.stringify(each).slice(0, 200)}: ${JSON.stringify(result.error)}`)
    state = result.value.state
  }
  const plain = (job: JobDocument): unknown => ({
    ...job,
    findings: job.findings.map((each) => ({ ...each, number: 0 })),
  })
  expect(plain(state.job)).toEqual(plain(mine))
})
