/**
 * Measurements of water and of what moves, against printed values (from memory), worked examples by hand, and a statistics library.
 */
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { linearRegression } from 'simple-statistics'
import {
  atticVents,
  bestPlane,
  courseDrops,
  crackClass,
  crackShape,
  crawlVents,
  downspoutByTrade,
  gallonsAMinute,
  groundCover_ft2,
  gutterByCode,
  GUTTER_SLOPES,
  halfRound_ft2,
  movementVerdict,
  oneIn,
  pitchFactor,
  reduceLevels,
  wallGate,
  wallShapes,
  type FloorPoint,
  type Measured,
} from '../../src/core/survey'

const roof = (plan_ft2: number, pitch_in_12 = 0, wall_ft2 = 0) => ({
  name: 'roof',
  plan_ft2,
  pitch_in_12,
  wall_ft2,
})

describe('gutters and downspouts', () => {
  // International Plumbing Code through 2012, table 1106.6, printed columns for 2 and 4 in an hour, from memory.
  test.each([
    [4, '1/16', 2, 720],
    [4, '1/16', 4, 360],
    [5, '1/16', 4, 625],
    [6, '1/16', 4, 960],
    [5, '1/8', 4, 880],
    [6, '1/8', 4, 1360],
    [7, '1/8', 4, 1950],
    [6, '1/4', 2, 3840],
    [8, '1/2', 4, 5600],
  ] as const)('half-round %d in at %s, %d in/h: %d ft²', (diameter, slope, rain, area) => {
    expect(halfRound_ft2(diameter, slope, rain)).toBe(area)
  })

  test('700 ft² at 4 in an hour and 1/16 in a foot: 4 and 5 in fail, 6 in passes', () => {
    const by = (hung_in: number) => gutterByCode({ roofs: [roof(700)], rain_in_h: 4, slope: '1/16', hung_in })
    expect([4, 5, 6].map((size) => by(size).result.hungCarries)).toEqual([false, false, true])
    expect(by(4).result.least_in).toBe(6)
    expect(by(4).says).toContain('A 4 in half-round carries 360 ft²: too small')
  })

  test('three slopes that meet are summed before anything is sized, and half of a wall above counts', () => {
    const { result } = gutterByCode({
      roofs: [roof(400), roof(250), roof(50, 0, 200)],
      rain_in_h: 4,
      slope: '1/16',
      hung_in: null,
    })
    expect(result).toEqual({ area_ft2: 800, least_in: 6, hungCarries: null })
  })

  test('beyond the table there is no size', () => {
    const beyond = gutterByCode({ roofs: [roof(20_000)], rain_in_h: 4, slope: '1/2', hung_in: 6 })
    expect(beyond.result).toMatchObject({ least_in: null, hungCarries: false })
    expect(beyond.says).toContain('an engineer')
  })

  test('table area goes with the root of the fall, within what was printed', () => {
    for (const size of [4, 5, 6, 8]) {
      const [flat, , quarter] = GUTTER_SLOPES.map((slope) => halfRound_ft2(size, slope, 1)!)
      expect(quarter! / flat!).toBeCloseTo(2, 2)
    }
  })

  // 1,500 ft² at 4 in an hour: 62.3 gallons a minute, 5.0 in², at 6 in 12 5.5 in²; trade manual and its arithmetic, from memory.
  test('downspouts by the trade', () => {
    expect(gallonsAMinute(1500, 4)).toBeCloseTo(62.3, 1)
    expect(downspoutByTrade({ roofs: [roof(1500)], rain_in_h: 4 }).result!.least_in2).toBeCloseTo(5, 9)
    expect(downspoutByTrade({ roofs: [roof(1500, 6)], rain_in_h: 4 }).result!.least_in2).toBeCloseTo(5.5, 9)
    expect([0, 3, 4, 5, 6, 8, 9, 11, 12].map(pitchFactor)).toEqual([
      1, 1, 1.05, 1.05, 1.1, 1.1, 1.2, 1.2, 1.3,
    ])
    expect(downspoutByTrade({ roofs: [roof(100, 14)], rain_in_h: 4 })).toMatchObject({ result: null })
  })
})

