import { expect, test } from '@jest/globals'
import { smallHouse } from '../../../../tests/support/jobs'
import { applyChange, initialState, JOB_VERSION, type EntityKind } from '../../../core/job'
import { freshFinding, freshHouse, freshSide, freeLetter } from './fresh'

test('a letter is never given twice, not even after a removal', () => {
  const job = smallHouse()
  expect(freeLetter(job)).toBe('E')
  const removed = { ...job, sides: job.sides.map((side) => ({ ...side, removed: true })) }
  expect(freeLetter(removed)).toBe('E')
})

test('after Z come AA and AB', () => {
  const side = smallHouse().sides[0]!
  const sides = Array.from({ length: 26 }, (_, i) => ({ ...side, letter: String.fromCharCode(65 + i) }))
  expect(freeLetter({ ...smallHouse(), sides })).toBe('AA')
  expect(freeLetter({ ...smallHouse(), sides: [...sides, { ...side, letter: 'AA' }] })).toBe('AB')
})

test('what is new fits the document as it is', () => {
  const state = initialState({ ...smallHouse(), house: null })
  const news: readonly (readonly [EntityKind, { id: string }])[] = [
    ['finding', freshFinding({ place: { kind: 'none' }, by: 'Tess' })],
    ['house', freshHouse()],
    ['side', freshSide({ letter: 'E', order: 4, facing: 'front' })],
  ]
  for (const [kind, body] of news) {
    const change = {
      id: `c-${kind}`,
      schema: JOB_VERSION,
      made_at: '2026-05-04T09:00:00Z',
      device: 'd',
      op: 'create',
      entity: { kind, id: body.id },
      body,
    } as const
    const result = applyChange(state, change)
    expect(result.ok ? null : result.error).toBeNull()
  }
})

test('a new finding claims nothing: not touched, no part, no length', () => {
  const finding = freshFinding({ place: { kind: 'none' }, by: 'Tess' })
  expect(finding).toMatchObject({
    stated_grade: null,
    observations: null,
    component: null,
    extent: null,
    signs: [],
  })
})
