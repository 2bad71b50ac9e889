/**
 * Air, moisture, decks, floor frames and homes on piers against printed values. Figures of the codes, of the federal installation standard
 * and of the wood handbook are from memory, from two lists written independently of the tables in the code.
 */
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { DECK_BEAMS_IN, DECK_JOISTS_IN } from '../../src/core/catalogue/measures/deckTables'
import { FLOOR_JOISTS_IN, type JoistWood } from '../../src/core/catalogue/measures/floorTables'
import { airOf, dewPoint_c, equilibriumMoisture, moistureOf } from '../../src/core/survey/air'
import { deckSizes, type DeckSizes } from '../../src/core/survey/deck'
import { joistCuts, joistSpan, liftPlan, timberPath } from '../../src/core/survey/frame'
import { homePiers, padCarries_lb, pierLoad_lb } from '../../src/core/survey/home'
import { supportLoads } from '../../src/core/survey/register'
import { layOut } from '../../src/core/survey/layout'

const celsius = (f: number): number => (f - 32) / 1.8

describe('air', () => {
  // Wood Handbook, table 4-2: °F, relative humidity, percent moisture.
  test.each([
    [70, 50, 9.2],
    [70, 80, 16.0],
    [30, 80, 16.5],
    [50, 65, 12.3],
    [80, 30, 6.1],
    [30, 95, 24.3],
    [80, 90, 20.2],
    [50, 20, 4.6],
  ])('wood at %d °F and %d %% comes to %d %%', (f, humidity, percent) => {
    expect(equilibriumMoisture(celsius(f), humidity / 100)).toBeCloseTo(percent, 1)
  })
  // Common psychrometric tables: 20 °C and half saturated 9.3, 25 °C and 60 % 16.7, 30 °C and 80 % 26.2.
  test.each([
    [20, 50, 9.3],
    [25, 60, 16.7],
    [30, 80, 26.2],
    [10, 100, 10],
  ])('dew point of %d °C at %d %% is %d °C', (air, humidity, dew) => {
    expect(dewPoint_c(air, humidity / 100)).toBeCloseTo(dew, 1)
  })
  test('a surface under the dew point sweats, one over it does not', () => {
    const at = (surface_c: number) => airOf({ air_c: 25, humidity_percent: 60, surface_c }).result.sweats
    expect([at(16), at(17.5)]).toEqual([true, false])
  })
  test('damper air never makes drier wood', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.97, noNaN: true }),
        fc.double({ min: -10, max: 50, noNaN: true }),
        (h, t) => equilibriumMoisture(t, h + 0.02) > equilibriumMoisture(t, h),
      ),
    )
  })
  // Rule of thumb: a point for each 20 °F off 70 °F.
  test('a cold reading is set up, a warm one down, and the bands follow', () => {
    const at = (percent: number, f: number) =>
      moistureOf({
        percent,
        reference_percent: 11,
        wood_c: celsius(f),
        species: 'cedar',
        species_points: null,
      }).result
    expect(at(18, 30).percent).toBeCloseTo(20, 6)
    expect(at(18, 110).percent).toBeCloseTo(16, 6)
    expect(at(27, 30).band).toContain('decay can be active')
    expect(at(18, 70)).toMatchObject({ band: 'dry enough', over_reference: 7 })
  })
  // By hand: 18 read, 2 for the cold, 1.5 less by the meter's table; the dry spot beside it moves by as much.
  test('what the meter’s table adds for the species counts beside the cold', () => {
    const set = moistureOf({
      ...{ percent: 18, reference_percent: 11, wood_c: celsius(30), species: 'cedar', species_points: -1.5 },
    })
    expect(set.result.percent).toBeCloseTo(18.5, 6)
    expect(set.result.over_reference).toBe(7)
    expect(set.notes.join(' ')).not.toMatch(/some points/)
  })
})

/** Feet and inches as printed. */
const ftIn = (printed: string): number => {
  const [feet, inches] = printed.split('-').map(Number)
  return feet! * 12 + inches!
}

