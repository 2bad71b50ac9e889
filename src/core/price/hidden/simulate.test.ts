/** Drawn houses against closed forms. Seeds are fixed: what is checked is the model, with the room its own sampling error needs. */
import { expect, test } from '@jest/globals'
import { quantile } from './normal'
import { draws } from './random'
import { chanceAbove, sigmaOf, simulation, spreadOf, type HiddenPlace, type Together } from './simulate'

const HOUSES = 40_000
/** Enough where only two large effects are looked for. */
const HALF = HOUSES / 2
const ALONE: Together = { source: 0, side: 0, house: 0 }
const cents = (surface_ft: number, backing_ft: number, framing: number): HiddenPlace['cents'] => ({
  surface_ft,
  backing_first: 0,
  backing_ft,
  framing_first: framing,
  framing_further: framing,
})
const place = (id: string, of: Partial<HiddenPlace> = {}): HiddenPlace => ({
  id,
  source: id,
  side: null,
  opening: null,
  backing: 0.3,
  framing: 0.1,
  extent: { typical: 1.6, sigma: sigmaOf(1.2, 3) },
  seen_ft: 4,
  covered_ft: 4,
  most_ft: null,
  cents: cents(0, 0, 0),
  spacing_ft: 4 / 3,
  along_ft: of.seen_ft ?? 4,
  ...of,
})
function run(places: readonly HiddenPlace[], together: Together, houses = HOUSES, seed = 7) {
  const made = simulation(places, { houses, seed, together })
  made.run(houses)
  return made.result()
}

test.each([
  // Tables of the normal distribution, as in any handbook of statistics.
  [0.5, 0],
  [0.9, 1.2815515655446004],
  [0.975, 1.959963984540054],
  [0.99, 2.3263478740408408],
  [0.001, -3.090232306167813],
  [1e-9, -5.997807015007686],
])('the point below which %d lies is %d', (p, x) => {
  expect(quantile(p)).toBeCloseTo(x, 12)
})

test('drawn numbers are even, and normal ones normal', () => {
  const { next, normal } = draws(3)
  const even = Array.from({ length: 20_000 }, next)
  const mean = even.reduce((sum, each) => sum + each, 0) / even.length
  // One standard error is 0.0020.
  expect(Math.abs(mean - 0.5)).toBeLessThan(0.007)
  const tenths = new Array<number>(10).fill(0)
  for (const each of even) tenths[Math.floor(each * 10)]! += 1
  // Chi-square with 9 degrees of freedom: 27.9 is passed once in a thousand.
  expect(tenths.reduce((sum, many) => sum + (many - 2000) ** 2 / 2000, 0)).toBeLessThan(27.9)
  const normals = Array.from({ length: 20_000 }, normal)
  const square = normals.reduce((sum, each) => sum + each * each, 0) / normals.length
  expect(Math.abs(square - 1)).toBeLessThan(0.035)
  const beyond = normals.filter((each) => Math.abs(each) > 1.959963984540054).length / normals.length
  expect(Math.abs(beyond - 0.05)).toBeLessThan(0.006)
})

test('one place is damaged as often as its chance says, and costs what that makes', () => {
  const only = place('a', { cents: cents(0, 1000, 0) })
  const { totals } = run([only], ALONE)
  expect(Math.abs(chanceAbove(totals, 0) - 0.3)).toBeLessThan(0.008)
  // Chance × seen × mean of the log-normal × price of a foot; the extent is drawn apart from the damage.
  const { typical, sigma } = only.extent
  const expected = 0.3 * 4 * typical * Math.exp(sigma ** 2 / 2) * 1000
  expect(spreadOf(totals).mean_cents / expected).toBeCloseTo(1, 1)
  expect(Math.abs(spreadOf(totals).mean_cents / expected - 1)).toBeLessThan(0.02)
})

/** All damaged, so that the total is a sum of log-normals. */
const sure = (id: string, of: Partial<HiddenPlace> = {}): HiddenPlace =>
  place(id, { backing: 1, framing: 0, cents: cents(0, 1000, 0), ...of })

