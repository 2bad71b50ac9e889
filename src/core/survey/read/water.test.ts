import { describe, expect, test } from '@jest/globals'
import { frameSurvey } from '../../../../tests/support/surveys'
import { smallHouse } from '../../../../tests/support/jobs'
import type { Survey, SurveyOf } from '../../job'
import { feet, inches } from '../../measure'
import { surveysOf, type SurveyRead } from './index'

const base = { removed: false, day: '2026-03-04', by: 'Dov', instrument: '', note: '', finding_ids: [] }
const first = (survey: Survey): SurveyRead => surveysOf({ ...smallHouse(), surveys: [survey] }).read[0]!
const signs = (survey: Survey): string[] =>
  first(survey).shows.map((each) => `${each.present ? '' : 'no '}${each.sign}`)

describe('roof water', () => {
  const gutter = (of: Partial<Extract<Survey, { kind: 'gutter' }>>): Survey => ({
    ...base,
    id: 'g',
    kind: 'gutter',
    side_id: 'side-a',
    shape: 'half-round',
    width: inches(5),
    fall: '1/16',
    roofs: [{ name: 'back', plan_ft2: 1200, pitch_in_12: 6, wall_ft2: 0 }],
    rain_hour_in: 2,
    rain_five_minutes_in: 6,
    downspouts: 1,
    downspout_in2: 4,
    goes_to: 'the ditch',
    ...of,
  })
  test('1,200 ft² at 6 in 12 and 6 in/h want 6.6 in²: one of 4 is short, two are not', () => {
    expect(first(gutter({})).says).toContain('Downspouts 4.0 in²: 2.6 in² short.')
    expect(signs(gutter({}))).toEqual(['roof-area-over-outlet-limit'])
    expect(first(gutter({ downspouts: 2 })).says).toContain('Downspouts 8.0 in²: no less than is asked.')
    expect(signs(gutter({ downspouts: 2 }))).toEqual([])
  })
  test('what is not said is asked, and the outlet is named', () => {
    expect(first(gutter({ rain_hour_in: null, fall: null })).says).toContain(
      'Not said yet: the rain of an hour, the fall of the gutter.',
    )
    expect(first(gutter({ goes_to: '' })).says).toContain('name the outlet')
  })
  test('three roofs in one gutter are a sign by themselves', () => {
    const roof = { name: 'r', plan_ft2: 50, pitch_in_12: 4, wall_ft2: 0 }
    expect(signs(gutter({ roofs: [roof, roof, roof] }))).toEqual(['takes-several-roofs'])
  })
})

test('vents: count × size × what is free, against one to 150', () => {
  const read = first({
    ...base,
    id: 'v',
    kind: 'vents',
    space: 'crawl',
    floor_ft2: 1000,
    covered: false,
    balanced: true,
    openings: [{ what: 'vent', count: 6, width: inches(16), height: inches(8), free_percent: 50 }],
  })
  // 1,000 ÷ 150 × 144 = 960; 6 × 16 × 8 × half = 384.
  expect(read.says).toBe('960 in² net free: 576 in² short.')
  expect(read.plain).toEqual([
    'The crawl space has 384 square inches of free vents; the rule for new houses asks 960.',
  ])
})

describe('piers of a home', () => {
  const rail = (...stands: ('plumb' | 'leaning' | 'sunk' | 'loose')[]): Survey => ({
    ...base,
    id: 'h',
    kind: 'home',
    rail: 'Front rail',
    spacing: feet(8),
    roof_psf: 20,
    soil: 'untested',
    pad: null,
    pad_thick: null,
    piers: stands.map((each, index) => ({
      pier: String(index + 1),
      height: inches(28),
      level: inches(0),
      double: false,
      stands: each,
    })),
  })
  test('one that leans shows leaning, none that they stand plumb', () => {
    expect(signs(rail('plumb', 'leaning'))).toEqual(['pier-leaning'])
    expect(signs(rail('plumb', 'plumb'))).toEqual(['pier-snug-plumb'])
    expect(signs(rail('sunk', 'loose'))).toEqual(['support-sunk', 'daylight-in-bearing'])
  })
})

