import { expect, test } from '@jest/globals'
import * as z from 'zod'
import { alderHouse } from '../../../tests/support/jobs'
import {
  applyChange,
  ENTITY_KIND_NAMES,
  ENTITY_KINDS,
  initialState,
  JOB_VERSION,
  type Change,
  type EntityKind,
  type JobDocument,
  type JobState,
} from '../job'
import { canTakeBack, FIELD_WORDS, NOUNS, tellChange } from '.'

let n = 0
const head = () => ({
  id: `change-${(n += 1)}`,
  schema: JOB_VERSION,
  made_at: '2026-05-05T08:00:00Z',
  device: 'desk',
})
const set = (kind: EntityKind, id: string, fields: Record<string, unknown>): Change => ({
  ...head(),
  op: 'set',
  entity: { kind, id },
  base: 0,
  fields,
})
/** A change applied, told, and what is there after. */
function done(state: JobState, change: Change) {
  const result = applyChange(state, change)
  if (!result.ok) throw new Error(JSON.stringify(result.error))
  const { before, state: after } = result.value
  return { change, before, after, told: tellChange(change, before, after.job) }
}

/** Keys of a schema, of all its kinds where it has several. */
function keysOf(schema: z.ZodType): string[] {
  if (schema instanceof z.ZodObject) return Object.keys(schema.shape)
  if (schema instanceof z.ZodDiscriminatedUnion)
    return [...new Set((schema.options as z.ZodType[]).flatMap(keysOf))]
  throw new Error('neither an object nor a choice of objects')
}

test.each(ENTITY_KIND_NAMES)(
  'every field of %s has words, or says that nobody wants to read of it',
  (kind) => {
    const words = Object.keys(FIELD_WORDS[kind])
    const missing = keysOf(ENTITY_KINDS[kind].schema).filter((field) => !words.includes(field))
    expect(missing).toEqual([])
  },
)

test('nothing told of any thing in the demo holds an id, a field’s own name or a code', () => {
  const job = alderHouse()
  for (const kind of ENTITY_KIND_NAMES) {
    const { key, many } = ENTITY_KINDS[kind]
    const held = job[key] as unknown
    for (const each of (many ? held : [held]) as ({ id: string } | null)[]) {
      if (each === null) continue
      const { id, ...fields } = each as Record<string, unknown> & { id: string }
      const told = tellChange(set(kind, id, fields), {}, job)
      const text = [told.what, ...told.lines].join('\n')
      expect(text).not.toMatch(
        /\b(side|finding|window|door|repair|person|photo)-[a-z0-9]+\b|_|\[object|undefined|null/,
      )
      expect(text).not.toMatch(/\bgrade [A-Z]\b/)
    }
  }
})

test('a length, a place and a part are said as on site, with what they were', () => {
  const state = initialState(alderHouse())
  const { told } = done(
    state,
    set('finding', 'finding-9', {
      component: 'rake-board',
      extent: { value: 64 * 54, how: 'taped', low: null, high: null },
    }),
  )
  expect(told.what).toBe('Changed finding 9, rake board')
  expect(told.lines[0]).toMatch(/^part: rake board, was fascia$/)
  expect(told.lines[1]).toMatch(/^length: 4' 6" taped, was .*(taped|counted|guessed|scaled)$/)
})

test('a removal and its taking back are told as such', () => {
  const state = initialState(alderHouse())
  const away = done(state, set('finding', 'finding-9', { removed: true }))
  expect(away.told).toEqual({ what: 'Removed finding 9, fascia', lines: [] })
  expect(done(away.after, set('finding', 'finding-9', { removed: false })).told.what).toBe(
    'Brought back finding 9, fascia',
  )
})

test('an old edit of a shape nobody knows any more is told all the same', () => {
  const told = tellChange(
    set('finding', 'finding-9', { extent: 7, colour: 'red', place: { kind: 'gone' } }),
    {},
    alderHouse(),
  )
  expect(told.what).toBe('Changed finding 9, fascia')
  expect(told.lines).toContain('colour changed')
})

test('one line can be taken back while nothing later stands on it', () => {
  const state = initialState(alderHouse())
  const first = done(state, set('job', 'job', { weather: 'rain' }))
  expect(canTakeBack(first.change, first.before, first.after.job)).toBe('yes')
  const second = done(first.after, set('job', 'job', { weather: 'sun' }))
  expect(canTakeBack(first.change, first.before, second.after.job)).toBe('changed-since')
  const back = done(first.after, set('job', 'job', first.before))
  expect(canTakeBack(first.change, first.before, back.after.job)).toBe('already')
  // Another field of the same thing does not stand in the way.
  const beside = done(first.after, set('job', 'job', { present: 'Dov' }))
  expect(canTakeBack(first.change, first.before, beside.after.job)).toBe('yes')
})

test('what was added goes by removing, once; a hazard wants a reason; a retraction stays', () => {
  const job: JobDocument = alderHouse()
  const finding = { ...job.findings[0]!, id: 'finding-new' }
  const added: Change = {
    ...head(),
    op: 'create',
    entity: { kind: 'finding', id: 'finding-new' },
    body: finding,
  }
  const { after } = done(initialState(job), added)
  expect(canTakeBack(added, {}, after.job)).toBe('yes')
  expect(
    canTakeBack(added, {}, done(after, set('finding', 'finding-new', { removed: true })).after.job),
  ).toBe('already')
  const hazard: Change = {
    ...head(),
    op: 'fact',
    fact: {
      kind: 'hazard',
      id: 'hazard-new',
      by: 'Imke',
      at: '2026-05-05T08:00:00Z',
      about: { kind: 'house' },
      hazard: 'gas-smell',
      signs: [],
      what: '',
      do_now: '',
    },
  }
  const raised = done(after, hazard)
  expect(raised.told.what).toBe('Raised a hazard at the house: gas smell')
  expect(canTakeBack(hazard, {}, raised.after.job)).toBe('wants-reason')
  const retraction: Change = {
    ...head(),
    op: 'fact',
    fact: {
      kind: 'retraction',
      id: 'back',
      by: 'Imke',
      at: '2026-05-05T08:00:00Z',
      fact_id: 'hazard-new',
      reason: 'it was the neighbour’s',
    },
  }
  const taken = done(raised.after, retraction)
  expect(taken.told.what).toBe(
    'Took back: raised a hazard at the house: gas smell, because it was the neighbour’s',
  )
  expect(canTakeBack(hazard, {}, taken.after.job)).toBe('already')
  expect(canTakeBack(retraction, {}, taken.after.job)).toBe('stays')
})

test('what nobody knows any more still has a noun', () => {
  for (const kind of ENTITY_KIND_NAMES) expect(NOUNS[kind]('gone', alderHouse())).not.toBe('')
})
