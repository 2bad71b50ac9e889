import { describe, expect, test } from '@jest/globals'
import { smallHouse } from '../../../../tests/support/jobs'
import type { JobDocument, Survey } from '../../job'
import { feet, inches, type Length } from '../../measure'
import { fallsTo } from './floors'
import { surveysOf } from './index'
import { shownBy } from './surveyRead'

const base = { removed: false, day: '2026-03-04', by: 'Dov', instrument: '', note: '', finding_ids: [] }
const below = (value: number): Length => inches(value)

function courses(id: string, day: string, overEdges: readonly number[], of: Partial<Survey> = {}): Survey {
  return {
    ...base,
    id,
    day,
    kind: 'courses',
    side_id: 'side-a',
    course: inches(8),
    joint: inches(0.375),
    readings: overEdges.map((over, index) => ({
      station: feet(index * 10),
      course: 3,
      edge: 'top' as const,
      over_edge: below(over),
    })),
    ...of,
  } as Survey
}
const withSurveys = (...surveys: Survey[]): JobDocument => ({ ...smallHouse(), surveys })
const first = (...surveys: Survey[]) => surveysOf(withSurveys(...surveys)).read[0]!

describe('a line along a wall', () => {
  test('falls where the line lies higher over the course, and says by how much and where', () => {
    const read = first(courses('s', '2026-03-04', [0, 0.25, 0.75, 1.25]))
    expect(read.says).toBe('Lowest at 30 ft: 1-1/4" under 0 ft, 1 in 288.')
    expect(read.shows).toEqual([{ sign: 'course-line-drops', present: true, measure: 'course-fall' }])
  })
  test('passing to the next course is no rise', () => {
    const read = first(
      courses('s', '2026-03-04', [], {
        readings: [
          { station: feet(0), course: 3, edge: 'top', over_edge: inches(0.5) },
          // The line lies 7 3/4 in under the top of the fourth course: 1/4 in over the top of the third.
          { station: feet(20), course: 4, edge: 'top', over_edge: below(-7.75) },
        ],
      }),
    )
    expect(read.measures).toEqual([{ id: 'course-fall', value: 0.25 }])
  })
  test('level over a long wall speaks against settling; one reading says nothing', () => {
    expect(first(courses('s', '2026-03-04', [0, 0, 0.125])).shows.map((each) => each.sign)).toEqual([
      'courses-level',
    ])
    expect(first(courses('s', '2026-03-04', [0])).shows).toEqual([])
  })
  test('a second date tells how far it fell', () => {
    const job = withSurveys(
      courses('s1', '2026-03-04', [0, 0.25, 0.5]),
      courses('s2', '2026-10-04', [0, 0.25, 0.75]),
    )
    const { read, verdicts } = surveysOf(job)
    expect(read[1]!.measures).toContainEqual({ id: 'fell-since', value: 0.25 })
    expect(read[1]!.says).toContain('It fell 1/4" since')
    expect(verdicts[0]!.verdict.id).toBe('settlement')
    expect(verdicts[0]!.verdict.nextReading).toContain('Plumb')
  })
})

test('a survey only begun takes nothing from the one before', () => {
  const job = withSurveys(courses('s1', '2026-03-04', [0, 0.25, 0.75]), courses('s2', '2026-10-04', []))
  expect(surveysOf(job).verdicts[0]).toMatchObject({
    verdict: { reasons: ['a course line falls 0.75 in along the wall'] },
    survey_ids: ['s1'],
  })
})

test('a station only begun is no reading', () => {
  const begun = courses('s', '2026-03-04', [0, 0.75])
  if (begun.kind !== 'courses') throw new Error('no line')
  const unread = { station: feet(40), course: 3, edge: 'top' as const, over_edge: null }
  expect(first({ ...begun, readings: [...begun.readings, unread] }).says).toBe(first(begun).says)
  const wall = {
    ...base,
    id: 'p',
    kind: 'plumb' as const,
    side_id: 'side-a',
    height: feet(7),
    foot_as_built: null,
    stations: [{ station: feet(4), foot: inches(0), middle: null, top: inches(0) }],
  }
  expect(first(wall)).toMatchObject({ says: 'No station yet.', shows: [] })
})