describe('supports and members of a floor', () => {
  type Frame = SurveyOf<'frame'>
  const support = (of: Partial<Frame['supports'][number]>): Frame['supports'][number] => ({
    ...{ support: 'post 1', along: null, stands: null, on: null, lift: null },
    ...of,
  })
  const member = (of: Partial<Frame['members'][number]>): Frame['members'][number] => ({
    ...{ member: 'joist 1', state: null, bearing: null, bears_on: 'wood' as const },
    ...of,
  })
  const floor = (of: Partial<Frame>): Frame => frameSurvey({ ...base, floor: 'Hall', ...of })
  test('each fault shows its sign; plumb all round only where all were looked at', () => {
    const off = [
      support({ stands: 'leaning', on: 'footing' }),
      support({ support: 'post 2', stands: 'loose', on: 'loose-blocks' }),
      support({ support: 'post 3', stands: 'plumb', on: 'soil' }),
      support({ support: 'post 4' }),
    ]
    expect(signs(floor({ supports: off }))).toEqual([
      'pier-leaning',
      'daylight-in-bearing',
      'support-wood-on-soil',
      'jack-without-pad',
    ])
    const said = first(floor({ supports: off }))
    expect(said.says).toBe(
      '4 supports, 3 not as they should stand: post 1 leaning; post 2 loose, on loose blocks; post 3 on soil. Not looked at: post 4.',
    )
    expect(said.plain).toEqual(['Supports of the floor that do not stand as they should: 3 of 4.'])
    const good = support({ stands: 'plumb', on: 'footing' })
    expect(signs(floor({ supports: [good] }))).toEqual(['pier-snug-plumb'])
    expect(signs(floor({ supports: [good, support({})] }))).toEqual([])
    expect(signs(floor({}))).toEqual([])
  })
  test('members that are not sound are counted among those looked at; an end on nothing is a gap in its bearing', () => {
    const members = [
      member({ state: 'soft', bearing: inches(1) }),
      member({ member: 'joist 2', state: 'sound', bearing: inches(1.5) }),
      member({ member: 'joist 3', state: 'damp', bearing: inches(2), bears_on: 'masonry' }),
      member({ member: 'joist 4' }),
    ]
    const said = first(floor({ members }))
    expect(said.says).toBe(
      '4 members, 1 not sound: joist 1 soft. Bears too little: joist 1 1 in; joist 3 2 in. An engineer, or a support under it.',
    )
    expect(said.plain).toEqual(['Pieces of the floor’s frame that are not sound: 1 of 3 looked at.'])
    expect(signs(floor({ members }))).toEqual([])
    expect(signs(floor({ members: [member({ bearing: inches(0) })] }))).toEqual(['daylight-in-bearing'])
  })
  test('what hangs on each is said once all have their place and the joists are measured', () => {
    const placed = [0, 8].map((ft, n) => support({ support: `post ${n + 1}`, along: feet(ft) }))
    const says = (of: Partial<Frame>): string => first(floor({ supports: placed, ...of })).says
    expect(says({})).not.toContain('By estimate')
    expect(says({ joist_span: feet(12), supports: [...placed, support({})] })).not.toContain('By estimate')
    // 4 ft of the line, 6 ft of floor: 24 ft² at 50 to 55 lb.
    expect(says({ joist_span: feet(12) })).toContain('By estimate post 1 bears most: 1,200 to 1,320 lb.')
  })
})

test('a floor that is shot again shows nothing until then', () => {
  const point = (set_up: number, name: string, across: number, back: number, rod: number) => ({
    set_up,
    point: name,
    across: feet(across),
    back: feet(back),
    rod: inches(rod),
    covering: inches(0),
  })
  const read = first({
    ...base,
    id: 'f',
    kind: 'floor',
    floor: 'Ground floor',
    readings: [
      point(1, 'a', 0, 0, 48),
      point(1, 'b', 20, 0, 50),
      point(1, 'c', 0, 20, 50),
      point(2, 'a', 0, 0, 40),
      point(2, 'b', 20, 0, 42.5),
    ],
  })
  expect(read.problem).toBe('Points read twice differ by 1/2": shoot it again.')
  expect(read.shows).toEqual([])
  expect(read.plain).toEqual([])
})

test('a floor bent more than it is tilted falls to no side', () => {
  const read = first({
    ...base,
    id: 'f',
    kind: 'floor',
    floor: 'Ground floor',
    readings: (
      [
        ['a', 0, 0, 48],
        ['b', 30, 0, 48.6],
        ['c', 0, 30, 48],
        ['d', 30, 30, 48.6],
        ['e', 15, 15, 50.5],
      ] as const
    ).map(([point, across, back, rod]) => ({
      set_up: 1,
      point,
      across: feet(across),
      back: feet(back),
      rod: inches(rod),
      covering: inches(0),
    })),
  })
  expect(read.shows.map((each) => each.sign)).toEqual(['falls-to-middle', 'sinks-at-one-spot'])
})