describe('joists of floors', () => {
  /** Section modulus and moment of inertia of dressed sizes, No. 2 values of the design supplement: bending and deflection reckoned anew. */
  const S = { '2x6': 7.5625, '2x8': 13.140625, '2x10': 21.390625, '2x12': 31.640625 }
  const I = { '2x6': 20.796875, '2x8': 47.634766, '2x10': 98.931641, '2x12': 177.978516 }
  const CF = { '2x6': 1.3, '2x8': 1.2, '2x10': 1.1, '2x12': 1 }
  const PINE = { '2x6': 1000, '2x8': 925, '2x10': 800, '2x12': 750 }
  const VALUES: Record<JoistWood, { fb: (size: keyof typeof S) => number; e: number }> = {
    'douglas-fir': { fb: (size) => 900 * CF[size], e: 1.6e6 },
    'hem-fir': { fb: (size) => 850 * CF[size], e: 1.3e6 },
    'southern-pine': { fb: (size) => PINE[size], e: 1.4e6 },
    'spruce-pine-fir': { fb: (size) => 875 * CF[size], e: 1.4e6 },
  }
  test('every entry of both tables is what bending and L/360 give, to the inch', () => {
    const off: string[] = []
    for (const [use, live] of [
      ['living', 40],
      ['sleeping', 30],
    ] as const)
      for (const wood of Object.keys(VALUES) as JoistWood[])
        for (const spacing of [12, 16, 24] as const)
          for (const size of ['2x6', '2x8', '2x10', '2x12'] as const) {
            const { fb, e } = VALUES[wood]
            const bending =
              12 * Math.sqrt((8 * fb(size) * 1.15 * S[size]) / 12 / (((live + 10) * spacing) / 12))
            const stiff = ((384 * e * I[size]) / ((5 * live * spacing) / 144) / 360) ** (1 / 3)
            const most = Math.min(bending, stiff)
            const printed = FLOOR_JOISTS_IN[use][wood][spacing][size]
            if (Math.abs(most - printed) > 0.75)
              off.push(`${use} ${wood} ${size} at ${spacing}: ${most} ${printed}`)
          }
    expect(off).toEqual([])
  })
  test('at the figure it is inside, a quarter inch more is an engineer; unknown wood takes the lowest row', () => {
    const at = (span_in: number, wood: JoistWood | 'unknown' = 'spruce-pine-fir') =>
      joistSpan({ wood, use: 'living', size: '2x10', spacing_in: 16, span_in })
    expect(at(ftIn('15-5')).result).toBe('inside')
    expect(at(ftIn('15-5') + 0.25)).toMatchObject({ result: 'outside' })
    expect(at(ftIn('15-5') + 0.25).says).toContain('an engineer')
    expect(at(ftIn('14-0') + 1, 'unknown').result).toBe('outside')
  })
  // R502.8.1 on a 2x10 (9 1/4 in): notch 1.54, end notch 2.31, hole 3.08.
  test.each([
    [1.5, false, null, false],
    [1.6, false, null, true],
    [2.25, true, null, false],
    [2.375, true, null, true],
    [null, false, 3, false],
    [null, false, 3.125, true],
  ])('a 2x10 with a notch of %p (end: %p) and a hole of %p', (notch_in, notch_at_end, hole_in, engineer) => {
    const made = joistCuts({ size: '2x10', notch_in, notch_at_end, hole_in })
    expect(made.says.includes('an engineer')).toBe(engineer)
  })
})

describe('getting timber in, and raising', () => {
  // The ladder round a corner of 8 and 27: 13 to the power of 1.5.
  test('the longest straight piece', () => {
    expect(timberPath({ hatch_in: 8, clearance_in: 27, depth_in: 0 }).result).toBeCloseTo(13 ** 1.5, 9)
    expect(timberPath({ hatch_in: 24, clearance_in: 18, depth_in: 9.25 }).result).toBeLessThan(
      timberPath({ hatch_in: 24, clearance_in: 18, depth_in: 5.5 }).result,
    )
    expect(timberPath({ hatch_in: 9, clearance_in: 18, depth_in: 9.25 }).says).toContain(
      'open the floor or the wall',
    )
  })
  test('no round raises a support by more than an eighth, and all arrive', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 128 }), { minLength: 1, maxLength: 8 }),
        (sixtyFourths) => {
          const lifts = sixtyFourths.map((each, index) => ({ support: `p${index}`, lift_in: each / 64 }))
          const { result } = liftPlan(lifts)
          for (const { support, lift_in } of lifts) {
            const mine = result.flatMap((round) => round.lifts.filter((each) => each.support === support))
            expect(mine.every((each) => each.lift_in <= 1 / 8 + 1e-9)).toBe(true)
            expect(mine.reduce((sum, each) => sum + each.lift_in, 0)).toBeCloseTo(lift_in, 9)
          }
        },
      ),
    )
    expect(liftPlan([{ support: 'a', lift_in: 1.25 }]).result).toHaveLength(10)
  })
})