describe('a floor', () => {
  const floor = (
    id: string,
    heights: readonly (readonly [string, number, number, number])[],
    day = '2026-03-04',
  ) =>
    ({
      ...base,
      id,
      day,
      kind: 'floor',
      floor: 'Ground floor',
      readings: heights.map(([point, across, back, rod]) => ({
        set_up: 1,
        point,
        rod: inches(rod),
        across: feet(across),
        back: feet(back),
        covering: inches(0),
      })),
    }) as Survey
  // A plane that falls to the right and to the back by 0.03 in a foot each, read by hand as rods.
  const tilted = floor('f', [
    ['a', 0, 0, 50],
    ['b', 30, 0, 50.9],
    ['c', 0, 30, 50.9],
    ['d', 30, 30, 51.8],
    ['e', 15, 15, 50.9],
  ])
  test('tilted as one body is no bend', () => {
    const read = first(tilted)
    expect(read.says).toContain('Falls 1-13/16" to the right back corner, 1 in 283.')
    expect(read.says).toContain('Straight in itself.')
    expect(read.shows.map((each) => each.sign)).toEqual(['falls-to-corner'])
    expect(surveysOf(withSurveys(tilted)).verdicts[0]!.verdict.id).toBe('rotation')
  })
  test('a fall is taken the way the floor falls, not over its diagonal', () => {
    const read = first(
      floor('f', [
        ['a', 1, 1, 48],
        ['b', 39, 1, 48],
        ['c', 1, 27, 49],
        ['d', 39, 27, 49],
      ]),
    )
    expect(read.says).toContain('Falls 1" to the back, 1 in 312.')
    // An inch in 26 ft is more than half an inch in 20.
    expect(read.shows.map((each) => each.sign)).toEqual(['falls-to-one-side'])
  })
  test('low in its middle', () => {
    const read = first(
      floor('f', [
        ['a', 0, 0, 50],
        ['b', 30, 0, 50],
        ['c', 0, 30, 50],
        ['d', 30, 30, 50],
        ['e', 15, 15, 51.25],
      ]),
    )
    expect(read.shows.map((each) => each.sign)).toContain('falls-to-middle')
  })
  test('a set-up that is not tied says which, and shows nothing', () => {
    const loose = floor('f', [['a', 0, 0, 50]])
    const read = first({
      ...loose,
      readings: [
        ...(loose as Extract<Survey, { kind: 'floor' }>).readings,
        { set_up: 4, point: 'z', rod: inches(40), across: feet(3), back: feet(3), covering: inches(0) },
      ],
    } as Survey)
    expect(read.problem).toContain('Set-up 4')
    expect(read.shows).toEqual([])
  })
  test('a covering lies on the floor and is no fall of it', () => {
    const read = first({
      ...tilted,
      readings: (tilted as Extract<Survey, { kind: 'floor' }>).readings.map((each) => ({
        ...each,
        rod: inches(each.point === 'a' ? 49.25 : 50),
        covering: inches(each.point === 'a' ? 0.75 : 0),
      })),
    } as Survey)
    expect(read.shows.map((each) => each.sign)).toEqual(['level-within-half-in-20-ft'])
  })
  test.each([
    [0, 'the right', false],
    [90, 'the back', false],
    [-90, 'the front', false],
    [45, 'the right back corner', true],
    [135, 'the left back corner', true],
    [225, 'the left front corner', true],
    [315, 'the right front corner', true],
    [355, 'the right', false],
  ])('a fall to %d degrees goes to %s', (deg, words, corner) => {
    expect(fallsTo(deg)).toEqual({ words, corner })
  })
})

describe('a wall out of plumb', () => {
  const plumb = (middle: number, top = 0): Survey => ({
    ...base,
    id: 'p',
    kind: 'plumb',
    side_id: 'side-a',
    height: feet(7),
    foot_as_built: null,
    stations: [
      { station: feet(4), foot: inches(0), middle: inches(0), top: inches(0) },
      { station: feet(12), foot: inches(0), middle: below(middle), top: below(top) },
    ],
  })
  test('bellies in: pressure, an engineer from an inch, first from two', () => {
    expect(first(plumb(0.625)).gate).toBe('none')
    expect(first(plumb(1)).gate).toBe('engineer-advised')
    const worst = first(plumb(2))
    expect(worst.gate).toBe('engineer-first')
    expect(worst.says).toBe('The wall bellies in 2" at 12 ft. An engineer goes first.')
    expect(worst.shows.filter((each) => each.present).map((each) => each.sign)).toEqual(['wall-bowed'])
    expect(surveysOf(withSurveys(plumb(2))).verdicts[0]!.verdict).toMatchObject({ id: 'lateral' })
  })
  test('plumb speaks against pressure', () => {
    expect(first(plumb(0.125)).shows).toContainEqual({
      sign: 'wall-plumb',
      present: true,
      measure: 'out-of-plumb',
    })
  })
})

test('ground that falls to the wall', () => {
  const read = first({
    ...base,
    id: 'g',
    kind: 'ground',
    side_id: 'side-a',
    stations: [
      { station: feet(5), surface: 'soil', fall: below(-1), run: feet(6) },
      { station: feet(15), surface: 'soil', fall: inches(6), run: feet(10) },
    ],
  })
  expect(read.says).toBe('1 of 2 stations fall too little, and towards the wall: -1.4 % at the worst.')
  expect(read.shows.map((each) => each.sign)).toEqual(['infall-within-6-ft'])
})

test('a figure just under a row shows nothing', () => {
  expect(shownBy([{ id: 'bows-in', value: 0.4999 }])).toEqual([])
  expect(shownBy([{ id: 'bows-in', value: 0.5 }])).toHaveLength(1)
})

test('a crack wider at its top that grew', () => {
  const read = first({
    ...base,
    id: 'c',
    kind: 'crack',
    place: { kind: 'none' },
    run: 'stepped',
    masonry: true,
    filled_before: true,
    readings: [
      {
        day: '2026-01-10',
        upper: inches(0.25),
        lower: inches(0.0625),
        offset: inches(0),
        proud: 'neither',
        season: 'wet',
      },
      {
        day: '2026-07-10',
        upper: inches(0.375),
        lower: inches(0.0625),
        offset: inches(0),
        proud: 'neither',
        season: 'dry',
      },
    ],
  })
  expect(read.shows.map((each) => each.sign)).toEqual([
    'crack-stepped',
    'crack-wider-above',
    'fresh-crack-faces',
    'crack-filled-torn-again',
  ])
  expect(read.says).toContain('Wider by 1/8" in 181 days.')
})
