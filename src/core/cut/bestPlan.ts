import type { Length } from '../measure'
import { KERF, packBoards, type Board, type CutPiece, type Packing } from './packBoards'

/** A linear or integer program solved by whoever is at hand: HiGHS in the app. Programs are written in the LP format. */
export type Solver = (
  program: string,
  of: { readonly seconds: number },
) => {
  readonly objective: number
  /** By the names of the program. */
  readonly values: Readonly<Record<string, number>>
  /** By the names of its rows; only of linear programs. */
  readonly duals: Readonly<Record<string, number>>
} | null

export type BestPlan = Packing & {
  /** No plan buys less, in 64ths of an inch. */
  readonly bound: number
  /** Bought: the boards of the plan together. */
  readonly bought: number
  /** Whether it is proven that none buys less. */
  readonly exact: boolean
}

/** What a search tells while it is under way, and whether it goes on. */
export type Told = { readonly bought: number; readonly bound: number; readonly share: number }

/** How a board is cut: which stock, and how many of each length. */
type Pattern = {
  readonly stock: number
  readonly many: readonly (readonly [length: number, count: number])[]
}

type Demand = { readonly lengths: readonly number[]; readonly wanted: readonly number[] }

const ROUNDS = 400
const LEAST = 1e-7

function demandOf(pieces: readonly CutPiece[]): Demand {
  const by = new Map<number, number>()
  for (const { length } of pieces) by.set(length, (by.get(length) ?? 0) + 1)
  const lengths = [...by.keys()].sort((a, b) => b - a)
  return { lengths, wanted: lengths.map((length) => by.get(length)!) }
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))

/**
 * The most valuable way to cut every capacity up to the largest: unbounded knapsack over steps of the lengths' common divisor.
 * `best[c]` is the value of capacity `c`, `last[c]` the length cut last, −1 for none.
 */
function knapsack(
  sizes: readonly number[],
  values: readonly number[],
  capacity: number,
): { best: Float64Array; last: Int16Array } {
  const best = new Float64Array(capacity + 1)
  const last = new Int16Array(capacity + 1).fill(-1)
  for (let at = 1; at <= capacity; at += 1) {
    best[at] = best[at - 1]!
    for (let i = 0; i < sizes.length; i += 1) {
      const size = sizes[i]!
      if (size > at) continue
      const value = best[at - size]! + values[i]!
      if (value > best[at]! + 1e-12) {
        best[at] = value
        last[at] = i
      }
    }
  }
  return { best, last }
}

/** The pattern that a knapsack found for a capacity. */
function readPattern(capacity: number, last: Int16Array, sizes: readonly number[]): Map<number, number> {
  const many = new Map<number, number>()
  let at = capacity
  while (at > 0) {
    const i = last[at]!
    if (i < 0) at -= 1
    else {
      many.set(i, (many.get(i) ?? 0) + 1)
      at -= sizes[i]!
    }
  }
  return many
}

function programOf(patterns: readonly Pattern[], { wanted }: Demand, integer: boolean): string {
  const rows = wanted.map((): string[] => [])
  patterns.forEach(({ many }, p) => {
    for (const [i, count] of many) rows[i]!.push(`${count} x${p}`)
  })
  return [
    'Minimize',
    ` cost: ${patterns.map(({ stock }, p) => `${stock} x${p}`).join(' + ')}`,
    'Subject To',
    ...rows.map((terms, i) => ` r${i}: ${terms.join(' + ')} >= ${wanted[i]}`),
    ...(integer ? ['General', ` ${patterns.map((_, p) => `x${p}`).join(' ')}`] : []),
    'End',
  ].join('\n')
}

