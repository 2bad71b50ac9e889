import { describe, expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { planAt, planWalls } from '../geometry'
import { live, type SurveyOf } from '../job'
import { feet, inches } from '../measure'
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

describe('a line of supports', () => {
  type Frame = SurveyOf<'frame'>
  const cabin = live(DEMO_JOBS['saltmarsh-cabin']())
  const frame = cabin.surveys.find((each): each is Frame => each.kind === 'frame')!
  const support = (
    along_ft: number,
    of: Partial<Frame['supports'][number]> = {},
  ): Frame['supports'][number] => ({
    ...{ support: `post ${along_ft}`, along: feet(along_ft), stands: 'plumb', on: 'footing', lift: null },
    ...of,
  })
  const drawn = (of: Partial<Frame>): Mark | undefined =>
    surveysIn(
      drawPlan(
        { ...cabin, surveys: [{ ...frame, ...of }] },
        { px: 60, chosen: [], surveys: drawSurveysOnPlan },
      ).items,
    )[0]
  const where = { line_side_id: cabin.sides[0]!.id, line_from: feet(2), line_in: feet(9), girder: feet(14) }

  test('lies so far in from its wall, begins at its station, ends where the girder ends', () => {
    const mark = drawn({ ...where, supports: [support(4), support(10)] })!
    const line = mark.shapes.flatMap((each) =>
      each.kind === 'strokes' && each.ink === 'level' ? each.lines : [],
    )[0]!
    const wall = planWalls(cabin)[0]!
    const length = cabin.sides[0]!.length!
    const ends = [feet(2), feet(16)].map((station) => planAt(wall, station, length, -1 * feet(9)))
    expect(line).toEqual(ends.map(({ x, y }) => [x, y]))
    expect(labels(mark)).toEqual([])
  })

  test('says of each that does not stand as it should how it stands, and how far it goes up', () => {
    const mark = drawn({
      ...where,
      supports: [support(4), support(10, { stands: 'loose', on: 'soil', lift: inches(0.5) })],
    })!
    expect(labels(mark)).toEqual(['post 10: loose, on soil, up 1/2"'])
  })

  const joist = (member: string, of: Partial<Frame['members'][number]> = {}): Frame['members'][number] => ({
    ...{ member, state: 'sound', bearing: null, bears_on: 'wood' },
    ...of,
  })
  const joists = {
    ...where,
    supports: [],
    joist_spacing_in: 16 as const,
    members: [
      joist('joist 1'),
      joist('joist 4', { state: 'soft' }),
      joist('joist 7', { bearing: inches(0.5) }),
      joist('the long one', { state: 'broken' }),
    ],
  }

  test('joists called by a number stand a spacing apart from its beginning, between the wall and the line', () => {
    const mark = drawn(joists)!
    const wall = planWalls(cabin)[0]!
    const length = cabin.sides[0]!.length!
    const runOf = (number: number): (readonly [number, number])[] =>
      [0, feet(9)].map((into) => {
        const { x, y } = planAt(wall, feet(2) + inches(16 * (number - 1)), length, -1 * into)
        return [x, y]
      })
    const lines = (ink: string) =>
      mark.shapes.flatMap((each) => (each.kind === 'strokes' && each.ink === ink ? each.lines : []))
    expect(lines('contour')).toEqual([runOf(1)])
    expect(lines('damage')).toEqual([runOf(4), runOf(7)])
    expect(labels(mark)).toEqual(['joist 4: soft', 'joist 7: bears too little'])
  })

  test('without a spacing, or without a number, nobody knows where a joist is: it is not drawn', () => {
    expect(drawn({ ...joists, joist_spacing_in: null })).toBeUndefined()
    expect(drawn({ ...joists, members: [joist('the long one'), joist('joist 0')] })).toBeUndefined()
  })

  test('is not drawn while nobody said where it lies', () => {
    expect(drawn({ ...where, line_in: null, supports: [support(4)] })).toBeUndefined()
    expect(drawn({ ...where, line_side_id: null, supports: [support(4)] })).toBeUndefined()
    expect(drawn({ ...where, supports: [support(4, { along: null })] })).toBeUndefined()
  })
})
