import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { reckoned } from '../../../tests/support/arithmetic'
import {
  alderHouse,
  finding,
  paintItem,
  side,
  sillNose,
  smallHouse,
  window,
  workItem,
} from '../../../tests/support/jobs'
import { beforeSending } from '../bid'
import type { Figure } from '../explain/figure'
import { eaveRun } from '../geometry'
import { Rates, type Finding, type JobDocument, type ScopeStretch, type WorkItem } from '../job'
import { dollars, feet, inches, toFeet, toInches } from '../measure'
import { derive, type Derived } from '../pipeline'
import type { JobPrice } from './priceJob'

/** Money faults that were once there, each against figures reckoned by hand. Rates: $48 an hour, no minimum, no tax, cost basis. */
const DAY = '2026-05-04'

function plain(job: JobDocument): JobDocument {
  const rates = {
    ...job.rates!,
    minimum_per_visit_cents: dollars(0),
    tax: { rule: 'none', rate: 0 } as const,
  }
  return { ...job, rates }
}
function house(more: Partial<JobDocument>): Derived {
  return derive(plain(smallHouse(more)), DAY)
}
function priced(of: Derived): JobPrice {
  if (of.price.kind !== 'priced') throw new Error(of.price.kind)
  return of.price
}
const total = (of: Derived): number => priced(of).total_cents
const at = (n: number, component: string, of: Partial<Parameters<typeof finding>[0]> = {}): Finding =>
  finding({ n, words: '', component, at: { side: 'a', ft: 10, up_in: 60 }, length_in: 24, grade: 3, ...of })
const mend = (
  id: string,
  findings: readonly Finding[],
  method: string,
  more: Partial<WorkItem> = {},
): WorkItem =>
  workItem(id, {
    method,
    component: findings[0]!.component,
    finding_ids: findings.map((each) => each.id),
    ...more,
  })
const one = (
  of: Finding,
  method: string,
  more: Partial<JobDocument> = {},
  item: Partial<WorkItem> = {},
): Derived => house({ findings: [of], work_items: [mend('r', [of], method, item)], ...more })
function stretch(
  from: number,
  to: number,
  kind: ScopeStretch['kind'],
  more: Partial<ScopeStretch> = {},
): ScopeStretch {
  return {
    id: `s${from}`,
    removed: false,
    side_id: 'side-a',
    from: feet(from),
    to: feet(to),
    kind,
    reason: '',
    who: '',
    hand_over: '',
    ...more,
  }
}
const lengths = (of: Derived): number[] =>
  of.takeoff.items.flatMap((item) =>
    item.pieces.flatMap((piece) => Array<number>(piece.count).fill(toInches(piece.length))),
  )

// Scope

test.each([
  ['left-out', null],
  ['by-owner', null],
  ['by-others', null],
  ['priced-apart', 'a price of its own'],
] as const)('a repair on a stretch %s is listed and never in the price', (kind, apart) => {
  const made = one(sillNose(), 'piece-in', { scope_stretches: [stretch(0, 20, kind)] })
  expect(total(made)).toBe(0)
  expect(made.takeoff.hours).toBe(0)
  expect(made.cut.boards).toBe(0)
  expect(made.bid.items).toEqual([])
  expect(made.bid.beside).toHaveLength(1)
  const price = made.bid.beside![0]!.price_cents
  if (apart) expect(price).toBe(total(one(sillNose(), 'piece-in')))
  else expect(price).toBeNull()
})

test('half a side outside the scope line is not painted, and costs nothing', () => {
  const painted = house({ work_items: [paintItem('w')] })
  const half = house({ work_items: [paintItem('w')], scope_stretches: [stretch(20, 40, 'left-out')] })
  const hours = (of: Derived): number =>
    of.takeoff.items[0]!.tasks.find((task) => task.task === 'field-paint')!.quantity
  // 40 ft × 10 ft, two coats: 8.00 hundreds; of its left half 4.00.
  expect([hours(painted), hours(half)]).toEqual([8, 4])
  expect(half.bid.items[0]?.quantity).toBe('200 ft² of wall')
  expect(half.bid.beside?.[0]).toMatchObject({ quantity: '200 ft² of wall', price_cents: null })
})