describe('vents and cover', () => {
  // 1,500 ft² of crawl space: 1,440 in² bare, 144 in² covered and across; 1,200 ft² of attic: 8 or 4 ft². From memory.
  test('crawl space and attic', () => {
    const crawl = (covered: boolean, across: boolean, there_in2: number | null = null) =>
      crawlVents({ floor_ft2: 1500, covered, across, there_in2 }).result
    expect(crawl(false, true).least_in2).toBeCloseTo(1440, 9)
    expect(crawl(true, true).least_in2).toBeCloseTo(144, 9)
    expect(crawl(true, false).least_in2).toBeCloseTo(1440, 9)
    expect(crawl(false, true, 1000).short_in2).toBeCloseTo(440, 9)
    const attic = (balanced: boolean) =>
      atticVents({ attic_ft2: 1200, balanced, there_in2: null }).result.least_in2
    expect([attic(false), attic(true)]).toEqual([1152, 576])
  })

  // By hand: 30 × 40 ft in rolls of 10 ft: 1,200 × 0.5 / 9.5 = 63.2 for laps, 140 ft × 0.5 = 70 up the walls.
  test('ground cover with laps and edges', () => {
    expect(groundCover_ft2({ floor_ft2: 1200, around_ft: 140, roll_ft: 10 })).toBeCloseTo(1333.2, 1)
  })
})

describe('levels', () => {
  // By hand: sight 48.00 over the mark; TP 60.25 → −12.25; second sight 33.5 − 12.25 = 21.25; corner 40 → −18.75; the mark again 21.20 → 0.05.
  const set = [
    {
      readings: [
        { point: 'mark', rod_in: 48 },
        { point: 'tp', rod_in: 60.25 },
      ],
    },
    {
      readings: [
        { point: 'tp', rod_in: 33.5 },
        { point: 'corner', rod_in: 40 },
        { point: 'mark', rod_in: 21.2 },
      ],
    },
  ]
  test('a run of two set-ups tied by a turning point', () => {
    const run = reduceLevels(set)
    if (!run.ok) throw new Error(run.error.kind)
    expect([...run.value.heights]).toEqual([
      ['mark', 0],
      ['tp', -12.25],
      ['corner', -18.75],
    ])
    expect(run.value.misclosure_in).toBeCloseTo(0.05, 9)
    expect(run.value.reshoot).toBe(false)
  })

  test('a run that does not close is shot again, and one that is not tied says so', () => {
    const off = structuredClone(set)
    off[1]!.readings[2]!.rod_in = 21.45
    const run = reduceLevels(off)
    expect(run.ok && run.value.reshoot).toBe(true)
    expect(reduceLevels([set[0]!, { readings: [{ point: 'new', rod_in: 3 }] }])).toEqual({
      ok: false,
      error: { kind: 'not-tied', setUp: 2 },
    })
    expect(reduceLevels([])).toMatchObject({ ok: false })
  })

  // 1-1/4 below the top of course 9 at the corner, 5/8 at 8 ft, at 16 ft 2-1/2 below the top of course 10; a course is 2-3/4.
  test('where the line passes to the next course a course is added', () => {
    const drops = courseDrops(
      [
        { station_ft: 0, course: 9, edge: 'top', line_over_edge_in: -1.25 },
        { station_ft: 8, course: 9, edge: 'top', line_over_edge_in: -0.625 },
        { station_ft: 16, course: 10, edge: 'top', line_over_edge_in: -2.5 },
      ],
      { course_in: 2.75, joint_in: 0.375 },
    )
    expect(drops.map(({ drop_in }) => drop_in)).toEqual([0, 0.625, 1.5])
    expect(oneIn(1.5, 16)).toBe(128)
    expect(oneIn(0.375, 4)).toBe(128)
    expect(oneIn(0, 4)).toBeNull()
  })

  test('the same course read at its bottom edge or its top edge gives the same drop', () => {
    const of = { course_in: 2.75, joint_in: 0.5 }
    const top = courseDrops(
      [
        { station_ft: 0, course: 9, edge: 'top', line_over_edge_in: -1 },
        { station_ft: 8, course: 9, edge: 'top', line_over_edge_in: -0.25 },
      ],
      of,
    )
    const bottom = courseDrops(
      [
        { station_ft: 0, course: 9, edge: 'top', line_over_edge_in: -1 },
        // The brick is 2-1/4 high: a quarter below its top is 2 over its bottom edge.
        { station_ft: 8, course: 9, edge: 'bottom', line_over_edge_in: 2 },
      ],
      of,
    )
    expect(bottom).toEqual(top)
  })

  const grid = (height: (x: number, y: number) => number): FloorPoint[] =>
    [0, 10, 20].flatMap((x) =>
      [0, 8, 16].map((y) => ({ x_ft: x, y_ft: y, height_in: height(x, y), covering_in: 0 })),
    )

  test('a plane is found again, whatever it is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.2, max: 0.2, noNaN: true }),
        fc.double({ min: -0.2, max: 0.2, noNaN: true }),
        (a, b) => {
          const plane = bestPlane(grid((x, y) => a * x + b * y + 3))
          if (!plane.ok) throw new Error(plane.error.kind)
          expect(plane.value.tilt_in_per_ft).toBeCloseTo(Math.hypot(a, b), 9)
          expect(plane.value.distortion_in).toBeCloseTo(0, 9)
        },
      ),
    )
  })

  test('over a square grid its slopes are those of two plain regressions', () => {
    const points = grid((x, y) => 0.05 * x - 0.02 * y + ((x * 7 + y * 3) % 5) * 0.1)
    const plane = bestPlane(points)
    if (!plane.ok) throw new Error(plane.error.kind)
    const a = linearRegression(points.map((p) => [p.x_ft, p.height_in])).m
    const b = linearRegression(points.map((p) => [p.y_ft, p.height_in])).m
    expect(plane.value.tilt_in_per_ft).toBeCloseTo(Math.hypot(a, b), 9)
    expect(plane.value.falls_to_deg).toBeCloseTo((Math.atan2(-b, -a) * 180) / Math.PI, 9)
  })

  test('a covering is taken off, and a line of points is no floor', () => {
    const bare = grid((x) => 0.1 * x)
    const covered = bare.map((p) =>
      p.x_ft === 10 ? { ...p, height_in: p.height_in + 0.75, covering_in: 0.75 } : p,
    )
    const [one, two] = [bestPlane(bare), bestPlane(covered)]
    if (!one.ok || !two.ok) throw new Error('no plane')
    expect(two.value.tilt_in_per_ft).toBeCloseTo(one.value.tilt_in_per_ft, 9)
    expect(two.value.over_in.map(Math.abs).every((over) => over < 1e-9)).toBe(true)
    expect(bestPlane(bare.filter(({ y_ft }) => y_ft === 0))).toEqual({
      ok: false,
      error: { kind: 'in-line' },
    })
    expect(bestPlane(bare.slice(0, 2))).toEqual({ ok: false, error: { kind: 'too-few' } })
  })
})

