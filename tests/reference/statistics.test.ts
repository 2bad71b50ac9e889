/**
 * What is drawn and read off it, beside a statistics library (simple-statistics) and closed forms.
 */
import { expect, test } from '@jest/globals'
import { mean, probit, quantileSorted, sampleCorrelation, variance } from 'simple-statistics'
import { sigmaOf, simulation, spreadOf, type HiddenPlace } from '../../src/core/price'
import { quantile } from '../../src/core/price/hidden/normal'
import { draws } from '../../src/core/price/hidden/random'

const HOUSES = 40_000

test('points of the normal lie where the library has them, as far as its own approximation reaches', () => {
  // The library's is a short rational approximation: it is 0.005 off at worst here. Ours is checked to 1e-12 against tables elsewhere.
  for (let p = 0.01; p < 1; p += 0.01) expect(Math.abs(quantile(p) - probit(p))).toBeLessThan(0.006)
})

test('draws are normal: mean, variance, tails, and no draw tells the next', () => {
  const { normal } = draws(11)
  const drawn = Array.from({ length: HOUSES }, normal)
  expect(Math.abs(mean(drawn))).toBeLessThan(4 / Math.sqrt(HOUSES))
  expect(Math.abs(variance(drawn) - 1)).toBeLessThan(4 * Math.sqrt(2 / HOUSES))
  const sorted = drawn.toSorted((a, b) => a - b)
  for (const p of [0.05, 0.5, 0.95])
    expect(Math.abs(quantileSorted(sorted, p) - probit(p))).toBeLessThan(0.03)
  expect(Math.abs(sampleCorrelation(drawn.slice(0, -1), drawn.slice(1)))).toBeLessThan(4 / Math.sqrt(HOUSES))
})

const SIGMA = sigmaOf(1.2, 3)
const place = (id: string, source: string): HiddenPlace => ({
  id,
  source,
  side: null,
  opening: null,
  backing: 1,
  framing: 1e-9,
  extent: { typical: 1.6, sigma: SIGMA },
  seen_ft: 1,
  along_ft: 1,
  covered_ft: 1e9,
  most_ft: null,
  cents: { surface_ft: 0, backing_first: 0, backing_ft: 1000, framing_first: 0, framing_further: 0 },
  spacing_ft: 1,
})
function totalsOf(places: readonly HiddenPlace[], source: number): Float64Array {
  const made = simulation(places, { houses: HOUSES, seed: 3, together: { source, side: 0, house: 0 } })
  made.run(HOUSES)
  return made.result().totals
}

/** Mean and variance of a log-normal of median 1.6 in thousands of cents. */
const MEAN = 1600 * Math.exp(SIGMA ** 2 / 2)
const VARIANCE = MEAN ** 2 * (Math.exp(SIGMA ** 2) - 1)

test.each<[string, string[], number, number]>([
  // Independent: variances add up. Wholly dependent: deviations do.
  ['ten independent log-normals', Array.from({ length: 10 }, (_, n) => `s${n}`), 1, 10 * VARIANCE],
  ['ten that move as one', Array.from({ length: 10 }, () => 's'), 1, 100 * VARIANCE],
])('%s: mean and variance in closed form, by the library’s sums', (_, sources, together, expected) => {
  const totals = [
    ...totalsOf(
      sources.map((source, n) => place(`p${n}`, source)),
      together,
    ),
  ]
  expect(Math.abs(mean(totals) / (10 * MEAN) - 1)).toBeLessThan(0.01)
  expect(Math.abs(variance(totals) / expected - 1)).toBeLessThan(0.06)
})

test('points of what was drawn are those the library reads', () => {
  const totals = totalsOf(
    ['a', 'a', 'b'].map((source, n) => place(`p${n}`, source)),
    0.5,
  )
  const sorted = [...totals].toSorted((a, b) => a - b)
  const spread = spreadOf(totals)
  // The library takes a drawn value or the middle of two; between neighbours of forty thousand there is next to nothing.
  for (const [p, ours] of [
    [0.2, spread.p20_cents],
    [0.5, spread.p50_cents],
    [0.8, spread.p80_cents],
    [0.95, spread.p95_cents],
  ] as const)
    expect(Math.abs(ours / quantileSorted(sorted, p) - 1)).toBeLessThan(1e-3)
  expect(spread.mean_cents).toBeCloseTo(mean(sorted), 6)
})
