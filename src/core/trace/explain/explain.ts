import { localOf } from './localProblem'
import { partsOf, type ExplainProblem, type Explanation, type Part } from './problem'
import { LIMITS, Search, type Limits } from './search'

type Solved = { cost: number; bound: number; nodes: number; chosen: number[]; used: ReadonlySet<number> }

function solve(
  problem: ExplainProblem,
  part: Part,
  again: { readonly without: number; readonly used: ReadonlySet<number> } | null,
  limits: Limits,
): Solved {
  const sources = part.sources.filter((source) => source !== again?.without)
  const local = localOf(problem, part, sources)
  const search = new Search(local, limits)
  search.run(again && new Set(sources.flatMap((source, index) => (again.used.has(source) ? [index] : []))))
  const { cost, taken } = search.found()
  return {
    cost,
    bound: Math.min(cost, search.left),
    nodes: search.nodes,
    chosen: taken.map((each, at) => each?.index ?? local.baseIndex[at]!),
    used: new Set(taken.flatMap((each) => (each ? [sources[each.source]!] : []))),
  }
}

/** What is asked of a large part for every one of its sources, worked out once. */
type PartMap = {
  /** Sources a finding could take. */
  readonly reach: ReadonlyMap<number, readonly number[]>
  /** Findings that could take a source, and those that do. */
  readonly reached: ReadonlyMap<number, readonly number[]>
  readonly takenBy: ReadonlyMap<number, readonly number[]>
  /** The source a finding takes, and by which of its options. */
  readonly sourceOf: ReadonlyMap<number, number | null>
  readonly at: ReadonlyMap<number, number>
}

function mapOf(problem: ExplainProblem, part: Part, chosen: readonly number[]): PartMap {
  const at = new Map(part.findings.map((finding, k) => [finding, chosen[k]!] as const))
  const sourceOf = new Map<number, number | null>()
  const reach = new Map<number, number[]>()
  const reached = new Map<number, number[]>()
  const takenBy = new Map<number, number[]>()
  const put = (to: Map<number, number[]>, key: number, value: number): void => {
    const list = to.get(key)
    if (list) list.push(value)
    else to.set(key, [value])
  }
  for (const finding of part.findings) {
    const options = problem.findings[finding]!
    const taken = options[at.get(finding)!]!.source
    sourceOf.set(finding, taken)
    if (taken !== null) put(takenBy, taken, finding)
    reach.set(finding, [])
    for (const { source } of options) {
      if (source === null) continue
      put(reach, finding, source)
      put(reached, source, finding)
    }
  }
  return { at, sourceOf, reach, reached, takenBy }
}

/**
 * A part of a large part: the findings of one source, and of the sources not yet opened that these could take instead, the findings
 * such a source would win or has evidence from. What the rest of the house has opened is open here for nothing.
 */
function near(
  problem: ExplainProblem,
  part: Part,
  source: number,
  { reach, reached, takenBy, sourceOf, at }: PartMap,
): { problem: ExplainProblem; part: Part; cost: number; used: ReadonlySet<number> } {
  const mine = takenBy.get(source) ?? []
  const inside = new Set<number>(mine)
  for (const each of new Set(mine.flatMap((finding) => reach.get(finding)!))) {
    if (takenBy.has(each)) continue
    for (const other of reached.get(each)!) {
      const options = problem.findings[other]!
      const now = options[at.get(other)!]!.cost
      if (options.some((way) => way.source === each && (way.cost < now || way.anchor !== null)))
        inside.add(other)
    }
  }
  const findings = part.findings.filter((finding) => inside.has(finding))
  const paid = new Set<number>()
  for (const [each, findings] of takenBy) if (findings.some((one) => !inside.has(one))) paid.add(each)
  const allowed = new Set(part.sources)
  const wanted = new Set<number>()
  for (const finding of findings)
    for (const each of reach.get(finding)!) if (allowed.has(each)) wanted.add(each)
  const sources = [...wanted]
  const used = new Set(findings.flatMap((finding) => sourceOf.get(finding) ?? []))
  const opened = problem.sources.map((each, at) => (paid.has(at) ? { open: 0, needs: 0 } : each))
  const cost =
    findings.reduce((sum, finding) => sum + problem.findings[finding]![at.get(finding)!]!.cost, 0) +
    [...used].reduce((sum, each) => sum + opened[each]!.open, 0)
  return { problem: { ...problem, sources: opened }, part: { findings, sources }, cost, used }
}

/** The best explanation, and what the best one without a given source would cost more. */
export type Explained = Explanation & {
  /** How much more the best explanation without this source costs: what stands between it and the second best. */
  readonly without: (source: number) => {
    readonly more: number
    readonly chosen: ReadonlyMap<number, number>
  }
}

/**
 * The cheapest explanation of all findings, exactly: split into parts, then branch and bound within each.
 *
 * Ends: where a part exceeds its nodes or looks, `bound` lies below `cost`, and says how far off the best could be. In a large part
 * the best without a source is sought near it alone: `more` is then about what it would be over the whole house, seldom less.
 * Cost: at most so many looks a part, see `Limits`; houses split into small parts, see `bench/`.
 */
export function explain(problem: ExplainProblem, limits: Limits = LIMITS): Explained {
  const parts = partsOf(problem)
  const solved = parts.map((part) => solve(problem, part, null, limits))
  const chosen = new Array<number>(problem.findings.length).fill(0)
  parts.forEach((part, at) =>
    part.findings.forEach((finding, k) => (chosen[finding] = solved[at]!.chosen[k]!)),
  )
  const partOf = new Map(parts.flatMap((part, at) => part.sources.map((source) => [source, at] as const)))
  const maps = new Map<number, PartMap>()
  const mapFor = (at: number): PartMap => {
    const held = maps.get(at) ?? mapOf(problem, parts[at]!, solved[at]!.chosen)
    maps.set(at, held)
    return held
  }
  const sum = (of: (each: (typeof solved)[number]) => number): number =>
    solved.reduce((total, each) => total + of(each), 0)
  return {
    cost: sum((each) => each.cost),
    bound: sum((each) => each.bound),
    nodes: sum((each) => each.nodes),
    chosen,
    without: (source) => {
      const at = partOf.get(source)
      if (at === undefined) return { more: 0, chosen: new Map() }
      const part = parts[at]!
      if (part.findings.length > limits.near_from) {
        const here = near(problem, part, source, mapFor(at))
        const other = solve(
          here.problem,
          here.part,
          { without: source, used: here.used },
          { ...limits, nodes: limits.near_nodes },
        )
        return {
          more: other.cost - here.cost,
          chosen: new Map(here.part.findings.map((finding, k) => [finding, other.chosen[k]!])),
        }
      }
      const other = solve(problem, part, { without: source, used: solved[at]!.used }, limits)
      return {
        more: other.cost - solved[at]!.cost,
        chosen: new Map(part.findings.map((finding, k) => [finding, other.chosen[k]!])),
      }
    },
  }
}