describe('walls and cracks', () => {
  test('lean, bow and slide of a wall, and its gates', () => {
    const shapes = wallShapes(
      [
        { station_ft: 4, foot_in: 0, middle_in: 0.75, top_in: 0.5 },
        { station_ft: 12, foot_in: 0.25, middle_in: 1.75, top_in: 1.25 },
      ],
      0,
    )
    expect(shapes).toEqual([
      { station_ft: 4, lean_in: 0.5, bow_in: 0.5, slide_in: 0 },
      { station_ft: 12, lean_in: 1, bow_in: 1, slide_in: 0.25 },
    ])
    expect(wallGate(shapes)).toBe('engineer-advised')
    expect(wallGate(wallShapes([{ station_ft: 0, foot_in: 0, middle_in: 2, top_in: 0 }]))).toBe(
      'engineer-first',
    )
    expect(wallGate(wallShapes([{ station_ft: 0, foot_in: 0.5, middle_in: 0.5, top_in: 0.5 }], 0))).toBe(
      'engineer-advised',
    )
    expect(wallGate(wallShapes([{ station_ft: 0, foot_in: 0, middle_in: 0.25, top_in: 0.25 }]))).toBe('none')
  })

  // Burland and others 1977, BRE Digest 251, boundaries 0.1, 1, 5, 15 and 25 mm, from memory.
  test.each([
    [0.05, 'negligible'],
    [0.5, 'very slight'],
    [3, 'slight'],
    [10, 'moderate'],
    [20, 'severe'],
    [30, 'very severe'],
  ])('%d mm in masonry: %s', (mm, name) => {
    expect(crackClass(mm / 25.4, true)).toBe(name)
    expect(crackClass(mm / 25.4, false)).toBeNull()
  })

  test('where it is wider, and what it grew between two dates', () => {
    const crack = {
      run: 'diagonal',
      masonry: true,
      filledBefore: false,
      readings: [
        { day: '2026-11-01', upper_in: 0.25, lower_in: 0.1, offset_in: 0 },
        { day: '2026-03-01', upper_in: 0.125, lower_in: 0.1, offset_in: 0 },
      ],
    } as const
    expect(crackShape(crack)).toEqual({
      wide: 'above',
      grew: { in_: 0.125, days: 245 },
      class: 'moderate',
    })
    expect(crackShape({ ...crack, readings: [] })).toBeNull()
  })
})