describe('decks', () => {
  const deck: DeckSizes = {
    wood: 'southern-pine',
    joist: '2x8',
    joist_spacing_in: 16,
    joist_span_in: ftIn('11-10'),
    beam: '2x10',
    beam_plies: 2,
    beam_span_in: ftIn('7-4'),
    post: '4x4',
    post_height_in: ftIn('6-9'),
    ledger_by: 'lags',
    ledger_spacing_in: 15,
    guard_height_in: 36,
    guard_opening_in: 3.9375,
    height_in: 40,
  }
  const results = (of: Partial<DeckSizes>) => deckSizes({ ...deck, ...of }).map((each) => each.result)
  test('all at the figures of the tables is inside them', () => {
    expect(results({})).toEqual(['inside', 'inside', 'inside', 'inside', 'inside', 'inside'])
  })
  test('a little more of each is outside, and says engineer or replace, never that it will do', () => {
    const all = deckSizes({
      ...deck,
      joist_span_in: ftIn('11-10') + 0.5,
      beam_span_in: ftIn('7-4') + 0.5,
      post_height_in: ftIn('6-9') + 0.5,
      ledger_spacing_in: 15.5,
      guard_height_in: 35,
      guard_opening_in: 4,
    })
    expect(all.map((each) => each.result)).toEqual(Array.from({ length: 6 }, () => 'outside'))
    expect(all.map((each) => each.says).join(' ')).not.toMatch(/\b(safe|adequate|strong enough)\b/i)
  })
  test('a row nobody has is no answer', () => {
    expect(results({ beam: '2x6', beam_plies: 3 })[1]).toBe('no-row')
    expect(results({ joist_span_in: ftIn('18-6') })[1]).toBe('no-row')
  })
  test('unknown wood takes the lower of both rows', () => {
    expect(results({ wood: 'unknown' })[0]).toBe('outside')
    expect(results({ wood: 'unknown', joist_span_in: ftIn('11-1') })[0]).toBe('inside')
  })
  // The design supplement’s No. 2 southern pine, wet service, 50 lb/ft², joists lapping a quarter beyond the beam.
  test('southern pine joists and beams are what bending and stiffness give, to the inch', () => {
    const S = { '2x6': 7.5625, '2x8': 13.140625, '2x10': 21.390625, '2x12': 31.640625 }
    const I = { '2x6': 20.796875, '2x8': 47.634766, '2x10': 98.931641, '2x12': 177.978516 }
    const FB = { '2x6': 1000, '2x8': 925, '2x10': 800, '2x12': 750 }
    for (const size of ['2x6', '2x8', '2x10', '2x12'] as const) {
      for (const spacing of [12, 16, 24] as const) {
        const bending = 12 * Math.sqrt((8 * FB[size] * 1.15 * S[size]) / 12 / ((50 * spacing) / 12))
        const stiff = ((384 * 1.4e6 * 0.9 * I[size]) / ((5 * 40 * spacing) / 144) / 360) ** (1 / 3)
        expect(
          Math.abs(Math.min(bending, stiff, 216) - DECK_JOISTS_IN['southern-pine'][size][spacing]),
        ).toBeLessThan(0.75)
      }
      const beams = DECK_BEAMS_IN['southern-pine'][`2-${size}`]!
      ;[6, 8, 10, 12, 14, 16, 18].forEach((joist, column) => {
        const most = 12 * Math.sqrt((8 * FB[size] * 1.1 * 2 * S[size]) / 12 / (0.78125 * 50 * joist))
        expect(Math.abs(most - beams[column]!)).toBeLessThan(0.75)
      })
    }
  })
})

describe('homes on piers', () => {
  // Table to 3285.312 for a pad 8 in thick: 16 in square on 1,000, 1,500 and 2,000 lb/ft².
  test.each([
    ['soft-clay', 1600],
    ['untested', 2489],
    ['gravel', 3378],
  ] as const)('a 16 in pad on %s carries %d lb', (soil, lb) => {
    expect(padCarries_lb({ side_in: 16, thick_in: 8, soil })).toBeCloseTo(lb, 0)
  })
  test('loads by the next larger spacing; beyond ten feet there is none', () => {
    expect(pierLoad_lb(8, 30)).toBe(6200)
    expect(pierLoad_lb(7, 30)).toBe(6200)
    expect(pierLoad_lb(10.5, 30)).toBeNull()
  })
  test('short pads, uneven neighbours and tall single stacks are named; fill is an engineer', () => {
    const made = homePiers({
      spacing_ft: 8,
      roof_psf: 20,
      soil: 'untested',
      pad_in: 20,
      pad_thick_in: 4,
      piers: [
        { pier: '1', height_in: 30, level_in: 0, double: false },
        { pier: '2', height_in: 38, level_in: -0.25, double: false },
        { pier: '3', height_in: 70, level_in: -0.625, double: true },
      ],
    })
    expect(made.result).toMatchObject({ load_lb: 5500, padShort: true, uneven: ['2–3'] })
    expect(made.says).toContain('Pier 2: over 36 in wants double blocks')
    expect(made.says).toContain('Pier 3: over 67 in, an engineer')
    expect(
      homePiers({ spacing_ft: 8, roof_psf: 20, soil: 'fill', pad_in: 20, pad_thick_in: 4, piers: [] }).says,
    ).toContain('an engineer')
  })
})