test('a sum of independent log-normals has the sum of their means and of their variances', () => {
  const places = Array.from({ length: 8 }, (_, n) => sure(`p${n}`, { seen_ft: 1 + n }))
  const { totals } = run(places, ALONE)
  const { sigma } = places[0]!.extent
  const mean = places.reduce((sum, { seen_ft }) => sum + seen_ft * 1.6 * Math.exp(sigma ** 2 / 2) * 1000, 0)
  const variance = places.reduce(
    (sum, { seen_ft }) => sum + (seen_ft * 1600) ** 2 * Math.exp(sigma ** 2) * (Math.exp(sigma ** 2) - 1),
    0,
  )
  const drawn = spreadOf(totals)
  const spread = totals.reduce((sum, each) => sum + (each - drawn.mean_cents) ** 2, 0) / totals.length
  expect(Math.abs(drawn.mean_cents / mean - 1)).toBeLessThan(0.01)
  expect(Math.abs(spread / variance - 1)).toBeLessThan(0.08)
})

test('points of wholly dependent log-normals add up', () => {
  const places = Array.from({ length: 8 }, (_, n) => sure(`p${n}`, { seen_ft: 1 + n, source: 'one' }))
  const { totals } = run(places, { source: 1, side: 0, house: 0 })
  const { sigma } = places[0]!.extent
  const at = (share: number): number =>
    places.reduce((sum, { seen_ft }) => sum + seen_ft * 1600 * Math.exp(sigma * quantile(share)), 0)
  const drawn = spreadOf(totals)
  expect(Math.abs(drawn.p50_cents / at(0.5) - 1)).toBeLessThan(0.01)
  expect(Math.abs(drawn.p80_cents / at(0.8) - 1)).toBeLessThan(0.015)
  expect(Math.abs(drawn.p95_cents / at(0.95) - 1)).toBeLessThan(0.025)
})

test('two places of one source are damaged together as often as the bivariate normal says', () => {
  const flat = { typical: 1, sigma: 0 }
  const each = {
    backing: 0.5,
    framing: 0,
    extent: flat,
    cents: cents(0, 250, 0),
  }
  const { totals } = run([place('a', { ...each, source: 's' }), place('b', { ...each, source: 's' })], {
    source: 0.5,
    side: 0,
    house: 0,
  })
  // Sheppard: at one half each, a quarter and the arc sine of the correlation over two pi. Both cost $20.00.
  const both = 0.25 + Math.asin(0.5) / (2 * Math.PI)
  expect(Math.abs(chanceAbove(totals, 1500) - both)).toBeLessThan(0.008)
})

test('places of one source moving together make the bad houses worse: independent coins reserve too little', () => {
  // 26 places, 5 sources, chance 0.45, extent 1.2 to 1.6 to 3.0: what our notes on the model reckoned for the same house gave a point of
  // 95 % about 23 % too low and half the reserve. Their costs are not told; a foot of backing stands for all here.
  const places = Array.from({ length: 26 }, (_, n) =>
    place(`p${n}`, {
      source: `s${n % 5}`,
      side: `d${n % 4}`,
      backing: 0.45,
      framing: 0,
      cents: cents(0, 1000, 0),
    }),
  )
  const shared = spreadOf(run(places, { source: 0.5, side: 0.2, house: 0.1 }, HALF).totals)
  const coins = spreadOf(run(places, ALONE, HALF).totals)
  expect(Math.abs(coins.mean_cents / shared.mean_cents - 1)).toBeLessThan(0.02)
  const low = 1 - coins.p95_cents / shared.p95_cents
  const reserve = coins.reserve_cents / shared.reserve_cents
  expect(low).toBeGreaterThan(0.15)
  expect(low).toBeLessThan(0.35)
  expect(reserve).toBeGreaterThan(0.4)
  expect(reserve).toBeLessThan(0.65)
})

test('the same seed gives the same houses, in one go or in many; another seed others', () => {
  const places = [place('a', { cents: cents(100, 900, 4000) }), place('b')]
  const together = { source: 0.5, side: 0.2, house: 0.1 }
  const whole = run(places, together, 5000).totals
  const pieces = simulation(places, { houses: 5000, seed: 7, together })
  while (!pieces.run(333)) expect(pieces.done() % 333).toBe(0)
  expect(pieces.result().totals).toEqual(whole)
  expect(run(places, together, 5000, 8).totals).not.toEqual(whole)
})

