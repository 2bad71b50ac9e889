import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { smallHouse, sillNose } from '../../../tests/support/jobs'
import { applyChange, Change, initialState, inverseOf, type JobState } from './change'
import { JOB_VERSION } from './document'
import { printJobFile } from './jobFile'

let made = 0
const head = (device = 'phone'): { id: string; schema: number; made_at: string; device: string } => ({
  id: `change-${(made += 1)}`,
  schema: JOB_VERSION,
  made_at: '2026-05-04T09:00:00Z',
  device,
})
const setSide = (base: number, fields: Record<string, unknown>, device?: string): Change =>
  Change.parse({ ...head(device), op: 'set', entity: { kind: 'side', id: 'side-a' }, base, fields })
const createFinding = (id: string, more: object = {}): Change =>
  Change.parse({
    ...head(),
    op: 'create',
    entity: { kind: 'finding', id },
    body: { ...sillNose(), id, number: null, ...more },
  })
const addFact = (fact: object): Change =>
  Change.parse({ ...head(), op: 'fact', fact: { by: 'x', at: '2026-05-04T09:00:00Z', ...fact } })

function apply(state: JobState, ...changes: Change[]): JobState {
  return changes.reduce((before, change) => {
    const result = applyChange(before, change)
    if (!result.ok) throw new Error(JSON.stringify(result.error))
    return result.value.state
  }, state)
}
const start = (): JobState => initialState(smallHouse())
const errorOf = (state: JobState, change: Change): string | null => {
  const result = applyChange(state, change)
  return result.ok ? null : result.error.kind
}

test('a new finding takes the next number, and numbers are never given twice', () => {
  const state = apply(start(), createFinding('f1'), createFinding('f2'))
  const after = apply(
    state,
    Change.parse({
      ...head(),
      op: 'set',
      entity: { kind: 'finding', id: 'f2' },
      base: 2,
      fields: { removed: true },
    }),
    createFinding('f3'),
  )
  expect(after.job.findings.map((finding) => finding.number)).toEqual([1, 2, 3])
})

test('edits of different fields on two devices both stand', () => {
  const state = apply(
    start(),
    setSide(0, { overhang: 64 }, 'phone'),
    setSide(0, { cladding: 'stucco' }, 'desk'),
  )
  expect(state.job.sides[0]).toMatchObject({ overhang: 64, cladding: 'stucco' })
})

test('the later edit of one field wins, and the loser is kept', () => {
  const state = apply(start(), setSide(0, { overhang: 64 }, 'phone'))
  const result = applyChange(state, setSide(0, { overhang: 128 }, 'desk'))
  expect(result.ok && result.value.overruled).toEqual({ overhang: { value: 64, sequence: 1 } })
  expect(result.ok && result.value.state.job.sides[0]?.overhang).toBe(128)
})

test('a queue never conflicts with itself, and the same value is no conflict', () => {
  const state = apply(start(), setSide(0, { overhang: 64 }, 'phone'))
  const own = applyChange(state, setSide(0, { overhang: 128 }, 'phone'))
  const same = applyChange(state, setSide(0, { overhang: 64 }, 'desk'))
  expect([own.ok && own.value.overruled, same.ok && same.value.overruled]).toEqual([{}, {}])
})

test('each refusal once', () => {
  const state = apply(start(), createFinding('f1'))
  const place = {
    kind: 'side',
    side_id: 'side-a',
    station: 41 * 768,
    height: { value: 0, from: 'grade' },
    feature_id: null,
  }
  expect(errorOf(state, createFinding('f1'))).toBe('already-there')
  // One id is one thing, whatever its kind: else the job could not be opened again.
  expect(errorOf(state, createFinding('side-a'))).toBe('already-there')
  expect(errorOf(state, setSide(9, { overhang: 64 }))).toBe('base-too-new')
  expect(errorOf(state, setSide(0, { letter: 'Q' }))).toBe('fixed-field')
  expect(errorOf(state, setSide(0, { overhang: -1 }))).toBe('invalid')
  expect(errorOf(state, setSide(0, { colour: 'red' }))).toBe('invalid')
  expect(errorOf(state, createFinding('f2', { place }))).toBe('outside-side')
  expect(errorOf(state, createFinding('f2', { photo_ids: ['lost'] }))).toBe('unknown-id')
  expect(errorOf(state, { ...setSide(0, { overhang: 64 }), schema: JOB_VERSION + 1 })).toBe('schema-too-new')
  expect(
    errorOf(state, { ...setSide(0, { overhang: 64 }), entity: { kind: 'side', id: 'gone' } } as Change),
  ).toBe('unknown-entity')
  expect(errorOf(state, addFact({ kind: 'retraction', id: 'r', fact_id: 'none', reason: '' }))).toBe(
    'unknown-id',
  )
})

