import { expect, test } from '@jest/globals'
import type { Feature } from '../../../core/job'
import { Feature as FeatureShape } from '../../../core/job/features'
import { feet } from '../../../core/measure'
import { editOf, fieldsOf } from './featureFields'
import { FEATURE_NAMES, freshFeature } from './freshFeature'

const where = { id: 'f', side_id: 'side-a', number: 3, station: feet(4) }
const KINDS = Object.keys(FEATURE_NAMES) as Feature['kind'][]
const fresh = (kind: Feature['kind']): Feature => freshFeature(kind, where)
const labels = (kind: Feature['kind']): string[] => fieldsOf(fresh(kind)).map(({ label }) => label)

test.each(KINDS)('every field of a %s that one can type has its row, and every row a field', (kind) => {
  const given = new Set(['id', 'removed', 'side_id', 'number', 'kind', 'parts', 'points'])
  const typed = Object.keys(fresh(kind)).filter((name) => !given.has(name))
  const shown = new Set(fieldsOf(fresh(kind)).map(({ name }) => name.split('.')[0]))
  expect([...shown].sort()).toEqual(typed.sort())
})

test.each(KINDS)('every choice of a %s is one that its schema takes', (kind) => {
  for (const row of fieldsOf(fresh(kind))) {
    if (row.kind !== 'choice') continue
    const [field, part] = row.name.split('.') as [string, string?]
    for (const { value } of row.choices) {
      const feature = structuredClone(fresh(kind)) as unknown as Record<string, unknown>
      const typed = row.name === 'floor' ? Number(value) : value
      if (part) (feature[field] as Record<string, unknown>)[part] = typed
      else feature[field] = typed
      expect([row.name, value, FeatureShape.safeParse(feature).success]).toEqual([row.name, value, true])
    }
  }
})

test('a height is told from a length of the same name: the top of a chase, and where a small roof meets the wall', () => {
  expect(labels('chimney-chase')).toContain('Its top above the ground')
  expect(labels('small-roof')).toContain('Where it meets the wall')
  expect(labels('small-roof')).not.toContain('Its top above the ground')
})

test('an edit sends what may change: not what was given at creation', () => {
  const sent = editOf(fresh('window'))
  expect(Object.keys(sent)).not.toEqual(expect.arrayContaining(['id']))
  expect('number' in sent || 'kind' in sent || 'id' in sent).toBe(false)
  expect(sent).toMatchObject({ station: feet(4), size_how: 'guessed' })
})
