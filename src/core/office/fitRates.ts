import { ballpark, type BallparkOf } from '../ballpark'
import type { EntityOf, JobDocument } from '../job'
import type { Cents } from '../measure'

type Rates = EntityOf['rates']

/** A job somebody remembers: what it was, how big, and what was asked for it in all, tax included. */
export type Remembered = BallparkOf & { readonly asked_cents: Cents }

/** Rates that meet remembered prices, and how nearly they do. */
export type Fit =
  | {
      readonly kind: 'fitted'
      readonly rates: Rates
      /** What each would be asked now, beside what was; in their order. Null: it has no price. */
      readonly jobs: readonly { readonly reckoned_cents: Cents | null; readonly misfit: number | null }[]
      /** Furthest any of them is off, of what was asked. */
      readonly worst: number
      /** False: labour and the rest rise together in all of them, so that only the hour was fitted. */
      readonly splitsOverhead: boolean
    }
  | { readonly kind: 'too-few' }
  | { readonly kind: 'no-price'; readonly why: string }

/** Within this of what was asked a fit counts as met. */
export const MET_WITHIN = 0.05
/** An hour and an overhead a firm may have; beyond them the remembered prices do not hang together. */
const HOUR_CENTS = { least: 1500, most: 25_000 }
const OVERHEAD = { least: 0, most: 2 }
/** How near to one line labour and the rest of the jobs may lie before they tell nothing apart. */
const LEAST_SPREAD = 0.02

function priceOf(job: JobDocument, rates: Rates, of: BallparkOf): Cents | { readonly why: string } {
  const found = ballpark({ ...job, rates, facts: [], findings: [] }, of)
  if (found.kind === 'priced') return found.typical
  return { why: found.kind === 'no-price' ? found.why : 'It has no price here.' }
}

type Line = { readonly slope: number; readonly rest: number; readonly asked: number }

/** Least squares of relative misfit: asked = x · slope + y · rest, both above zero. Null: the two cannot be told apart. */
function solve(lines: readonly Line[]): { x: number; y: number } | null {
  const rows = lines.map(({ slope, rest, asked }) => ({ a: slope / asked, b: rest / asked }))
  const sum = (of: (row: { a: number; b: number }) => number): number =>
    rows.reduce((total, row) => total + of(row), 0)
  const [aa, bb, ab, a, b] = [
    sum((row) => row.a * row.a),
    sum((row) => row.b * row.b),
    sum((row) => row.a * row.b),
    sum((row) => row.a),
    sum((row) => row.b),
  ]
  const spread = 1 - (ab * ab) / (aa * bb)
  if (!(spread > LEAST_SPREAD)) return null
  const determinant = aa * bb - ab * ab
  return { x: (a * bb - b * ab) / determinant, y: (b * aa - a * ab) / determinant }
}

/** The hour that fits best where all else costs `y` times what it does. */
function hourFor(lines: readonly Line[], y: number): number {
  const rows = lines.map(({ slope, rest, asked }) => ({ a: slope / asked, left: 1 - (y * rest) / asked }))
  const aa = rows.reduce((total, row) => total + row.a * row.a, 0)
  return aa === 0 ? 0 : rows.reduce((total, row) => total + row.a * row.left, 0) / aa
}

const within = (value: number, { least, most }: { least: number; most: number }): number =>
  Math.min(most, Math.max(least, value))

/**
 * An hour and an overhead that meet what a firm asked for jobs it remembers. Profit, minimum and prices of material stay as they are:
 * prices alone cannot tell overhead from profit.
 *
 * A price is a line in the hour (its hours, and all the rest), times what overhead and profit put on it; so two numbers are sought, by
 * least squares of the misfit in share of what was asked. The result is priced again by the same pipeline as a bid, minimum and
 * rounding included, and that is what is shown.
 *
 * @returns `too-few` below two jobs, `no-price` where one has none.
 */
export function fitRates(job: JobDocument, rates: Rates, remembered: readonly Remembered[]): Fit {
  if (remembered.length < 2) return { kind: 'too-few' }
  // Overhead on the price is another line: it is sought as one on cost, from the same share.
  const start: Rates = { ...rates, overhead: { basis: 'cost', share: rates.overhead.share } }
  const hour = start.burdened_rate_cents
  // The minimum is no line: it is left out while the line is drawn, and counts again when the fit is priced.
  const bare = { ...start, minimum_per_visit_cents: 0 as Cents }
  const lines: Line[] = []
  for (const { asked_cents, ...of } of remembered) {
    const once = priceOf(job, bare, of)
    const twice = priceOf(job, { ...bare, burdened_rate_cents: (hour * 2) as Cents }, of)
    if (typeof once === 'object') return { kind: 'no-price', why: once.why }
    if (typeof twice === 'object') return { kind: 'no-price', why: twice.why }
    const slope = (twice - once) / hour
    lines.push({ slope, rest: once - slope * hour, asked: asked_cents })
  }
  const solved = solve(lines)
  const before = 1 + start.overhead.share
  // What overhead puts on costs, times what it does now.
  const times = within(solved ? solved.y : 1, {
    least: (1 + OVERHEAD.least) / before,
    most: (1 + OVERHEAD.most) / before,
  })
  const isFree = solved !== null && Math.abs(times - solved.y) < 1e-9
  const x = isFree ? solved.x : hourFor(lines, times)
  const fitted: Rates = {
    ...start,
    burdened_rate_cents: Math.round(within(x / times, HOUR_CENTS)) as Cents,
    overhead: { basis: 'cost', share: Math.round((times * before - 1) * 1000) / 1000 },
  }
  const jobs = remembered.map(({ asked_cents, ...of }) => {
    const found = priceOf(job, fitted, of)
    const reckoned = typeof found === 'object' ? null : found
    return { reckoned_cents: reckoned, misfit: reckoned === null ? null : reckoned / asked_cents - 1 }
  })
  return {
    kind: 'fitted',
    rates: fitted,
    jobs,
    worst: Math.max(...jobs.map((each) => Math.abs(each.misfit ?? 1))),
    splitsOverhead: solved !== null,
  }
}
