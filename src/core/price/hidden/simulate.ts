import { quantile } from './normal'
import { draws } from './random'

/** A place that is opened, with what it may hide and what that would cost. Lengths in feet, money in cents. */
export type HiddenPlace = {
  readonly id: string
  /** Places of one source move together most, then those of one side; null: of none. */
  readonly source: string | null
  readonly side: string | null
  /** Places of one opening of the wall: what is set up there for one is not set up again for the next; null: it is opened by itself. */
  readonly opening: string | null
  /** Chance that the backing is damaged; null: there is none. */
  readonly backing: number | null
  /** Chance that the framing is damaged. */
  readonly framing: number
  /** Times what was seen that is repaired in the end: typical, and the spread of its logarithm. */
  readonly extent: { readonly typical: number; readonly sigma: number }
  readonly seen_ft: number
  /** Of it, the length along the wall: boards above or beside one another lie on the same backing and framing. */
  readonly along_ft: number
  /** What the price covers already: what was seen, with its cut-backs. */
  readonly covered_ft: number
  /** The member ends there: no damage of it is longer; null: not known. */
  readonly most_ft: number | null
  readonly cents: {
    /** Of a further foot of the surface. */
    readonly surface_ft: number
    /** Of the backing: to begin at all, and of each foot of it. */
    readonly backing_first: number
    readonly backing_ft: number
    /** Of the framing: of the first piece, and of each further one. */
    readonly framing_first: number
    readonly framing_further: number
  }
  /** Between pieces of framing. */
  readonly spacing_ft: number
}

/** Shares of the whole by which places move together: 0 none, 1 wholly. Their sum is at most 1. */
export type Together = { readonly source: number; readonly side: number; readonly house: number }

export type Simulation = {
  /** Runs so many more houses, at most to the end. @returns whether it is done. */
  readonly run: (houses: number) => boolean
  readonly done: () => number
  readonly result: () => Simulated
}

export type Simulated = {
  /** What each house came to in hidden damage, cents, in the order they were drawn. */
  readonly totals: Float64Array
  /** Of each place: its mean, and its share of the variance of the whole. */
  readonly places: readonly { readonly id: string; readonly mean_cents: number; readonly share: number }[]
}

/** Spread of the logarithm where one in ten lies below `low` and one in ten above `high`. */
export function sigmaOf(low: number, high: number): number {
  return Math.log(high / low) / (2 * quantile(0.9))
}

/** Shared latents by name, in the order they are met: the same draws for the same places. */
function indexed(names: readonly (string | null)[]): { readonly at: Int32Array; readonly many: number } {
  const known = new Map<string, number>()
  const at = Int32Array.from(names, (name) => {
    if (name === null) return -1
    const found = known.get(name) ?? known.size
    known.set(name, found)
    return found
  })
  return { at, many: known.size }
}

/**
 * What may hide behind the boards of a house, drawn many times. A place is damaged where its latent lies above the point that its chance
 * gives; latents of one source, one side and the house move together. How far the damage reaches is log-normal and moves together too,
 * by latents of its own, so that its spread is what the rows say.
 *
 * Cost: about 40 ns for each place of each house; see `bench/`. The same seed gives the same houses, however they are run.
 */