/** Boards cut by patterns, so many of each; what a pattern has over is left on the board, and a board is bought as short as it may be. */
function boardsOf(
  counts: readonly number[],
  patterns: readonly Pattern[],
  pieces: readonly CutPiece[],
  of: { readonly demand: Demand; readonly stocks: readonly Length[] },
): Board[] | null {
  const waiting = of.demand.lengths.map((length) => pieces.filter((piece) => piece.length === length))
  const boards: Board[] = []
  patterns.forEach(({ many }, p) => {
    for (let n = 0; n < (counts[p] ?? 0); n += 1) {
      const cuts = many.flatMap(([i, count]) => waiting[i]!.splice(0, count))
      if (cuts.length === 0) continue
      const used = cuts.reduce((sum, cut) => sum + cut.length, 0) + KERF * (cuts.length - 1)
      const stock = of.stocks.find((each) => each >= used)
      if (stock !== undefined) boards.push({ stock, cuts, left: (stock - used) as Length })
    }
  })
  return waiting.every((each) => each.length === 0) ? boards : null
}

/**
 * The least that can be bought which is not below a bound: a total is a sum of whole boards, one of which holds the longest piece.
 *
 * @param most a total that is known to be enough
 */
function raiser(stocks: readonly Length[], most: number, least: number): (bound: number) => number {
  const common = stocks.reduce<number>((all, stock) => gcd(all, stock), 0)
  const units = stocks.map((stock) => stock / common)
  const reachable = new Uint8Array(Math.ceil(most / common) + 1)
  reachable[0] = 1
  for (let total = 1; total < reachable.length; total += 1)
    if (units.some((unit) => total >= unit && reachable[total - unit] === 1)) reachable[total] = 1
  return (bound) => {
    let total = Math.max(Math.ceil((bound - 1e-3) / common), Math.ceil(least / common))
    while (total < reachable.length && reachable[total] !== 1) total += 1
    return Math.min(most, total * common)
  }
}

const boughtOf = (boards: readonly Board[]): number => boards.reduce((sum, board) => sum + board.stock, 0)

/** The linear program's patterns as many whole times as they fit, and the rest packed at once. */
function rounded(
  values: readonly number[],
  patterns: readonly Pattern[],
  pieces: readonly CutPiece[],
  of: { readonly demand: Demand; readonly stocks: readonly Length[] },
): Board[] {
  const waiting = of.demand.lengths.map((length) => pieces.filter((piece) => piece.length === length))
  const boards: Board[] = []
  patterns.forEach(({ many }, p) => {
    for (let n = Math.floor((values[p] ?? 0) + LEAST); n > 0; n -= 1) {
      if (many.some(([i, count]) => waiting[i]!.length < count)) break
      const cuts = many.flatMap(([i, count]) => waiting[i]!.splice(0, count))
      const used = cuts.reduce((sum, cut) => sum + cut.length, 0) + KERF * (cuts.length - 1)
      const stock = of.stocks.find((each) => each >= used)!
      boards.push({ stock, cuts, left: (stock - used) as Length })
    }
  })
  return [...boards, ...packBoards(waiting.flat(), of.stocks).boards]
}

/**
 * The plan that buys the least wood: cutting patterns generated by a linear program and a knapsack, then chosen in whole numbers.
 *
 * Source: Gilmore and Gomory, “A Linear Programming Approach to the Cutting-Stock Problem”, Operations Research 9, 1961. The bound is
 * that of the linear program over all patterns, raised to the next multiple of what the yard's lengths have in common.
 *
 * Ends: without an answer of the solver in time the plan is the one made at once, with a bound that says how far off it may be.
 *
 * @param goesOn told how far it is after every round; false: stop, and give what there is
 */
