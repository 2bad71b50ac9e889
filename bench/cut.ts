import loadHighs from 'highs'
import { bestPlan, packBoards, solverOf, type CutPiece } from '../src/core/cut'
import { feet, inches, type Length } from '../src/core/measure'

/** One number of pieces: what is bought over the proven bound, by each way, and how long it takes. */
export type CutRow = {
  readonly pieces: number
  /** Baselines: every piece from a board of its own, the shortest that holds it; first fit, longest first. */
  readonly roundUp: number
  readonly firstFit: number
  readonly best: number
  readonly exact: boolean
  readonly firstAnswer_ms: number
  readonly best_ms: number
}

/** Linear congruential, the constants of ANSI C: a bench must not change by chance. */
function stream(seed: number): () => number {
  let state = seed
  return () => {
    state = (Math.imul(state, 1103515245) + 12345) & 0x7fffffff
    return state / 0x7fffffff
  }
}

const YARD = [8, 10, 12, 16].map((ft) => feet(ft))
const SECONDS = 2
const RUNS = 5

/** Pieces from 1 to 11 ft, to the eighth, cut from 8, 10, 12 and 16 ft within two seconds; the middle of five jobs by what is bought. */
export async function benchCut(): Promise<CutRow[]> {
  const solve = solverOf(await loadHighs())
  return [20, 60, 200, 600].map((many): CutRow => {
    const runs = Array.from({ length: RUNS }, (_, run): CutRow => {
      const next = stream(many + run * 101)
      const pieces = Array.from({ length: many }, (): CutPiece => ({
        length: inches(12 + Math.round(next() * 120 * 8) / 8),
        owner: '',
      }))
      const begun = performance.now()
      const first = packBoards(pieces, YARD)
      const at = performance.now()
      const plan = bestPlan(pieces, YARD, solve, { seconds: SECONDS, clock: () => performance.now() })
      const done = performance.now()
      const sum = (lengths: readonly Length[]): number => lengths.reduce((all, each) => all + each, 0)
      return {
        pieces: many,
        roundUp: sum(pieces.map(({ length }) => YARD.find((each) => each >= length)!)) / plan.bound,
        firstFit: sum(first.boards.map(({ stock }) => stock)) / plan.bound,
        best: plan.bought / plan.bound,
        exact: plan.exact,
        firstAnswer_ms: at - begun,
        best_ms: done - at,
      }
    })
    return runs.toSorted((a, b) => a.best - b.best)[Math.floor(RUNS / 2)]!
  })
}
