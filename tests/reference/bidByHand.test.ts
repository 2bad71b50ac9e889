/**
 * The bid for 22 Lantern Court, priced by hand to the cent.
 *
 * Nothing here calls the engine but the last lines, which compare. Hours are those of our tables (our judgement), prices those a new firm
 * starts from; lengths, counts and cut-backs were worked from the walk by the rules of take-off: cut back past the soft, next stud or
 * bay, whole boards from the yard, whole packages. Rounding is stated with each step: hours and feet to a hundredth, shares to four digits,
 * money to the cent.
 */
import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../demo'
import { derive } from '../../src/core/pipeline'

const to = (digits: number, n: number): number => Math.round((n + 1e-9) * 10 ** digits) / 10 ** digits
const money = (n: number): number => to(2, n)

/** Set-up, rate, how many, factor. */
type Task = readonly [setUp: number, rate: number, many: number, factor: number]
/** What is bought, its price, what this item takes of it, what all items take. */
type Good = readonly [bought: number, price: number, mine: number, all: number]
type Item = {
  readonly what: string
  readonly tasks: readonly Task[]
  readonly goods: readonly Good[]
  readonly comes: number
}

/** One pound of nails, a quart of primer and two cartridges serve the whole job, shared by what each item takes. */
const NAILS_LB = 0.8888
const PRIMER_GAL = 0.09
const SEALANT = 1.9069
const nails = (mine: number): Good => [1, 9, mine, NAILS_LB]
const primer = (mine: number): Good => [0.25, 38, mine, PRIMER_GAL]
const sealant = (mine: number): Good => [2, 8.5, mine, SEALANT]

/** A task over the ladder goes 1.3 times slower. */
const LADDER = 1.3

const ITEMS: readonly Item[] = [
  // Soft over 8 in: cut back 6 in both ways to 20 in = 1.67 ft; the yard's shortest board of it is 8 ft.
  {
    what: 'casing leg, door A2',
    tasks: [[0.2, 1.1, 1, 1]],
    goods: [[8, 4.84, 1.67, 1.67], nails(0.0833), primer(0.0069), sealant(0.0926)],
    comes: 213.71,
  },
  {
    what: 'sill nose, window B1',
    tasks: [[0.3, 2.2, 1, 1]],
    goods: [[8, 5.2, 1.71, 1.71], nails(0.0854), primer(0.0071), sealant(0.0949)],
    comes: 352.98,
  },
  // Two courses of siding are cut from one 16 ft board: 8 ft here, 7 ft at the hole.
  {
    what: 'siding, back C',
    tasks: [[0.5, 0.16, 8, 1]],
    goods: [[16, 1.8, 8, 15], nails(0.064), primer(0.0032)],
    comes: 226.45,
  },
  {
    what: 'fascia, front A',
    tasks: [
      [0.75, 0.22, 12, LADDER],
      [0, 0.25, 2, 1],
    ],
    goods: [[12, 2.95, 12, 12], nails(0.6), primer(0.0499), sealant(0.6667)],
    comes: 611.43,
  },
  // Old sealant is cut out: 1.1 times slower.
  { what: 're-seal, window D1', tasks: [[0.3, 0.07, 4.5, 1.1]], goods: [sealant(0.2404)], comes: 76.34 },
  { what: 're-seal, door A2', tasks: [[0.3, 0.07, 1.17, 1]], goods: [sealant(0.0623)], comes: 43.48 },
  {
    what: 'gutter, front A',
    tasks: [
      [0.3, 0.04, 36, LADDER],
      [0, 0.5, 1, LADDER],
      [0, 0.25, 5, 1],
    ],
    goods: [[1, 7, 1, 1], [10, 2.4, 10, 10], sealant(0.5)],
    comes: 514.56,
  },
  {
    what: 'block at the hole C4',
    tasks: [[0.2, 0.85, 1, 1]],
    goods: [[10, 2.8, 1, 1], [33, 1.1, 2, 2], sealant(0.25)],
    comes: 227.81,
  },
  // Soil lies against the lowest course over 5 ft: cleared by the foot, nothing bought.
  { what: 'soil cleared, left D', tasks: [[0.3, 0.1, 5, 1]], goods: [], comes: 89.59 },
  {
    what: 'siding at the hole C4',
    tasks: [[0.5, 0.16, 7, 1]],
    goods: [[16, 1.8, 7, 15], nails(0.056), primer(0.0028)],
    comes: 205.12,
  },
  {
    what: 'bottom courses, left D',
    tasks: [
      [0.5, 2, 0.05, 1],
      [0.3, 1.5, 0.1, 1],
    ],
    goods: [primer(0.02), [0.25, 52, 0.0286, 0.0286]],
    comes: 142.62,
  },
]

/** To a hundredth of an hour, factor on the work and not on its set-up. */
const hoursOf = ([setUp, rate, many, factor]: Task): number => to(2, setUp + rate * many * factor)
const itemHours = (item: Item): number =>
  to(
    2,
    item.tasks.reduce((sum, task) => sum + hoursOf(task), 0),
  )

/** Two visits: an hour to begin, and 1.6 h each. */
const SHARED_H = 1 + 1.6 * 2
const OWN_H = to(
  2,
  ITEMS.reduce((sum, item) => sum + itemHours(item), 0),
)
/** Eight hours of two people make a crew-day: 24.08 h are 1.51 days (1.505). */
const CREW_DAYS = to(2, (OWN_H + SHARED_H) / 16)
/** Seventy percent of paid hours is work up to half a day, eighty from a day and a half: in between by the straight line. */
const PRODUCTIVE = to(4, Math.min(0.8, 0.7 + (0.8 - 0.7) * ((CREW_DAYS - 0.5) / (1.5 - 0.5))))
const labour = (hours: number): number => money((hours / PRODUCTIVE) * 48)
/** And a tenth of a cubic yard goes to the dump at $65. */
const SHARED = money(labour(SHARED_H) + money(0.1 * 65))

test('the days and the share of productive time', () => {
  expect([OWN_H, CREW_DAYS, PRODUCTIVE]).toEqual([19.88, 1.51, 0.8])
  expect(SHARED).toBe(258.5)
})

test('22 Lantern Court by hand, to the cent', () => {
  const byHand = ITEMS.map((item) => {
    const hours = itemHours(item)
    const material = item.goods.reduce(
      (sum, [bought, price, mine, all]) => money(sum + money((bought * price * mine) / all)),
      0,
    )
    const tax = money(material * 0.08)
    const share = money((SHARED * hours) / OWN_H)
    const direct = money(labour(hours) + material + tax + share)
    return money((direct * 1.35) / (1 - 0.12))
  })
  expect(byHand).toEqual(ITEMS.map(({ comes }) => comes))
  const total = byHand.reduce((sum, each) => money(sum + each), 0)
  // Two visits at $450 are less, and the tax on material is inside.
  expect(total).toBe(2704.09)
  const { price } = derive(DEMO_JOBS['lantern-court-22'](), '2026-05-04')
  if (price.kind !== 'priced') throw new Error(price.kind)
  expect(price.lines.map(({ sell_cents }) => sell_cents / 100)).toEqual(byHand)
  expect(price.total_cents / 100).toBe(total)
})