export function bestPlan(
  pieces: readonly CutPiece[],
  stockLengths: readonly Length[],
  solve: Solver,
  of: {
    readonly seconds: number
    readonly goesOn?: (told: Told) => boolean
    /** Now, in milliseconds. */
    readonly clock: () => number
  },
): BestPlan {
  const stocks = [...stockLengths].sort((a, b) => a - b)
  const first = packBoards(pieces, stocks)
  const fits = pieces.filter((piece) => !first.tooLong.includes(piece))
  const atOnce = boughtOf(first.boards)
  const plain = Math.ceil(fits.reduce((sum, piece) => sum + piece.length, 0))
  const done = (boards: readonly Board[], bound: number): BestPlan => ({
    boards,
    tooLong: first.tooLong,
    bound,
    bought: boughtOf(boards),
    exact: boughtOf(boards) <= bound + LEAST,
  })
  const longest = Math.max(0, ...fits.map((piece) => piece.length))
  const raised = raiser(stocks, atOnce, stocks.find((stock) => stock >= longest) ?? 0)
  if (fits.length === 0) return done(first.boards, 0)
  if (atOnce <= raised(plain)) return done(first.boards, atOnce)

  const begun = of.clock()
  const left_s = (): number => of.seconds - (of.clock() - begun) / 1000
  const demand = demandOf(fits)
  // Every cut takes its kerf, and a board has room for one more than it needs.
  const step = demand.lengths.reduce((all, length) => gcd(all, length + KERF), 0)
  const sizes = demand.lengths.map((length) => (length + KERF) / step)
  const rooms = stocks.map((stock) => Math.floor((stock + KERF) / step))
  const patterns: Pattern[] = demand.lengths.map((length, i) => {
    const stock = stocks.find((each) => each >= length)!
    const fit = Math.floor((stock + KERF) / (length + KERF))
    return { stock, many: [[i, Math.max(1, Math.min(fit, demand.wanted[i]!))]] }
  })
  for (const { cuts, stock } of first.boards) {
    const many = new Map<number, number>()
    for (const cut of cuts) {
      const i = demand.lengths.indexOf(cut.length)
      many.set(i, (many.get(i) ?? 0) + 1)
    }
    patterns.push({ stock, many: [...many] })
  }
  let bound = raised(plain)
  let values: number[] = []
  for (let round = 0; round < ROUNDS && left_s() > of.seconds * 0.35; round += 1) {
    const answer = solve(programOf(patterns, demand, false), { seconds: Math.max(0.05, left_s()) })
    if (answer === null) break
    values = patterns.map((_, p) => answer.values[`x${p}`] ?? 0)
    const duals = demand.lengths.map((_, i) => Math.max(0, answer.duals[`r${i}`] ?? 0))
    const { best, last } = knapsack(sizes, duals, rooms.at(-1)!)
    // Farley: the worst ratio of a pattern's worth to its cost scales the duals down to a bound on every plan.
    const over = Math.max(1, ...stocks.map((stock, k) => best[rooms[k]!]! / stock))
    const dual = demand.wanted.reduce((sum, wanted, i) => sum + wanted * duals[i]!, 0)
    bound = Math.max(bound, raised(dual / over))
    const found = stocks.flatMap((stock, k): Pattern[] =>
      best[rooms[k]!]! > stock + 1e-6 ? [{ stock, many: [...readPattern(rooms[k]!, last, sizes)] }] : [],
    )
    const goes = of.goesOn?.({ bought: atOnce, bound, share: Math.min(0.6, round / 60) }) ?? true
    if (found.length === 0 || !goes) break
    patterns.push(...found)
  }
  const way = { demand, stocks }
  let boards = first.boards
  const better = (next: readonly Board[] | null): void => {
    if (next && boughtOf(next) < boughtOf(boards)) boards = next
  }
  better(rounded(values, patterns, fits, way))
  const goes = of.goesOn?.({ bought: boughtOf(boards), bound, share: 0.7 }) ?? true
  if (goes && boughtOf(boards) > bound && left_s() > 0.05) {
    const whole = solve(programOf(patterns, demand, true), { seconds: left_s() })
    if (whole) {
      better(
        boardsOf(
          patterns.map((_, p) => Math.round(whole.values[`x${p}`] ?? 0)),
          patterns,
          fits,
          way,
        ),
      )
    }
  }
  return done(boards, Math.min(bound, boughtOf(boards)))
}
