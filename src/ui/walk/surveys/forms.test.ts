import { expect, test } from '@jest/globals'
import { ENTITY_KINDS, SURVEY_KINDS, type SurveyKind } from '../../../core/job'
import { feet, inches } from '../../../core/measure'
import { readCell, showCell, type CellSpec } from './cells'
import { nextName, type Row } from './fieldSpecs'
import { SURVEY_FORMS } from './forms'
import { againSurvey, freshSurvey } from './freshSurvey'

const KINDS = Object.keys(SURVEY_KINDS) as SurveyKind[]
const TODAY = '2026-05-04'

/** What somebody types into a field of its kind. */
function typed(spec: CellSpec): string {
  switch (spec.kind) {
    case 'choice':
      return spec.choices.at(-1)!.value
    case 'number-choice':
      return String(spec.choices.at(-1))
    case 'yes-no':
      return 'yes'
    case 'day':
      return 'yesterday'
    case 'temperature':
      return '52'
    case 'number':
      return String(spec.whole ? Math.ceil(spec.least) + 1 : spec.least + 0.5)
    case 'text':
      return 'north'
    case 'length':
    case 'signed':
      return '3 1/2'
  }
}

test.each(KINDS)(
  'a fresh survey %s, filled in field by field and row by row, is one the job takes',
  (kind) => {
    const form = SURVEY_FORMS[kind]
    const made = freshSurvey(kind, { id: 's', day: TODAY, by: 'Dov', side_id: 'side-a' })!
    const fill = (fields: typeof form.fields): Row =>
      Object.fromEntries(
        fields.map((field) => {
          const read = readCell(field, typed(field), TODAY)
          if (!read.ok) throw new Error(`${field.key}: ${read.words}`)
          return [field.key, read.value]
        }),
      )
    const rows = Object.fromEntries(
      form.tables.map(({ key, columns, next }) => [key, [fill(columns), { ...next([fill(columns)]) }]]),
    )
    for (const row of Object.values(rows).flat() as Record<string, unknown>[])
      if ('day' in row) row.day = TODAY
    const parsed = ENTITY_KINDS.survey.schema.safeParse({ ...made, ...fill(form.fields), ...rows })
    expect(parsed.error?.issues ?? []).toEqual([])
  },
)

test('without a wall drawn, what is taken along a wall cannot begin', () => {
  const of = { id: 's', day: TODAY, by: 'Dov', side_id: null }
  const without = KINDS.filter((kind) => freshSurvey(kind, of) === null)
  expect(without).toEqual(['courses', 'plumb', 'ground', 'gutter', 'layout'])
})

test.each<[CellSpec, string, unknown]>([
  [{ kind: 'signed', label: '' }, '-3/8', -24],
  [{ kind: 'signed', label: '' }, '− 3/8', -24],
  [{ kind: 'signed', label: '' }, '0', 0],
  [{ kind: 'length', label: '', bare: 'feet' }, '12', feet(12)],
  [{ kind: 'length', label: '', bare: 'inches' }, "4' 6", inches(54)],
  [{ kind: 'length', label: '', bare: 'inches', optional: true }, '', null],
  [{ kind: 'number', label: '', least: 0, most: 100 }, '62.5', 62.5],
])('%o reads %p as %p', (spec, text, value) => {
  expect(readCell(spec, text, TODAY)).toEqual({ ok: true, value })
})

test('what cannot be read says what to do', () => {
  const wrong = (spec: CellSpec, text: string): string => {
    const read = readCell(spec, text, TODAY)
    return read.ok ? 'read' : read.words
  }
  expect(wrong({ kind: 'length', label: '', bare: 'inches' }, 'about so')).not.toBe('read')
  expect(wrong({ kind: 'length', label: '', bare: 'inches' }, '')).toBe('Say how much, or remove the row.')
  expect(wrong({ kind: 'number', label: '', least: 0, most: 100 }, '140')).toContain('from 0 to 100')
})

test('a value shown and read again is the same', () => {
  const spec: CellSpec = { kind: 'signed', label: '' }
  for (const value of [-123, -24, 0, 40, 800])
    expect(readCell(spec, showCell(spec, value), TODAY)).toEqual({ ok: true, value })
})

test('the next point is named on', () => {
  expect(['a', 'z', 'post 1', '9', 'corner', ''].map(nextName)).toEqual([
    'b',
    'z 2',
    'post 2',
    '10',
    'corner 2',
    'a',
  ])
})

test('at a second date nothing counts as read until it is read', () => {
  const of = { id: 'later', day: '2026-09-01', by: 'Pell' }
  const made = (kind: SurveyKind) => freshSurvey(kind, { id: 's', day: TODAY, by: 'Dov', side_id: 'side-a' })!
  const floor = made('floor')
  if (floor.kind !== 'floor') throw new Error('no floor')
  const point = {
    set_up: 1,
    point: 'a',
    rod: inches(48),
    across: feet(2),
    back: feet(3),
    covering: inches(0),
  }
  expect(againSurvey({ ...floor, readings: [point] }, of)).toMatchObject({
    ...of,
    readings: [{ ...point, rod: null }],
  })
  const deck = made('deck')
  if (deck.kind !== 'deck') throw new Error('no deck')
  expect(againSurvey({ ...deck, answers: [{ point: 'hangers', answer: 'right' }] }, of)).toMatchObject({
    answers: [],
  })
})

test('a row only begun holds no reading of a wall, floor, crack, ground or air', () => {
  const measured = {
    courses: 'over_edge',
    floor: 'rod',
    plumb: 'middle',
    crack: 'upper',
    ground: 'fall',
    air: 'air_c',
  }
  for (const [kind, key] of Object.entries(measured))
    expect(SURVEY_FORMS[kind as SurveyKind].tables[0]!.next([])[key]).toBeNull()
})