test('a refusal changes nothing', () => {
  const state = start()
  const before = printJobFile(state.job)
  applyChange(state, setSide(0, { overhang: -1 }))
  expect(printJobFile(state.job)).toBe(before)
})

test('facts are added once and taken back by a fact; a hazard only with a reason', () => {
  const hazard = {
    kind: 'hazard',
    id: 'h1',
    about: { kind: 'house' },
    hazard: 'wiring',
    signs: [],
    what: 'bare wire',
    do_now: '',
  }
  const state = apply(start(), addFact(hazard))
  expect(errorOf(state, addFact(hazard))).toBe('fact-already-there')
  expect(errorOf(state, addFact({ kind: 'retraction', id: 'r1', fact_id: 'h1', reason: ' ' }))).toBe(
    'reason-needed',
  )
  const after = apply(state, addFact({ kind: 'retraction', id: 'r1', fact_id: 'h1', reason: 'mended, seen' }))
  expect(after.job.facts.map((fact) => fact.kind)).toEqual(['hazard', 'retraction'])
})

test('undo puts every field back to what it was', () => {
  const overhangs = fc.integer({ min: 0, max: 4000 })
  fc.assert(
    fc.property(overhangs, fc.constantFrom('stucco', 'brick', 'panel'), (overhang, cladding) => {
      const state = start()
      const change = setSide(0, { overhang, cladding })
      const result = applyChange(state, change)
      if (!result.ok) throw new Error(result.error.kind)
      const back = inverseOf(change, result.value.before, {
        ...head(),
        by: 'x',
        revision: 1,
        reason: '',
        factId: 'r',
      })
      expect(printJobFile(apply(result.value.state, back).job)).toBe(printJobFile(state.job))
    }),
  )
})

test('two devices that gave the same letter or number alike: the later one gets the next free, and keeps its id', () => {
  const job = smallHouse()
  const create = (kind: 'side' | 'feature', body: object): Change =>
    Change.parse({ ...head(), op: 'create', entity: { kind, id: (body as { id: string }).id }, body })
  const again = { ...job.features[0]!, id: 'window-other' }
  const wing = { ...job.sides[1]!, id: 'side-other' }
  const state = apply(start(), create('feature', again), create('side', wing))
  expect(state.job.features.map((each) => [each.id, each.number])).toEqual([
    ['window-a1', 1],
    ['window-other', 2],
  ])
  expect(state.job.sides.at(-1)).toMatchObject({ id: 'side-other', letter: 'E' })
})

test('a job holds 300 pictures; the next one is refused with what to do', () => {
  const photo = {
    removed: false,
    sha256: 'a'.repeat(64),
    media_type: 'image/jpeg',
    bytes: 1000,
    width_px: 10,
    height_px: 10,
    taken_at: null,
    caption: '',
    place: { kind: 'none' },
    order: 0,
    canvas: null,
    marks: [],
  } satisfies Partial<JobState['job']['photos'][number]>
  const photos = Array.from({ length: 300 }, (_, index) => ({ ...photo, id: `p${index}` }))
  const create = Change.parse({
    ...head(),
    op: 'create',
    entity: { kind: 'photo', id: 'one-more' },
    body: { ...photo, id: 'one-more' },
  })
  expect(errorOf(initialState(smallHouse({ photos: [...photos] })), create)).toBe('too-many-photos')
  expect(errorOf(initialState(smallHouse({ photos: photos.slice(1) })), create)).toBeNull()
})

test('an edit that sets nothing is none', () => {
  const empty = { ...head(), op: 'set', entity: { kind: 'side', id: 'side-a' }, base: 0, fields: {} }
  expect(Change.safeParse(empty).success).toBe(false)
  expect(Change.safeParse({ ...empty, fields: { pitch_in_12: 4 } }).success).toBe(true)
})

test('a letter that is free stays what it was given', () => {
  const side = { ...smallHouse().sides[0]!, id: 'side-f', letter: 'F', order: 9 }
  const state = apply(
    start(),
    Change.parse({ ...head(), op: 'create', entity: { kind: 'side', id: 'side-f' }, body: side }),
  )
  expect(state.job.sides.at(-1)).toMatchObject({ id: 'side-f', letter: 'F' })
})