describe('verdict', () => {
  const nothing: Measured = {
    plane: null,
    across_ft: null,
    courses: [],
    walls: [],
    cracks: [],
    rustAtSteel: false,
    ridgeSagsWithoutTies: false,
    middleHighest: false,
    trimmedLongAgo: false,
    fellSince: false,
  }
  const falls = [
    { station_ft: 0, drop_in: 0 },
    { station_ft: 16, drop_in: 1.5 },
  ]
  const tapered = {
    run: 'diagonal',
    masonry: true,
    filledBefore: false,
    readings: [{ day: '2026-05-01', upper_in: 0.2, lower_in: 0.05, offset_in: 0 }],
  } as const
  const bowed = wallShapes([{ station_ft: 8, foot_in: 0, middle_in: 1.5, top_in: 0.5 }])
  const plumb = wallShapes([{ station_ft: 8, foot_in: 0, middle_in: 0.1, top_in: 0.1 }])
  const floor = (height: (x: number, y: number) => number): Pick<Measured, 'plane' | 'across_ft'> => {
    const points = [0, 10, 20].flatMap((x) =>
      [0, 10].map((y) => ({ x_ft: x, y_ft: y, height_in: height(x, y), covering_in: 0 })),
    )
    const plane = bestPlane(points)
    if (!plane.ok) throw new Error(plane.error.kind)
    return { plane: plane.value, across_ft: 20 }
  }
  test.each<[string, Partial<Measured>, string, RegExp | null]>([
    ['nothing measured', {}, 'inconclusive', /Plumb/],
    [
      'a course that falls and cracks that agree',
      { courses: falls, cracks: [tapered], walls: plumb },
      'settlement',
      null,
    ],
    ['the same, nobody looked for pressure', { courses: falls, cracks: [tapered] }, 'settlement', /Plumb/],
    [
      'a course that falls, nothing that agrees',
      { courses: falls, walls: plumb },
      'inconclusive',
      /second dated/,
    ],
    ['a wall that bellies in', { walls: bowed, courses: [falls[0]!] }, 'lateral', null],
    ['the same, nobody looked for settlement', { walls: bowed }, 'lateral', /Levels/],
    ['both are true', { walls: bowed, courses: falls, cracks: [tapered] }, 'both', null],
    ['rust at a lintel', { rustAtSteel: true, cracks: [tapered] }, 'rust', null],
    [
      'a roof that pushes',
      {
        ridgeSagsWithoutTies: true,
        walls: wallShapes([{ station_ft: 0, foot_in: 0, middle_in: -0.5, top_in: -1 }]),
      },
      'thrust',
      null,
    ],
    [
      'the middle the highest, with cracks',
      { middleHighest: true, cracks: [tapered] },
      'heave',
      /second dated/,
    ],
    ['within half an inch over 20 ft', { ...floor((x) => 0.02 * x), walls: plumb }, 'as-built', null],
    [
      'trimmed to fit long ago',
      { ...floor((x) => 0.08 * x), trimmedLongAgo: true },
      'as-built',
      /second dated/,
    ],
    ['tilted as one body', floor((x) => 0.08 * x), 'rotation', /second dated/],
  ])('%s: %s', (_, of, id, next) => {
    const verdict = movementVerdict({ ...nothing, ...of })
    expect(verdict.id).toBe(id)
    if (next === null) expect(verdict.nextReading).toBeNull()
    else expect(verdict.nextReading).toMatch(next)
    if (id !== 'inconclusive') expect(verdict.reasons.length).toBeGreaterThan(0)
  })

  test('one dated survey of hairlines is no verdict', () => {
    const hairline = {
      ...tapered,
      readings: [{ day: '2026-05-01', upper_in: 0.005, lower_in: 0.005, offset_in: 0 }],
    }
    expect(movementVerdict({ ...nothing, cracks: [hairline], walls: plumb, courses: [falls[0]!] }).id).toBe(
      'inconclusive',
    )
  })
})
