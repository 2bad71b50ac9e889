import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { costOf, type ExplainProblem, type Option } from './problem'
import { explain } from './explain'

const none = (cost: number): Option => ({ source: null, cost, anchor: null })
const by = (source: number, cost: number, anchor: string | null = 'here'): Option => ({
  source,
  cost,
  anchor,
})

test('one source for three findings beats three of their own', () => {
  const problem: ExplainProblem = {
    sources: [{ open: 2, needs: 1 }, ...[0, 1, 2].map(() => ({ open: 1.5, needs: 1 }))],
    findings: [0, 1, 2].map((n) => [none(9), by(0, 1), by(n + 1, 0.5)]),
  }
  const found = explain(problem)
  expect(found.chosen).toEqual([1, 1, 1])
  expect(found.cost).toBeCloseTo(5, 9)
  expect(found.without(0).more).toBeCloseTo(1, 9)
})

test('a source in whose favour nothing speaks is not opened, however far it reaches', () => {
  const findings = [0, 1, 2, 3].map(() => [none(5), by(0, 0.1, null)])
  expect(explain({ sources: [{ open: 0.1, needs: 1 }], findings }).chosen).toEqual([0, 0, 0, 0])
})

test('a repeated fault needs its evidence from two places', () => {
  const one = [0, 1].map(() => [none(5), by(0, 0.1, 'window 1')])
  expect(explain({ sources: [{ open: 0.5, needs: 2 }], findings: one }).chosen).toEqual([0, 0])
  const two = ['window 1', 'window 2'].map((place) => [none(5), by(0, 0.1, place)])
  expect(explain({ sources: [{ open: 0.5, needs: 2 }], findings: two }).chosen).toEqual([1, 1])
})

test('what speaks strongly for a source takes a finding that would lean the other way', () => {
  const problem: ExplainProblem = { sources: [{ open: -3, needs: 1 }], findings: [[none(1), by(0, 2.5)]] }
  expect(explain(problem)).toMatchObject({ cost: -0.5, chosen: [1] })
})

const cost = fc.integer({ min: -20, max: 60 }).map((n) => n / 10)
const problems = fc
  .record({
    sources: fc.array(fc.record({ open: cost, needs: fc.constantFrom(1, 1, 1, 2) }), {
      minLength: 1,
      maxLength: 5,
    }),
    findings: fc.array(
      fc.record({
        base: cost,
        ways: fc.array(
          fc.record({ source: fc.nat({ max: 4 }), cost, anchor: fc.constantFrom(null, 'p', 'q') }),
          { maxLength: 4 },
        ),
      }),
      { minLength: 1, maxLength: 6 },
    ),
  })
  .map(({ sources, findings }): ExplainProblem => ({
    sources,
    findings: findings.map(({ base, ways }) => {
      const seen = new Set<number>()
      const own = ways.filter(
        (way) => way.source < sources.length && !seen.has(way.source) && seen.add(way.source),
      )
      return [none(base), ...own]
    }),
  }))

/** Every choice there is: the slow twin the search is held to. */
function bruteForce(problem: ExplainProblem, closed: number | null = null): number {
  let best = Infinity
  const chosen: number[] = []
  const visit = (finding: number): void => {
    if (finding === problem.findings.length) {
      best = Math.min(best, costOf(problem, chosen) ?? Infinity)
      return
    }
    problem.findings[finding]!.forEach((option, index) => {
      if (closed !== null && option.source === closed) return
      chosen[finding] = index
      visit(finding + 1)
    })
  }
  visit(0)
  return best
}

test('as cheap as the best of all choices, on small houses', () => {
  fc.assert(
    fc.property(problems, (problem) => {
      const found = explain(problem)
      expect(costOf(problem, found.chosen)).toBeCloseTo(found.cost, 9)
      expect(found.cost).toBeCloseTo(bruteForce(problem), 9)
      expect(found.bound).toBeCloseTo(found.cost, 9)
    }),
    { numRuns: 3000 },
  )
})

test('what it costs to do without a source, as all choices have it', () => {
  fc.assert(
    fc.property(problems, (problem) => {
      const found = explain(problem)
      problem.sources.forEach((_, source) => {
        const used = found.chosen.some(
          (index, finding) => problem.findings[finding]![index]!.source === source,
        )
        if (used) expect(found.without(source).more).toBeCloseTo(bruteForce(problem, source) - found.cost, 9)
      })
    }),
    { numRuns: 400 },
  )
})

const WIDE = { nodes: 4_000, looks: 1_500_000, near_from: 150, near_nodes: 24 }

test('stopped early, it has an explanation all the same, and says how far off the best could be', () => {
  fc.assert(
    fc.property(problems, fc.integer({ min: 1, max: 3 }), (problem, nodes) => {
      const found = explain(problem, { ...WIDE, nodes })
      const best = bruteForce(problem)
      expect(costOf(problem, found.chosen)).toBeCloseTo(found.cost, 9)
      expect(found.bound).toBeLessThanOrEqual(best + 1e-9)
      expect(found.cost).toBeGreaterThanOrEqual(best - 1e-9)
    }),
    { numRuns: 300 },
  )
})

test('sought near a source alone, doing without it never seems cheaper than it is, where every finding has evidence of its own', () => {
  const anchored = problems.map((problem): ExplainProblem => ({
    sources: problem.sources.map(({ open }) => ({ open: Math.abs(open), needs: 1 })),
    findings: problem.findings.map((options) =>
      options.map((option) => (option.source === null ? option : { ...option, anchor: 'p' })),
    ),
  }))
  fc.assert(
    fc.property(anchored, (problem) => {
      const exact = explain(problem)
      const local = explain(problem, { ...WIDE, near_from: 0 })
      problem.sources.forEach((_, source) => {
        expect(local.without(source).more).toBeGreaterThanOrEqual(exact.without(source).more - 1e-9)
      })
    }),
    { numRuns: 200 },
  )
})

test('sought near a source alone, doing without it nearly always costs what it costs over the whole house', () => {
  let same = 0
  let asked = 0
  for (const problem of fc.sample(problems, { numRuns: 2000, seed: 11 })) {
    const exact = explain(problem)
    const local = explain(problem, { ...WIDE, near_from: 0 })
    const used = new Set(exact.chosen.map((index, finding) => problem.findings[finding]![index]!.source))
    for (const source of used) {
      if (source === null) continue
      asked += 1
      same += Number(Math.abs(local.without(source).more - exact.without(source).more) < 1e-9)
    }
  }
  expect(asked).toBeGreaterThan(300)
  expect(same / asked).toBeGreaterThan(0.95)
})
