/**
 * The search for the explanation of a house against a general-purpose MIP solver (HiGHS, an open-source solver for linear and
 * mixed-integer programs), on simulated houses: the same least cost. The solver knows nothing of our search.
 */
import { beforeAll, expect, test } from '@jest/globals'
import loadHighs from 'highs'
import { isDamage } from '../../src/core/job'
import type { ExplainProblem } from '../../src/core/trace/explain/problem'
import { explain } from '../../src/core/trace/explain/explain'
import { modelOf } from '../../src/core/trace/model'
import { simulateHouse } from '../simulator/simulate'

let highs: Awaited<ReturnType<typeof loadHighs>>
beforeAll(async () => {
  highs = await loadHighs()
})

const term = (cost: number, name: string): string =>
  `${cost < 0 ? '-' : '+'} ${Math.abs(cost).toFixed(9)} ${name}`

/**
 * The definition as a program: y opens a source, x assigns a finding, a place counts only when one of its findings that speak for the
 * source takes it, and an open source needs so many places.
 */
function programOf({ sources, findings }: ExplainProblem): string {
  const objective: string[] = []
  const rows: string[] = []
  const binaries: string[] = []
  sources.forEach(({ open }, s) => {
    objective.push(term(open, `y${s}`))
    binaries.push(`y${s}`)
  })
  const places = sources.map(() => new Map<string, string[]>())
  findings.forEach((options, f) => {
    const mine = options.map((_, o) => `x${f}_${o}`)
    binaries.push(...mine)
    options.forEach(({ cost, source, anchor }, o) => {
      objective.push(term(cost, `x${f}_${o}`))
      if (source === null) return
      rows.push(`x${f}_${o} - y${source} <= 0`)
      if (anchor !== null) places[source]!.set(anchor, [...(places[source]!.get(anchor) ?? []), `x${f}_${o}`])
    })
    rows.push(`${mine.join(' + ')} = 1`)
  })
  places.forEach((held, s) => {
    const names = [...held].map(([, xs], at) => {
      const name = `p${s}_${at}`
      binaries.push(name)
      rows.push(`${name} - ${xs.join(' - ')} <= 0`)
      return name
    })
    rows.push(names.length === 0 ? `y${s} <= 0` : `${sources[s]!.needs} y${s} - ${names.join(' - ')} <= 0`)
  })
  return `Minimize\n obj: ${objective.join(' ')}\nSubject To\n${rows.map((row, index) => ` c${index}: ${row}`).join('\n')}\nBinaries\n ${binaries.join(' ')}\nEnd\n`
}

test.each([11, 23, 37, 41, 59, 73])(
  'house %i: as cheap as the solver finds it, to the sixth digit',
  (start) => {
    const { job } = simulateHouse(start, 'full')
    const { problem } = modelOf(job, job.findings.filter(isDamage))
    const ours = explain(problem)
    const solved = highs.solve(programOf(problem), { mip_rel_gap: 1e-9, mip_abs_gap: 1e-9 })
    expect(solved.Status).toBe('Optimal')
    expect(problem.findings.length).toBeGreaterThan(5)
    expect(ours.cost).toBeCloseTo(solved.ObjectiveValue, 5)
    expect(ours.bound).toBeCloseTo(ours.cost, 9)
  },
)