test('a typed price on work that is referred or watched sells nothing, and says so', () => {
  const typed = {
    id: 't',
    removed: false,
    on: { kind: 'item', item_id: 'r' },
    cents: dollars(900),
    reason: '',
  } as const
  for (const method of ['refer', 'watch']) {
    const made = one(sillNose(), method, { typed_prices: [typed] })
    expect(total(made)).toBe(0)
    expect(priced(made).idle).toEqual(['r'])
    expect(beforeSending(made).join()).toContain('nothing of it is ours to sell')
  }
})

test('replacing the head casing and flashing the head of one window is charged once', () => {
  const head = at(1, 'head-casing', { at: { side: 'a', ft: 10, up_in: 100, feature: 'window-a1' } })
  const both = house({
    findings: [head],
    work_items: [mend('flash', [head], 'head-flashing'), mend('replace', [head], 'replace-member')],
  })
  const flash = one(head, 'head-flashing')
  expect(total(both)).toBe(total(flash))
  expect(priced(both).lines[1]).toMatchObject({ includedIn: 'flash', sell_cents: 0 })
  expect(beforeSending(both)).toEqual([])
})

// What has no recipe

test.each(['ledger', 'deck-post', 'guard', 'stair', 'deck-joist', 'girder', 'joist', 'rim-joist', 'stud'])(
  'a %s has no recipe: no board, no hour, no price, and it says so',
  (component) => {
    const sound = at(1, component, { grade: 1, at: { side: 'c', ft: 10, up_in: 20 } })
    const made = one(sound, 'replace-member')
    expect(made.takeoff.items[0]).toMatchObject({ pieces: [], tasks: [], consumables: [] })
    expect(priced(made).lines[0]?.lacks[0]).toMatch(/^No recipe for .* yet: type a price, or refer it\.$/)
    expect(beforeSending(made)[0]).toContain('No recipe for')
  },
)

test('a line that comes to $0 cannot be sent as work', () => {
  const typed = {
    id: 't',
    removed: false,
    on: { kind: 'item', item_id: 'r' },
    cents: dollars(0),
    reason: '',
  } as const
  expect(beforeSending(one(sillNose(), 'piece-in', { typed_prices: [typed] }))[0]).toContain('comes to $0')
})

// Counts and lengths

const threeWindows = { features: [window('A', 1, 4, 1), window('A', 2, 14, 1), window('A', 3, 24, 1)] }
const heads = [1, 2, 3].map((n) =>
  at(n, 'head-casing', { at: { side: 'a', ft: 10 * n - 6, up_in: 100, feature: `window-a${n}` } }),
)

test('three windows in one item are three heads, as they are in three items', () => {
  const joined = house({ ...threeWindows, findings: heads, work_items: [mend('r', heads, 'head-flashing')] })
  const apart = house({
    ...threeWindows,
    findings: heads,
    work_items: heads.map((head, n) => mend(`r${n}`, [head], 'head-flashing')),
  })
  // 42 in and two casings of 5-1/2: 53 in, three times.
  expect(lengths(joined)).toEqual([53, 53, 53])
  expect(joined.takeoff.items[0]?.tasks[0]).toMatchObject({ set_up_h: 0.9, quantity: 3 })
  expect(Math.abs(total(joined) - total(apart))).toBeLessThanOrEqual(3)
})

test('the same work as six findings, as six items, or as one × 6 costs the same', () => {
  const six = [0, 1, 2, 3, 4, 5].map((n) =>
    at(n + 1, 'sill-nose', { at: { side: 'a', ft: 2 + 6 * n, up_in: 60 } }),
  )
  const times = { ...six[0]!, count: 6 }
  const joined = total(house({ findings: six, work_items: [mend('r', six, 'piece-in')] }))
  const items = total(
    house({ findings: six, work_items: six.map((each, n) => mend(`r${n}`, [each], 'piece-in')) }),
  )
  expect(total(one(times, 'piece-in'))).toBe(joined)
  expect(Math.abs(items - joined)).toBeLessThanOrEqual(6)
})

