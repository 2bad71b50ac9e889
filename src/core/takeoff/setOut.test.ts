import { expect, test } from '@jest/globals'
import { at, mend, house, total } from '../../../tests/support/priced'
import { layoutSurvey } from '../../../tests/support/surveys'
import type { Finding, SurveyOf } from '../job'
import { feet } from '../measure'

type Layout = SurveyOf<'layout'>
const wall = (n: number, of: Partial<Finding> = {}): Finding => ({
  ...at(n, 'foundation-wall', { at: { side: 'a', ft: 10, up_in: 6 }, length_in: 288, grade: null }),
  ...of,
})
const layout = (of: Partial<Layout> = {}): Layout =>
  layoutSurvey({ what: 'anchors', from: feet(10), to: feet(34), ...of })
const anchored = (findings: Finding[], surveys: Layout[] = []) =>
  house({ findings, surveys, work_items: [mend('r', findings, 'wall-anchor')] })
const count = (of: ReturnType<typeof anchored>) =>
  of.takeoff.items[0]!.consumables.find(({ id }) => id === 'wall-anchor')?.quantity ?? 0

test('how many anchors a wall takes is not guessed from its one place: without a number there is no price', () => {
  const bare = anchored([wall(1)])
  expect(bare.takeoff.items[0]!.lacks.join(' ')).toContain('How many is not known')
  expect(total(bare)).toBe(0)
  expect(anchored([wall(1, { count: 4 })]).takeoff.items[0]!.lacks).toEqual([])
  expect(count(anchored([wall(1, { count: 4 })]))).toBe(4)
  // A length said on the item is no number of anchors.
  const long = { kind: 'length', length: { value: feet(24), how: 'taped' } } as const
  const place = { at: wall(1).place as never, size: long as never, height: null }
  const item = mend('r', [wall(1)], 'wall-anchor', { places: [place] })
  expect(house({ findings: [wall(1)], work_items: [item] }).takeoff.items[0]!.lacks).not.toEqual([])
})

test('as many as are set out along that wall, once, however many places of it were found', () => {
  // 24 ft, at the most 5 ft 6 in apart: 4.36, so five.
  expect(count(anchored([wall(1)], [layout()]))).toBe(5)
  expect(count(anchored([wall(1), wall(2)], [layout()]))).toBe(5)
  expect(total(anchored([wall(1)], [layout()]))).toBe(total(anchored([wall(1, { count: 5 })])))
  // Straps say nothing of anchors, nor does another wall.
  for (const other of [layout({ what: 'straps' }), layout({ side_id: 'side-b' })])
    expect(anchored([wall(1)], [other]).takeoff.items[0]!.lacks).not.toEqual([])
})

test('the later survey of a stretch stands; stretches apart are added up', () => {
  const later = layout({ id: 'l2', day: '2026-04-01', spacing: feet(4) })
  expect(count(anchored([wall(1)], [layout(), later]))).toBe(6)
  const beside = layout({ id: 'l3', from: feet(0), to: feet(10) })
  expect(count(anchored([wall(1)], [layout(), beside]))).toBe(7)
})
