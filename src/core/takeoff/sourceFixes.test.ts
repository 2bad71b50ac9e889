import { expect, test } from '@jest/globals'
import { house } from '../../../tests/support/priced'
import { METHODS } from '../catalogue'
import { newWorkItem, type Quantity } from '../job'
import { feet } from '../measure'

/** A worked example by hand for every fix of a source, on the ground, so that no reach is on it: set-up + many × the typical rate. */

const FT: Quantity = { kind: 'length', length: { value: feet(30), how: 'taped', low: null, high: null } }
const ONE: Quantity = { kind: 'count', count: 1, how: 'counted' }
const FT2: Quantity = { kind: 'area', area: 200 * 768 * 768, low: null, high: null, how: 'taped' }

function made(method: string, size: Quantity | null) {
  const at = {
    kind: 'side',
    side_id: 'side-a',
    station: feet(0),
    height: { value: feet(0), from: 'grade' },
    feature_id: null,
  } as const
  const item = newWorkItem({ id: 'r', method, component: null, places: [{ at, size, height: null }] })
  return house({ work_items: [item] }).takeoff.items[0]!
}
const goods = (of: ReturnType<typeof made>): Record<string, number> =>
  Object.fromEntries(of.consumables.map(({ id, quantity }) => [id, Math.round(quantity * 1000) / 1000]))