test('a whole member is the member, not its damage', () => {
  const fascia = at(1, 'fascia', { length_in: 30 })
  // Wall 40 ft, an overhang of 1 ft past either corner.
  expect(lengths(one(fascia, 'replace-member'))).toEqual([42 * 12])
  // 5 ft high legs and the width of the head, whatever is soft.
  const leg = at(1, 'side-casing', {
    at: { side: 'a', ft: 9.6, up_in: 60, feature: 'window-a1' },
    length_in: 6,
  })
  expect(lengths(one(leg, 'replace-member'))).toEqual([65.5])
})

test('where the house does not give the length of a member, it is the soft part at least, and says so', () => {
  const nowhere = {
    ...at(1, 'fascia', { length_in: 60 }),
    place: { kind: 'words', words: 'back' },
  } as Finding
  const made = one(nowhere, 'replace-member')
  // 60 + 12 + 12.
  expect(lengths(made)).toEqual([84])
  expect(made.takeoff.items[0]?.notes.join()).toContain('not known')
})

test.each([
  // The run begins 12 in left of the wall. Soft 20 ft along it: cut at both ends.
  ['in the middle', 19, 30, 30 + 24, 'cut at both ends'],
  // Soft from 2 ft: less than 4 ft would stay, so to the end: 12 + 24 + 30 + 12.
  ['near the left end', 2, 30, 78, 'the free end is not cut back'],
  // Soft from 38 to 40-1/2 ft: 36-1/2 in would stay on the right of 42 ft, so to the end: from 39 − 1 = 38 ft of the run to 42.
  ['near the right end', 38, 30, 48, 'least piece'],
])('fascia soft %s', (_, ft, soft, cut) => {
  expect(
    lengths(one(at(1, 'fascia', { at: { side: 'a', ft, up_in: 110 }, length_in: soft }), 'piece-in')),
  ).toEqual([cut])
})

test('an outside corner has two legs, the second a foot longer; an inside corner one', () => {
  const foot = at(1, 'corner-board', { at: { side: 'a', ft: 39.5, up_in: 18 }, length_in: 20 })
  // From the foot: 20 + 6 = 26 in, and 12 in more.
  expect(lengths(one(foot, 'piece-in'))).toEqual([26, 38])
  const inner = smallHouse().sides.map((each) => (each.letter === 'A' ? { ...each, turn_deg: -90 } : each))
  expect(lengths(one(foot, 'piece-in', { sides: inner }))).toEqual([26])
  // Whole: foundation 18 in to the eave at 10 ft 6 in + … as measured: both legs alike, hours by each 10 ft begun.
  const whole = one(foot, 'replace-member')
  const [leg] = lengths(whole)
  expect(lengths(whole)).toEqual([leg, leg])
  expect(whole.takeoff.items[0]?.tasks[0]?.quantity).toBe(Math.max(1, Math.round((leg! / 120) * 100) / 100))
})

test('a measured width finds the section: of the casing, else of the face', () => {
  const leg = at(1, 'side-casing', { at: { side: 'a', ft: 9.6, up_in: 60, feature: 'window-a1' } })
  const section = (of: Derived): string | undefined => of.takeoff.items[0]?.pieces[0]?.section
  expect(section(one(leg, 'piece-in'))).toBe('1x6')
  const narrow = { ...window('A', 1, 10, 1), casing_width: inches(3.5) } as never
  expect(section(one(leg, 'piece-in', { features: [narrow] }))).toBe('1x4')
  const fascia = at(1, 'fascia')
  expect(section(one(fascia, 'piece-in'))).toBe('1x8')
  expect(section(one({ ...fascia, face_width: inches(9) }, 'piece-in'))).toBe('1x10')
  const wide = one({ ...fascia, face_width: inches(14) }, 'piece-in')
  expect(priced(wide).lines[0]?.lacks[0]).toContain('1\' 2" wide')
})

test('a length past the end of its wall says so', () => {
  const long = at(1, 'water-table', { at: { side: 'a', ft: 30, up_in: 18 }, length_in: 15 * 12 })
  expect(one(long, 'piece-in').takeoff.items[0]?.notes.join()).toContain("Reaches 5' past the end of side A")
})

