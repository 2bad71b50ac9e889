import { cheapestNull, type ExplainProblem, type Part } from './problem'

/** A way of a finding: by a source, at a cost, with its own evidence. */
export type Local = {
  readonly source: number
  readonly cost: number
  readonly anchor: string | null
  readonly index: number
}
/** One part of the problem with sources numbered from nought. */
export type LocalProblem = {
  readonly open: readonly number[]
  readonly needs: readonly number[]
  /** Cheapest option without a source. */
  readonly base: readonly number[]
  readonly baseIndex: readonly number[]
  /** By finding, cheapest first. */
  readonly options: readonly (readonly Local[])[]
}
/**
 * A part of a problem as a problem of its own. A way that costs no less than one without a source, or than one by a source that is
 * open for nothing, is left out unless it is evidence: nothing is lost by it.
 */
export function localOf(problem: ExplainProblem, part: Part, sources: readonly number[]): LocalProblem {
  const number = new Map(sources.map((source, index) => [source, index]))
  const bases = part.findings.map((finding) => cheapestNull(problem.findings[finding]!))
  return {
    open: sources.map((source) => problem.sources[source]!.open),
    needs: sources.map((source) => problem.sources[source]!.needs),
    base: part.findings.map((finding, at) => problem.findings[finding]![bases[at]!]!.cost),
    baseIndex: bases,
    options: part.findings.map((finding, at) => {
      let sure = problem.findings[finding]![bases[at]!]!.cost
      const ways: Local[] = []
      for (const [index, { source, cost, anchor }] of problem.findings[finding]!.entries()) {
        const local = source === null ? undefined : number.get(source)
        if (source === null || local === undefined) continue
        const { open, needs } = problem.sources[source]!
        if (open <= 0 && needs === 0) sure = Math.min(sure, cost)
        ways.push({ source: local, cost, anchor, index })
      }
      return ways.filter((each) => each.cost <= sure || each.anchor !== null).sort((a, b) => a.cost - b.cost)
    }),
  }
}

/**
 * Sources that another one beats everywhere: it costs no more to open, reaches all the same findings as cheaply, with their anchors.
 * One that gains by being opened is never beaten: both may be.
 */
export function beaten(local: LocalProblem): boolean[] {
  const by = local.open.map(() => new Map<number, Local>())
  local.options.forEach((options, finding) => options.forEach((each) => by[each.source]!.set(finding, each)))
  const out = local.open.map(() => false)
  const all = local.open.map((_, source) => source)
  for (let b = 0; b < local.open.length; b += 1) {
    if (local.open[b]! < 0) continue
    // Who beats it reaches its first finding too.
    const [first] = by[b]!.keys()
    const rivals = first === undefined ? all : local.options[first]!.map(({ source }) => source)
    for (const a of rivals) {
      if (out[b]) break
      if (a === b || out[a] || local.open[a]! > local.open[b]! || local.needs[a]! > local.needs[b]!) continue
      if (by[a]!.size < by[b]!.size) continue
      out[b] = [...by[b]!].every(([finding, mine]) => {
        const other = by[a]!.get(finding)
        return (
          other !== undefined &&
          other.cost <= mine.cost &&
          (mine.anchor === null || mine.anchor === other.anchor)
        )
      })
    }
  }
  return out
}
