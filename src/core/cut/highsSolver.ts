import type { Solver } from './bestPlan'

/** What is used of HiGHS: one program at a time, in the LP format. */
export type Highs = {
  solve(
    program: string,
    options: Readonly<Record<string, unknown>>,
  ): {
    readonly Status: string
    readonly ObjectiveValue: number
    readonly Columns: Readonly<Record<string, object>>
    readonly Rows: readonly object[]
  }
}

const numberIn = (of: object, name: string): number | undefined => {
  const value = (of as Readonly<Record<string, unknown>>)[name]
  return typeof value === 'number' && Number.isFinite(value) ? value : undefined
}

/** HiGHS as a solver of cutting plans: an answer that was not finished in time counts where it is a plan at all. */
export function solverOf(highs: Highs): Solver {
  return (program, { seconds }) => {
    const answer = highs.solve(program, { time_limit: seconds, output_flag: false, mip_rel_gap: 0 })
    if (answer.Status !== 'Optimal' && answer.Status !== 'Time limit reached') return null
    const values: Record<string, number> = {}
    for (const [name, column] of Object.entries(answer.Columns)) {
      const primal = numberIn(column, 'Primal')
      // Stopped before it had any plan, it has no numbers.
      if (primal === undefined) return null
      values[name] = primal
    }
    const duals: Record<string, number> = {}
    for (const row of answer.Rows) {
      const name = (row as { readonly Name?: unknown }).Name
      const dual = numberIn(row, 'Dual')
      if (typeof name === 'string' && dual !== undefined) duals[name] = dual
    }
    return { objective: answer.ObjectiveValue, values, duals }
  }
}