test('the roof edge runs past outside corners by the neighbour’s overhang, and stops short at inside ones', () => {
  // An L: A 40 right B 30 … with an inside corner between C and D; overhangs 1 ft, B 2 ft.
  const walls = [
    side('A', 0, 'front', 40),
    side('B', 1, 'right', 30, { overhang: feet(2) }),
    side('C', 2, 'back', 20),
    side('D', 3, 'right', 10, { turn_deg: 90 }),
    side('E', 4, 'back', 20),
    side('F', 5, 'left', 20),
  ].map((each) => (each.letter === 'C' ? { ...each, turn_deg: -90 } : each))
  const job = smallHouse({ sides: walls })
  const run = (n: number): number => toFeet(eaveRun(job.sides[n]!, job).length)
  // A: 1 ft past F's corner at its left, 2 ft past B's at its right. C: 2 ft at B's corner, 1 ft short at the inside corner with D.
  expect([run(0), run(2)]).toEqual([43, 21])
})

// Stock

test('a run longer than the stock of that material is jointed: whole boards first, a scarf at each joint', () => {
  const fascia = at(1, 'fascia', { length_in: 60 })
  const made = one(fascia, 'replace-member', {}, { material: 'finger-jointed-pine' })
  // 42 ft of stock at most 16 ft; each scarf takes 3/4 in: 16 + 16 + (42 − 2 × (16 − 3/4 in)) = 16 + 16 + 10 ft 1-1/2 in.
  const cuts = made.cut.sections[0]!.boards.flatMap((board) => board.cuts.map((cut) => toInches(cut.length)))
  expect(cuts.sort((a, b) => b - a)).toEqual([192, 192, 121.5])
  expect(priced(made).lines[0]?.lacks).toEqual([])
})

test('in one piece and longer than any board: cannot be bought, and the bid cannot be sent', () => {
  const wide = [window('A', 1, 4, 1, { w: 18 * 12, h: 60 })]
  const sill = at(1, 'window-sill', { at: { side: 'a', ft: 4, up_in: 60, feature: 'window-a1' } })
  const made = one(sill, 'replace-member', { features: wide })
  expect(beforeSending(made)[0]).toContain('cannot be bought: the yard has nothing as long')
  // The firm's own yard has 20 ft: then it can.
  const yard = smallHouse().settings
  const settings = { ...yard, stock_lengths_ft: { ...yard.stock_lengths_ft, '2x6': [8, 20] } }
  expect(beforeSending(one(sill, 'replace-member', { features: wide, settings }))).toEqual([])
})

test('goods are bought in packages once a job, and shared by what each item uses', () => {
  const two = [
    at(1, 'fascia', { at: { side: 'a', ft: 15, up_in: 110 } }),
    at(2, 'fascia', { at: { side: 'c', ft: 15, up_in: 110 } }),
  ]
  const made = house({ findings: two, work_items: two.map((each, n) => mend(`r${n}`, [each], 'piece-in')) })
  // 2 × 4 ft of board: 0.4 lb of nails, 0.44 cartridge: a box of 1 lb, one cartridge.
  const bought = Object.fromEntries(made.cut.goods.map((plan) => [plan.good, plan.bought]))
  expect(bought).toEqual({ fasteners: 1, sealant: 1, primer: 0.25 })
  const nails = (n: number): number =>
    priced(made).lines[n]!.arithmetic.parts![0]!.parts![1]!.parts!.find((part) =>
      part.label.startsWith('Fasteners'),
    )!.value
  expect([nails(0), nails(1)]).toEqual([4.5, 4.5])
})

test('sealant does not go into laps, nor primer on decks: goods are by part', () => {
  const goods = (component: string, method: string): string[] =>
    one(at(1, component, { at: { side: 'c', ft: 15, up_in: 30 } }), method).takeoff.items[0]!.consumables.map(
      (each) => each.id,
    )
  expect(goods('lap-siding', 'replace-course')).toEqual(['fasteners', 'primer'])
  expect(goods('deck-board', 'piece-in')).toEqual(['fasteners'])
})

// Hours

test('more work never costs less, across the hours where the full day begins', () => {
  const painted = (ft: number): number => {
    const sides = smallHouse().sides.map((each) =>
      each.letter === 'A' ? { ...each, length: feet(ft) } : each,
    )
    return total(house({ sides, features: [], work_items: [paintItem('w')] }))
  }
  let before = 0
  for (let ft = 1; ft <= 120; ft += 1) {
    const now = painted(ft)
    expect([ft, now >= before]).toEqual([ft, true])
    before = now
  }
})