describe('set out along a wall', () => {
  test('evenly, none further apart than asked, none beyond the stretch', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 80 }), fc.integer({ min: 3, max: 10 }), (to_ft, spacing_ft) => {
        const { stations_ft } = layOut({
          what: 'straps',
          from_ft: 0,
          to_ft,
          spacing_ft,
          paving_ft: null,
          to_line_ft: null,
        }).result
        const gaps = stations_ft.slice(1).map((each, index) => each - stations_ft[index]!)
        return (
          gaps.every((gap) => gap <= spacing_ft + 1e-9) &&
          stations_ft[0]! <= spacing_ft / 2 + 1e-9 &&
          stations_ft.at(-1)! <= to_ft
        )
      }),
    )
  })
  test('anchors go beyond the paving, and over a property line it says so', () => {
    const at = (paving_ft: number | null, to_line_ft: number | null) =>
      layOut({ what: 'anchors', from_ft: 0, to_ft: 28, spacing_ft: null, paving_ft, to_line_ft })
    expect(at(null, null).result).toMatchObject({ out_ft: 12.5, fits: null })
    expect(at(null, null).result.stations_ft).toHaveLength(6)
    expect(at(14, 20).result).toMatchObject({ out_ft: 16, fits: true })
    expect(at(14, 15).says).toContain('over the property line')
  })
})

describe('what hangs on a support', () => {
  const line = (over: Partial<Parameters<typeof supportLoads>[0]> = {}) =>
    supportLoads({
      supports: [0, 8, 16, 24].map((along_ft, n) => ({ support: `p${n}`, along_ft })),
      ...{ girder_ft: 24, spans_ft: [12, 12], floors: 1, use: 'living', wall: 'none', ...over },
    })
  const pounds = (of: ReturnType<typeof line>) =>
    of.result.loads.map(({ low_lb, high_lb }) => [low_lb, high_lb])

  // By hand: 8 ft of the line × 12 ft of floor = 96 ft²; 40 + 10 and 40 + 15 lb a ft². The ends have half of it.
  test('a line of four, joists of 12 ft on either side', () => {
    const ends = [2400, 2640]
    const between = [4800, 5280]
    expect(pounds(line())).toEqual([ends, between, between, ends])
    expect(line().result.engineer).toBe(false)
  })
  // By hand: 8 ft of wall, 8 ft high, plaster at 15 to 20 lb: 960 to 1,280 more.
  test('a plastered wall on it goes over six thousand: an engineer', () => {
    expect(pounds(line({ wall: 'plaster' }))[1]).toEqual([5760, 6560])
    expect(line({ wall: 'plaster' }).result.engineer).toBe(true)
    expect(line({ wall: 'plaster' }).says).toContain('More than 6,000 lb at p1, p2: an engineer')
  })
  test('sleeping rooms weigh 10 lb a square foot less; a second floor as much again', () => {
    expect(pounds(line({ use: 'sleeping' }))[1]).toEqual([3840, 4320])
    expect(pounds(line({ floors: 2 }))[1]).toEqual([9600, 10560])
  })
  test('a roof on it is never reckoned', () => {
    expect(line({ wall: 'roof' }).says).not.toMatch(/\d lb/)
    expect(line({ wall: 'roof' }).result.engineer).toBe(true)
  })
  test('the shares are the whole floor, however the supports stand; one more never loads another more', () => {
    const place = fc.integer({ min: 0, max: 400 }).map((tenths) => tenths / 10)
    fc.assert(
      fc.property(fc.uniqueArray(place, { minLength: 1, maxLength: 9 }), place, (places, more) => {
        const at = (all: readonly number[]) =>
          line({ girder_ft: 40, supports: all.map((along_ft) => ({ support: `${along_ft}`, along_ft })) })
            .result.loads
        const loads = at(places)
        expect(loads.reduce((sum, { area_ft2 }) => sum + area_ft2, 0)).toBeCloseTo(40 * 12, 6)
        if (places.includes(more)) return
        const after = new Map(at([...places, more]).map(({ support, area_ft2 }) => [support, area_ft2]))
        for (const { support, area_ft2 } of loads)
          expect(after.get(support)!).toBeLessThanOrEqual(area_ft2 + 1e-9)
      }),
    )
  })
})
