import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { reckoned } from '../../../tests/support/arithmetic'
import { alderHouse, paintItem, sillNose, smallHouse, window } from '../../../tests/support/jobs'
import { DAY, house, priced, total, at, mend, one } from '../../../tests/support/priced'
import { beforeSending } from '../bid'
import type { Figure } from '../explain/figure'
import { Rates, type JobDocument } from '../job'
import { feet, inches, toInches } from '../measure'
import { derive, type Derived } from '../pipeline'

/** Money faults of stock, hours, geometry and shown arithmetic that were once there, and what must hold whatever grows. */

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