test('reach is taken at the top of the piece, with the ladder that it takes', () => {
  const leg = at(1, 'side-casing', {
    at: { side: 'a', ft: 9.6, up_in: 100, feature: 'window-a1' },
    length_in: 24,
  })
  const made = one(leg, 'piece-in')
  // Foot at 8 ft 4 in; its top is over 10 ft: an extension ladder, × 1.30, and one move of it at 0.25 h.
  expect(made.takeoff.items[0]?.factors[0]?.times).toBe(1.3)
  expect(made.takeoff.items[0]?.tasks.map((task) => [task.task, task.hours])).toContainEqual([
    'ladder-move',
    0.25,
  ])
})

test('a stick of debris goes along in the van; a yard and more is hauled', () => {
  const hauled = (of: Derived): boolean => of.takeoff.shared.tasks.some((task) => task.task === 'haul')
  const stick = one(sillNose(), 'piece-in')
  expect([hauled(stick), stick.takeoff.shared.debris_yd3]).toEqual([false, 0.01])
  const deck = at(1, 'deck-board', { length_in: 300 * 12, at: { side: 'c', ft: 0, up_in: 30 } })
  expect(hauled(one(deck, 'piece-in'))).toBe(true)
})

test('a long job is as many stays as it has working weeks', () => {
  const many = Array.from({ length: 40 }, (_, n) =>
    at(n + 1, 'window-sill', { at: { side: 'a', ft: n % 40, up_in: 30 } }),
  )
  const made = house({
    findings: many,
    work_items: many.map((each, n) => mend(`r${n}`, [each], 'replace-member')),
  })
  // 40 × (0.4 + 5.5) = 236 h ÷ (8 × 2) = 14.75 crew-days: three stays of five.
  expect(made.takeoff.shared.visits).toBe(3)
})

test('the lead-safe factor is on what breaks paint, not on washing it or painting over', () => {
  const old = { ...smallHouse().house!, year_built: { kind: 'unknown' } as const }
  const made = house({ house: old, work_items: [paintItem('w')] })
  const factor = (task: string): number =>
    made.takeoff.items[0]!.tasks.find((each) => each.task === task)!.factor
  // Reach over 12 ft … the same for all three; lead 0.20 more on the scraping alone.
  expect(factor('scrape') - factor('hand-wash')).toBeCloseTo(0.2, 9)
  expect(factor('field-paint')).toBe(factor('hand-wash'))
})

test('no rate is below nothing', () => {
  const rates = smallHouse().rates!
  expect(Rates.safeParse(rates).success).toBe(true)
  expect(Rates.safeParse({ ...rates, burdened_rate_cents: -1 }).success).toBe(false)
  expect(Rates.safeParse({ ...rates, consumable_cents: { paint: -1 } }).success).toBe(false)
})

// Geometry

test('brick is not painted, wherever it is on the wall; sloping ground takes its triangle off', () => {
  const gross = (more: Partial<JobDocument['sides'][number]>): number => {
    const sides = smallHouse().sides.map((each) => (each.letter === 'A' ? { ...each, ...more } : each))
    return (
      house({ sides, features: [], work_items: [paintItem('w')] }).takeoff.items[0]!.tasks.find(
        (task) => task.task === 'field-paint',
      )!.quantity * 50
    )
  }
  // 40 ft × 10 ft between the foundation at 1 ft 6 in and the eave at 11 ft 6 in.
  expect(gross({})).toBe(400)
  const brick = {
    cladding: 'brick',
    left: feet(0),
    right: feet(40),
    bottom: inches(18),
    top: inches(18 + 48),
  } as const
  expect(gross({ clad_parts: [brick] })).toBe(400 - 160)
  // Ground 4 ft 6 in at the right, level with zero at the left: over the foundation from a third of the way on, 3 ft at the end.
  expect(gross({ ground_right: inches(54) })).toBeCloseTo(400 - (3 * (40 * 2)) / 3 / 2, 6)
})

test('a side of brick has nothing to paint, and says so', () => {
  const sides = smallHouse().sides.map((each) => ({ ...each, cladding: 'brick' as const }))
  const made = house({ sides, work_items: [paintItem('w')] })
  expect(priced(made).lines[0]?.lacks[0]).toContain('Nothing here is painted')
})