test('shares of the variance add up to one; what cannot vary has none', () => {
  const places = [
    place('a', { cents: cents(0, 900, 0) }),
    place('b', { cents: cents(0, 100, 0) }),
    place('still'),
  ]
  const { places: drivers } = run(places, ALONE, 20_000)
  expect(drivers.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9)
  expect(drivers[0]!.share).toBeGreaterThan(0.9)
  expect(drivers[2]).toMatchObject({ mean_cents: 0, share: 0 })
})

test('no damage is longer than its member, and what the price covers is not charged twice', () => {
  const short = place('a', {
    backing: null,
    framing: 0,
    seen_ft: 4,
    covered_ft: 6,
    most_ft: 7,
    cents: cents(1000, 9_999, 0),
  })
  const { totals } = run([short], ALONE, 5000)
  expect(Math.max(...totals)).toBeCloseTo(1000, 6)
  expect(Math.min(...totals)).toBe(0)
})

test('nothing opened hides nothing', () => {
  const { totals } = run([], { source: 0.5, side: 0.2, house: 0.1 }, 100)
  expect(spreadOf(totals)).toEqual({
    mean_cents: 0,
    p20_cents: 0,
    p50_cents: 0,
    p80_cents: 0,
    p95_cents: 0,
    reserve_cents: 0,
  })
  expect(chanceAbove(new Float64Array(0), 0)).toBe(0)
})

test('to begin costs once, and each foot and each piece after it', () => {
  const only = place('a', {
    backing: 1,
    framing: 1,
    extent: { typical: 1, sigma: 0 },
    seen_ft: 4,
    cents: {
      surface_ft: 0,
      backing_first: 5000,
      backing_ft: 1000,
      framing_first: 20_000,
      framing_further: 8000,
    },
  })
  // $50 + 4 ft at $10, and a piece at $200 with three more at $80: 4 ft at 16 in.
  expect(spreadOf(run([only], ALONE, 10).totals).mean_cents).toBeCloseTo(5000 + 4000 + 20_000 + 3 * 8000, 6)
})

test('places of one opening set up once: what each takes besides is theirs', () => {
  const of = {
    backing: 1,
    framing: 1,
    extent: { typical: 1, sigma: 0 },
    seen_ft: 4,
    opening: 'window',
    cents: {
      surface_ft: 0,
      backing_first: 5000,
      backing_ft: 1000,
      framing_first: 20_000,
      framing_further: 8000,
    },
  }
  const alone = spreadOf(run([place('a', of)], ALONE, 10).totals).mean_cents
  const both = spreadOf(run([place('a', of), place('b', of)], ALONE, 10).totals).mean_cents
  // The second one saves the $50 to begin the backing, and of its first piece the $120 to begin.
  expect(both).toBeCloseTo(2 * alone - 5000 - 12_000, 6)
  const apart = [place('a', of), place('b', { ...of, opening: 'door' })]
  expect(spreadOf(run(apart, ALONE, 10).totals).mean_cents).toBeCloseTo(2 * alone, 6)
})

test('boards above one another lie on the same framing: their surface counts each, what is behind them once', () => {
  const cents_ = {
    surface_ft: 100,
    backing_first: 0,
    backing_ft: 1000,
    framing_first: 8000,
    framing_further: 8000,
  }
  const of = { backing: 1, framing: 1, extent: { typical: 1.5, sigma: 0 }, covered_ft: 12, cents: cents_ }
  // Three boards of 4 ft: 18 ft of surface less 12 covered at $1; 6 ft of backing at $10; 5 + 1 pieces at $80.
  const three = place('a', { ...of, seen_ft: 12, along_ft: 4 })
  expect(spreadOf(run([three], ALONE, 10).totals).mean_cents).toBeCloseTo(6 * 100 + 6 * 1000 + 6 * 8000, 6)
})
