import { expect, test } from '@jest/globals'
import { sillNose } from '../../../tests/support/jobs'
import { inches } from '../measure'
import { computedGrade, gradeOf } from './grade'
import type { Finding } from './document'

const seen = (of: {
  awl?: number
  thick?: number
  lost?: number
  surface?: NonNullable<Finding['observations']>['surface']
}): Finding['observations'] => ({
  awl_past_sound: of.awl === undefined ? null : inches(of.awl),
  thickness: of.thick === undefined ? null : inches(of.thick),
  section_lost_percent: of.lost ?? null,
  surface: of.surface ?? null,
})

test.each([
  ['awl 1/16', { awl: 1 / 16 }, 0, 'awl'],
  ['awl 1/8', { awl: 1 / 8 }, 1, 'awl'],
  ['awl 3/16 in 3/4', { awl: 3 / 16, thick: 0.75 }, 2, 'awl'],
  ['awl 3/4 in 1-1/4', { awl: 0.75, thick: 1.25 }, 3, 'awl'],
  ['awl through', { awl: 0.75, thick: 0.75 }, 4, 'awl'],
  ['5 % lost', { lost: 5 }, 2, 'section'],
  ['61 % lost', { lost: 61 }, 4, 'section'],
  ['worst of three decides', { awl: 1 / 16, lost: 3, surface: 'soft-over-12-in' as const }, 3, 'surface'],
])('%s', (_, of, grade, decided) => {
  expect(computedGrade(seen(of))).toEqual({ grade, decided })
})

test('not touched is not sound', () => {
  expect(computedGrade(null)).toBeNull()
  expect(computedGrade(seen({}))).toBeNull()
  expect(gradeOf(sillNose({ stated_grade: null, observations: null }))).toBeNull()
})

test('a stated grade wins over the computed one', () => {
  expect(gradeOf(sillNose({ stated_grade: 1, observations: seen({ lost: 80 }) }))).toBe(1)
})