export function simulation(
  places: readonly HiddenPlace[],
  of: { readonly houses: number; readonly seed: number; readonly together: Together },
): Simulation {
  const n = places.length
  const { normal } = draws(of.seed)
  const sources = indexed(places.map(({ source }) => source))
  const sides = indexed(places.map(({ side }) => side))
  const weights = places.map(({ source, side }) => {
    const s = source === null ? 0 : of.together.source
    const d = side === null ? 0 : of.together.side
    return [s, d, of.together.house, Math.max(0, 1 - s - d - of.together.house)].map(Math.sqrt)
  })
  const [ws, wd, wh, own] = [0, 1, 2, 3].map((k) => Float64Array.from(weights, (each) => each[k]!))
  const backingFrom = Float64Array.from(places, ({ backing }) =>
    backing === null ? Infinity : quantile(1 - backing),
  )
  const framingFrom = Float64Array.from(places, ({ framing }) => quantile(1 - framing))
  const logTypical = Float64Array.from(places, ({ extent }) => Math.log(extent.typical))
  const sigma = Float64Array.from(places, ({ extent }) => extent.sigma)
  const openings = indexed(places.map(({ opening }) => opening))
  /** The house in which an opening's backing and framing were begun last. */
  const begunBacking = new Int32Array(openings.many).fill(-1)
  const begunFraming = new Int32Array(openings.many).fill(-1)
  const zSource = new Float64Array(sources.many)
  const ySource = new Float64Array(sources.many)
  const zSide = new Float64Array(sides.many)
  const ySide = new Float64Array(sides.many)
  const cost = new Float64Array(n)
  const totals = new Float64Array(of.houses)
  const sums = new Float64Array(n)
  const withTotal = new Float64Array(n)
  let totalSum = 0
  let totalSquares = 0
  let done = 0

  function house(): number {
    const zHouse = normal()
    const yHouse = normal()
    for (let k = 0; k < sources.many; k += 1) {
      zSource[k] = normal()
      ySource[k] = normal()
    }
    for (let k = 0; k < sides.many; k += 1) {
      zSide[k] = normal()
      ySide[k] = normal()
    }
    let total = 0
    for (let i = 0; i < n; i += 1) {
      const s = sources.at[i]!
      const d = sides.at[i]!
      const z =
        (s < 0 ? 0 : ws![i]! * zSource[s]!) +
        (d < 0 ? 0 : wd![i]! * zSide[d]!) +
        wh![i]! * zHouse +
        own![i]! * normal()
      const y =
        (s < 0 ? 0 : ws![i]! * ySource[s]!) +
        (d < 0 ? 0 : wd![i]! * ySide[d]!) +
        wh![i]! * yHouse +
        own![i]! * normal()
      const place = places[i]!
      const times = Math.exp(logTypical[i]! + sigma[i]! * y)
      const most = place.most_ft === null ? Infinity : Math.max(place.most_ft, place.along_ft)
      const long = Math.min(place.along_ft * times, most)
      const surface = long * (place.along_ft > 0 ? place.seen_ft / place.along_ft : 0)
      let cents = Math.max(0, surface - place.covered_ft) * place.cents.surface_ft
      const o = openings.at[i]!
      if (z > backingFrom[i]!) {
        cents += long * place.cents.backing_ft
        if (o < 0 || begunBacking[o] !== done) cents += place.cents.backing_first
        if (o >= 0) begunBacking[o] = done
      }
      if (z > framingFrom[i]!) {
        cents += Math.ceil(long / place.spacing_ft) * place.cents.framing_further
        // Of the first piece only what is set up for it is shared.
        const begun = o >= 0 && begunFraming[o] === done
        cents += begun ? place.cents.framing_further : place.cents.framing_first
        if (o >= 0) begunFraming[o] = done
      }
      cost[i] = cents
      total += cents
    }
    for (let i = 0; i < n; i += 1) {
      sums[i]! += cost[i]!
      withTotal[i]! += cost[i]! * total
    }
    return total
  }

  return {
    run: (houses) => {
      const end = Math.min(of.houses, done + houses)
      for (; done < end; done += 1) {
        const total = house()
        totals[done] = total
        totalSum += total
        totalSquares += total * total
      }
      return done >= of.houses
    },
    done: () => done,
    result: () => {
      const mean = done > 0 ? totalSum / done : 0
      const variance = done > 0 ? Math.max(0, totalSquares / done - mean * mean) : 0
      return {
        totals: totals.slice(0, done),
        places: places.map(({ id }, i) => {
          const mean_cents = done > 0 ? sums[i]! / done : 0
          const together = done > 0 ? withTotal[i]! / done - mean_cents * mean : 0
          return { id, mean_cents, share: variance > 0 ? together / variance : 0 }
        }),
      }
    },
  }
}

export type Spread = {
  readonly mean_cents: number
  readonly p20_cents: number
  readonly p50_cents: number
  readonly p80_cents: number
  readonly p95_cents: number
  /** To be put by beyond what is expected, so that it is enough 19 times of 20. */
  readonly reserve_cents: number
}

/** The point below which a share lies, between the two nearest of those drawn. */
function pointOf(sorted: Float64Array, share: number): number {
  const at = share * (sorted.length - 1)
  const below = Math.floor(at)
  const low = sorted[below] ?? 0
  return low + (at - below) * ((sorted[below + 1] ?? low) - low)
}

/** How what was drawn is spread. Nothing drawn: nothing hides. */
export function spreadOf(totals: Float64Array): Spread {
  const sorted = totals.slice().sort()
  const mean_cents = totals.length > 0 ? totals.reduce((sum, each) => sum + each, 0) / totals.length : 0
  const p95_cents = pointOf(sorted, 0.95)
  return {
    mean_cents,
    p20_cents: pointOf(sorted, 0.2),
    p50_cents: pointOf(sorted, 0.5),
    p80_cents: pointOf(sorted, 0.8),
    p95_cents,
    reserve_cents: Math.max(0, p95_cents - mean_cents),
  }
}

/** How often what hides comes to more than what is there to pay for it. */
export function chanceAbove(totals: Float64Array, cents: number): number {
  if (totals.length === 0) return 0
  return totals.reduce((many, each) => many + (each > cents ? 1 : 0), 0) / totals.length
}
