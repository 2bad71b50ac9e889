import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { live } from '../job'
import { drawPlan } from './drawPlan'
import { drawStrip } from './drawStrip'
import { drawSurveysOnPlan, drawSurveysOnStrip } from './drawSurveys'
import type { Mark, Shape } from './drawing'

const job = live(DEMO_JOBS['quarry-road-1190']())
const strip = { px: 60, coverage: null, trace: null, chosen: [], only: null }
const surveysIn = (items: readonly (Shape | Mark)[]): Mark[] =>
  items.filter((each): each is Mark => each.kind === 'mark' && each.of === 'survey')
const labels = (mark: Mark): string[] =>
  mark.shapes.flatMap((each) => (each.kind === 'label' ? [each.text] : []))

test('the last line of a wall is drawn with its falls, and none where surveys are not asked for', () => {
  const drawn = surveysIn(drawStrip(job, { ...strip, surveys: drawSurveysOnStrip }).items)
  expect(drawn.map((each) => each.ids[0])).toEqual(['courses-c2', 'ground-d'])
  expect(labels(drawn[0]!)).toEqual(['1-1/4"', '7/8"', '7/16"', '1/8"'])
  expect(labels(drawn[1]!)).toEqual(['-1.4 %', '-2.1 %', '0.7 %'])
  expect(surveysIn(drawStrip(job, strip).items)).toEqual([])
})

test('a fall of an inch is drawn twenty inches under the level', () => {
  const [line] = surveysIn(drawStrip(job, { ...strip, surveys: drawSurveysOnStrip }).items)
  const strokes = line!.shapes.flatMap((each) =>
    each.kind === 'strokes' && each.ink === 'level-line' ? each.lines : [],
  )
  const heights = strokes[0]!.map(([, y]) => y)
  expect(heights.at(-1)! - heights[0]!).toBeCloseTo(1.25 * 20 * 64, 6)
})

test('the plan has the last floor with its contours, and the belly of the wall', () => {
  const drawn = surveysIn(drawPlan(job, { px: 60, chosen: [], surveys: drawSurveysOnPlan }).items)
  expect(drawn.map((each) => each.ids[0])).toEqual(['floor-2', 'plumb-d'])
  expect(labels(drawn[0]!)).toContain('i -2-11/16"')
  const contour = drawn[0]!.shapes.find((each) => each.kind === 'strokes' && each.ink === 'contour')
  expect(contour?.kind === 'strokes' && contour.lines.length).toBeGreaterThan(3)
})