/** Rates: the table of tasks the trade's hours were gathered in (typical), gutters, ground and small ones our judgement. */
test.each<[string, Quantity, number, Record<string, number>]>([
  // 30 ft, or 200 ft², or one place.
  ['gutter-clean', FT, 0.3 + 30 * 0.04 + 0.5, { outlet: 1, downspout: 10, sealant: 0.5 }],
  ['gutter-re-hang', FT, 0.5 + 30 * 0.16, { 'gutter-hanger': 15, sealant: 0.5 }],
  ['gutter-seal', ONE, 0.3 + 4 * 0.04 + 0.3 + 2 * 0.07, { sealant: 0.5 }],
  [
    'gutter-new',
    FT,
    0.5 + 30 * 0.14 + 2 * 0.5,
    { gutter: 31.5, 'gutter-hanger': 15, outlet: 1, downspout: 15, sealant: 1 },
  ],
  ['gutter-end-flashed', ONE, 0.4 + 2.5, { flashing: 2, membrane: 2, sealant: 0.25 }],
  ['leader-clear', ONE, 2 * 0.5, {}],
  ['leader-away', ONE, 2 * 0.5, { downspout: 6 }],
  ['drip-edge', FT, 0.4 + 30 * 0.09, { 'drip-edge': 31.5, fasteners: 0.6 }],
  ['roof-clear', ONE, 0.5 + 2.2, {}],
  // A piece a course of 5 in: 12 ÷ 5 = 2.4 a foot.
  ['step-flashing', FT, 0.5 + 30 * 0.55, { 'step-flashing': 72, membrane: 30 }],
  // A trench of 30 ft, a sump at its end.
  [
    'drain-and-sump',
    FT,
    1 + 30 * 0.75 + (1 + 8.5),
    { 'drain-pipe': 31.5, stone: 1.8, 'filter-fabric': 150, 'sump-pump': 1, 'electrician-visit': 1 },
  ],
  ['kick-out', ONE, 0.4 + 3, { 'kick-out': 1, membrane: 3, sealant: 0.25 }],
  ['chase-cover', ONE, 0.5 + 2.5, { 'chase-cover': 1, sealant: 1 }],
  ['pipe-collar', ONE, 0.3 + 0.9, { 'pipe-collar': 1 }],
  ['unit-pan', ONE, 0.5 + 6.5, { membrane: 16, flashing: 4, sealant: 1.5 }],
  ['door-pan', ONE, 0.5 + 6.5, { flashing: 4, membrane: 6, sealant: 1 }],
  ['butt-gaps', ONE, 0.3 + 2.2, { fasteners: 0.5, primer: 0.05 }],
  ['band-flashing', FT, 0.4 + 30 * 0.28, { flashing: 31.5, membrane: 30, fasteners: 0.6 }],
  ['penetration-flashing', ONE, 0.2 + 0.85, { flashing: 1, membrane: 2, sealant: 0.25 }],
  ['weep-screed', FT, 1 + 30 * 1.3, { 'weep-screed': 31.5, membrane: 30, 'stucco-mix': 7.5 }],
  // Strip 2 × 1.5, barrier 200 ÷ 32 = 6.25 × 0.5, back 2 × 5.3.
  ['barrier-renewed', FT2, 0.5 + 3 + 3.125 + 1 + 10.6, { 'house-wrap': 230, 'seam-tape': 1, fasteners: 6 }],
  [
    'drained-gap',
    FT2,
    0.5 + 3 + 3.125 + 0.3 + 2.6 + 1 + 10.6,
    { 'house-wrap': 230, furring: 150, fasteners: 10 },
  ],
  ['shake-backing', FT2, 0.3 + 2 * 1.75, { fasteners: 4 }],
  ['sprinkler', ONE, 0.4, {}],
  // 30 × 4 × 0.25 ft = 30 ft³, a quarter more for settling: 1.39 yd³, told as 0.05 a foot.
  ['regrade', FT, 0.75 + 3 * 2.6, { soil: 1.5 }],
  ['paving-joint', FT, 0.3 + 30 * 0.09, { sealant: 3 }],
  // 30 × 2 × 1/3 ft = 20 ft³ = 0.74 yd³.
  ['stone-strip', FT, 0.5 + 3 * 1.6, { stone: 0.75 }],
  ['clear-soil', FT, 0.3 + 30 * 0.1, {}],
  ['clear-plants', FT, 0.2 + 30 * 0.08, {}],
  ['stand-off', ONE, 0.4 + 1.3, { 'post-base': 1, membrane: 1 }],
  ['pipe-out', ONE, 0.2 + 0.8, { 'drain-pipe': 6 }],
  ['ground-cover', FT2, 0.75 + 2 * 1, { 'ground-cover': 230, 'seam-tape': 0.66 }],
  ['wrap-line', ONE, 0.3 + 1, { 'pipe-wrap': 12 }],
  ['vent-out', ONE, 0.4 + 1.9, { duct: 10, 'vent-hood': 1, 'seam-tape': 0.25 }],
  ['attic-seal', ONE, 0.75 + 7, { sealant: 6 }],
])('%s', (method, size, hours, bought) => {
  const item = made(method, size)
  expect(item.lacks).toEqual([])
  expect(Math.abs(item.hours - hours)).toBeLessThan(0.011)
  expect(goods(item)).toEqual(bought)
})

test('every fix of a source has its example here, and what it counts by is asked for where it is not known', () => {
  const bySource = METHODS.filter(({ answers }) => answers === 'source')
  expect(bySource).toHaveLength(35)
  for (const { id, along } of bySource) {
    const item = made(id, null)
    if (along === 'wall' || along === 'plan')
      expect([id, item.lacks]).toEqual([id, [expect.stringContaining('area')]])
    if (along === 'run' || along === 'roof-edge')
      expect([id, item.notes]).toEqual([id, [expect.stringContaining('not measured')]])
  }
})

test('more of it never costs less', () => {
  for (const { id, along } of METHODS.filter(({ answers }) => answers === 'source')) {
    const of = (n: number): Quantity => {
      if (along === 'each') return { ...ONE, count: n }
      if (along === 'wall' || along === 'plan') return { ...FT2, area: n * 40 * 768 * 768 }
      return { kind: 'length', length: { value: feet(7 * n), how: 'taped', low: null, high: null } }
    }
    const hours = [1, 2, 3, 5].map((n) => made(id, of(n)).hours)
    expect(hours).toEqual([...hours].sort((a, b) => a - b))
  }
})
