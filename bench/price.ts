import { withLeaves } from '../src/core/compare'
import { derive } from '../src/core/pipeline'
import { sigmaOf, simulation, type HiddenPlace } from '../src/core/price'
import { draws } from '../src/core/price/hidden/random'
import { generatedJob } from './generatedJob'

export type PriceRow = { readonly name: string; readonly value: string; readonly beside: string }

const DAY = '2026-05-04'
const HOUSES = 100_000
const PLACES = 26
const RUNS = 5

function middle(work: () => unknown): number {
  work()
  const times = Array.from({ length: RUNS }, () => {
    const begun = performance.now()
    work()
    return performance.now() - begun
  })
  return times.sort((a, b) => a - b)[Math.floor(RUNS / 2)]!
}

const places: readonly HiddenPlace[] = Array.from({ length: PLACES }, (_, n) => ({
  id: `place-${n}`,
  source: `source-${n % 5}`,
  side: `side-${n % 4}`,
  opening: null,
  backing: 0.45,
  framing: 0.2,
  extent: { typical: 1.6, sigma: sigmaOf(1.2, 3) },
  seen_ft: 4,
  along_ft: 4,
  covered_ft: 6,
  most_ft: null,
  cents: {
    surface_ft: 3000,
    backing_first: 20_000,
    backing_ft: 2500,
    framing_first: 28_000,
    framing_further: 11_000,
  },
  spacing_ft: 4 / 3,
}))

/** The same draws and sums with nothing but typed arrays and a loop: no shared latents by name, no shares of the variance. */
function plainLoop(): number {
  const { normal } = draws(7)
  const totals = new Float64Array(HOUSES)
  const shared = new Float64Array(20)
  for (let house = 0; house < HOUSES; house += 1) {
    for (let k = 0; k < shared.length; k += 1) shared[k] = normal()
    let total = 0
    for (let n = 0; n < PLACES; n += 1) {
      const z = 0.7 * shared[n % 5]! + 0.45 * shared[5 + (n % 4)]! + 0.3 * shared[9]! + 0.45 * normal()
      const y =
        0.7 * shared[10 + (n % 5)]! + 0.45 * shared[15 + (n % 4)]! + 0.3 * shared[19]! + 0.45 * normal()
      const long = 4 * Math.exp(0.47 + 0.36 * y)
      let cents = Math.max(0, long - 6) * 3000
      if (z > 0.13) cents += 20_000 + long * 2500
      if (z > 0.84) cents += 28_000 + Math.ceil(long / 1.33) * 11_000
      total += cents
    }
    totals[house] = total
  }
  return totals[0]!
}

/** From a job to its bid, with what each item saves; and 100,000 drawn houses beside a plain loop in the same run. */
export function benchPrice(): PriceRow[] {
  const bids = [25, 100, 300].map((items): PriceRow => {
    const job = generatedJob(items)
    const round = middle(() => JSON.parse(JSON.stringify(job)) as unknown)
    const bid = middle(() => derive(job, DAY).bid)
    const begun = performance.now()
    const told = withLeaves(job, DAY, derive(job, DAY))
    const leaves = performance.now() - begun
    const many = told.items.filter(({ leave }) => leave !== null).length
    return {
      name: `${items} findings, ${job.work_items.length} items: to the bid`,
      value: `${bid.toFixed(1)} ms; with what ${many} items save ${leaves.toFixed(0)} ms`,
      beside: `× ${(bid / round).toFixed(1)} a JSON round trip of the job (${round.toFixed(2)} ms)`,
    }
  })
  const drawn = middle(() => {
    const made = simulation(places, {
      houses: HOUSES,
      seed: 7,
      together: { source: 0.5, side: 0.2, house: 0.1 },
    })
    made.run(HOUSES)
    return made.result()
  })
  const plain = middle(plainLoop)
  return [
    ...bids,
    {
      name: `${HOUSES} houses of ${PLACES} places drawn`,
      value: `${drawn.toFixed(0)} ms`,
      beside: `× ${(drawn / plain).toFixed(2)} a plain loop over typed arrays (${plain.toFixed(0)} ms)`,
    },
  ]
}
