import { beforeAll, expect, test } from '@jest/globals'
import loadHighs from 'highs'
import { bestPlan, KERF, packBoards, solverOf, type CutPiece, type Solver } from '../../src/core/cut'
import { feet, inches, type Length } from '../../src/core/measure'

let solve: Solver
beforeAll(async () => {
  solve = solverOf(await loadHighs())
})
const clock = (): number => performance.now()

type Demand = readonly (readonly [length: number, many: number])[]
/** Instances without a kerf: each piece and the stock are shorter by one, which the saw then takes. */
function published(demand: Demand, stock: number) {
  const pieces = demand.flatMap(([length, many]) =>
    Array.from({ length: many }, (): CutPiece => ({ length: (length - KERF) as Length, owner: '' })),
  )
  return bestPlan(pieces, [(stock - KERF) as Length], solve, { seconds: 10, clock })
}

/**
 * Published cutting-stock instances, their optima by whole boards. Sources: a paper-machine instance that is reproduced widely (73 rolls;
 * its linear bound 875/12); V. Chvátal, “Linear Programming”, 1983, ch. 13 (453); W. Winston, “Operations Research” (19 boards);
 * R. Fourer, D. Gay, B. Kernighan, “AMPL”, its cutting chapter (47).
 */
test.each<[string, Demand, number, number]>([
  [
    'paper machine',
    [
      [1380, 22],
      [1520, 25],
      [1560, 12],
      [1710, 14],
      [1820, 18],
      [1880, 18],
      [1930, 20],
      [2000, 10],
      [2050, 12],
      [2100, 14],
      [2140, 16],
      [2150, 18],
      [2200, 20],
    ],
    5600,
    73,
  ],
  // Scaled by a hundred, so that the kerf of eight 64ths is shorter than any piece.
  [
    'textbook of linear programming',
    [
      [4500, 97],
      [3600, 610],
      [3100, 395],
      [1400, 211],
    ],
    10_000,
    453,
  ],
  [
    'boards of 17 ft',
    [
      [300, 25],
      [500, 20],
      [900, 15],
    ],
    1700,
    19,
  ],
  [
    'rolls of 110',
    [
      [2000, 48],
      [4500, 35],
      [5000, 24],
      [5500, 10],
      [7500, 8],
    ],
    11_000,
    47,
  ],
])('%s: the published optimum, proven', (_, demand, stock, boards) => {
  const plan = published(demand, stock)
  expect(plan.boards).toHaveLength(boards)
  expect(plan.exact).toBe(true)
})

/** A stream of numbers that is the same every time. */
function stream(seed: number): () => number {
  let state = seed
  return () => {
    state = (Math.imul(state, 1103515245) + 12345) & 0x7fffffff
    return state / 0x7fffffff
  }
}

test('over many small jobs: every piece once, no board over-full, never more than the plan made at once, never below the bound', () => {
  const next = stream(11)
  const yard = [8, 10, 12, 16].map((ft) => feet(ft))
  for (let job = 0; job < 40; job += 1) {
    const pieces = Array.from({ length: 1 + Math.floor(next() * 25) }, (_, n): CutPiece => ({
      length: inches(6 + Math.floor(next() * 180)),
      owner: String(n),
    }))
    const first = packBoards(pieces, yard)
    const plan = bestPlan(pieces, yard, solve, { seconds: 0.6, clock })
    expect(plan.boards.flatMap(({ cuts }) => cuts.map(({ owner }) => owner)).sort()).toEqual(
      pieces.map(({ owner }) => owner).sort(),
    )
    for (const { cuts, stock, left } of plan.boards) {
      expect(left).toBeGreaterThanOrEqual(0)
      expect(cuts.reduce((sum, cut) => sum + cut.length, 0) + KERF * (cuts.length - 1) + left).toBe(stock)
    }
    const bought = first.boards.reduce((sum, board) => sum + board.stock, 0)
    expect(plan.bought).toBeLessThanOrEqual(bought)
    expect(plan.bought).toBeGreaterThanOrEqual(plan.bound)
  }
})

test('a total that no boards make up is no bound: one short piece costs the shortest board', () => {
  const plan = bestPlan([{ length: inches(10), owner: '' }], [feet(8), feet(12)], solve, {
    seconds: 1,
    clock,
  })
  expect([plan.bought, plan.bound, plan.exact]).toEqual([feet(8), feet(8), true])
})

test('stopped, and without a solver, the plan made at once stands, and says how far off it may be', () => {
  const next = stream(3)
  const pieces = Array.from({ length: 60 }, (): CutPiece => ({
    length: Math.round(next() * 6000 + 1200) as Length,
    owner: '',
  }))
  const yard = [8, 12, 16].map((ft) => feet(ft))
  const bought = packBoards(pieces, yard).boards.reduce((sum, board) => sum + board.stock, 0)
  const without = bestPlan(pieces, yard, () => null, { seconds: 1, clock })
  expect(without.bought).toBeLessThanOrEqual(bought)
  expect(without.bound).toBeLessThanOrEqual(without.bought)
  const stopped = bestPlan(pieces, yard, solve, { seconds: 1, clock, goesOn: () => false })
  expect(stopped.bought).toBeLessThanOrEqual(bought)
})