// Arithmetic shown

function everyFigure(figure: Figure, visit: (each: Figure) => void): void {
  visit(figure)
  figure.parts?.forEach((part) => everyFigure(part, visit))
}

test('what is printed, reckoned again by hand, gives the printed result to the cent', () => {
  const job = alderHouse()
  const rates = { ...job.rates!, tax: { rule: 'on-sale', rate: 0.0875 } as const, profit_share: 0.125 }
  let checked = 0
  for (const each of [job, { ...job, rates }]) {
    const price = priced(derive(each, DAY))
    for (const figure of [...price.lines.map((line) => line.arithmetic), price.shared, ...price.arithmetic]) {
      everyFigure(figure, (each) => {
        const sums = each.parts?.every((part) => part.unit === each.unit) ? each.parts : null
        if (sums && each.unit === 'USD')
          expect(sums.reduce((sum, part) => sum + Math.round(part.value * 100), 0)).toBe(
            Math.round(each.value * 100),
          )
        const again = reckoned(each.how)
        if (again === null || each.unit === '%') return
        if (each.label === 'Overhead and profit') {
          const [, sold] = /= \$([\d,.]+)/.exec(each.how)!
          expect([each.label, again.toFixed(2)]).toEqual([each.label, sold!.replaceAll(',', '')])
          // To the cent: half of one goes up, whatever binary makes of it.
        } else expect([each.how, Math.abs(again - each.value) < 0.005 + 1e-6]).toEqual([each.how, true])
        checked += 1
      })
    }
  }
  expect(checked).toBeGreaterThan(300)
})

// Whatever grows

test('longer, more, and wider never cost less', () => {
  const part = fc.constantFrom(
    'fascia',
    'water-table',
    'sill-nose',
    'lap-siding',
    'corner-board',
    'deck-board',
  )
  const size = fc.integer({ min: 1, max: 200 })
  const count = fc.integer({ min: 1, max: 4 })
  const cost = (component: string, length: number, n: number): number => {
    const of = { ...at(1, component, { length_in: length, at: { side: 'c', ft: 12, up_in: 30 } }), count: n }
    const made = one(of, component === 'lap-siding' ? 'replace-course' : 'piece-in')
    // What no yard sells in one piece has no price to compare.
    return priced(made).lines[0]!.lacks.length > 0 ? Number.NaN : total(made)
  }
  fc.assert(
    fc.property(part, size, size, count, count, (component, a, b, n, m) => {
      const less = cost(component, Math.min(a, b), Math.min(n, m))
      const more = cost(component, Math.max(a, b), Math.max(n, m))
      fc.pre(!Number.isNaN(more))
      expect(more).toBeGreaterThanOrEqual(less)
    }),
    { numRuns: 120 },
  )
})

test('a whole member is never cheaper than a piece of it', () => {
  const along = fc.integer({ min: 0, max: 39 })
  const soft = fc.integer({ min: 1, max: 120 })
  fc.assert(
    fc.property(
      fc.constantFrom('fascia', 'water-table', 'frieze-board'),
      along,
      soft,
      (component, ft, length_in) => {
        const of = at(1, component, { at: { side: 'a', ft, up_in: 100 }, length_in })
        expect(total(one(of, 'replace-member'))).toBeGreaterThanOrEqual(total(one(of, 'piece-in')))
      },
    ),
    { numRuns: 80 },
  )
})

test('work left out of the sum leaves the sum as it was', () => {
  const other = at(2, 'fascia', { at: { side: 'c', ft: 15, up_in: 110 } })
  const alone = total(one(sillNose(), 'piece-in'))
  for (const state of [
    'optional',
    'priced-apart',
    'by-owner',
    'by-others',
    'left-out',
    'held',
    'declined',
    'referred',
  ] as const) {
    const nose = sillNose()
    const made = house({
      findings: [nose, other],
      work_items: [mend('r', [nose], 'piece-in'), mend('x', [other], 'piece-in', { state })],
    })
    expect([state, total(made)]).toEqual([state, alone])
    expect(made.bid.beside).toHaveLength(1)
  }
})
