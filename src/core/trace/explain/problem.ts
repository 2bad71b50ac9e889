/**
 * The search for the explanation of a whole house, as numbers alone.
 *
 * A *source* may be opened at a cost (its rarity, less what speaks for it at its own place; below nothing where much does). Each
 * finding takes one *option*: a source that reaches it, or none (a null cause, or not explained). Of all ways the cheapest is sought.
 */
export type Option = {
  /** Index of the source; null: explained without one, or not at all. */
  readonly source: number | null
  readonly cost: number
  /** A finding whose own evidence speaks for the source, and the place that evidence is from; null: it only lies in reach. */
  readonly anchor: string | null
}

export type ExplainProblem = {
  readonly sources: readonly {
    readonly open: number
    /** From how many places it must have evidence of its own to be credible: one, or more for a repeated fault. */
    readonly needs: number
  }[]
  /** Options of each finding; one of them at least without a source. */
  readonly findings: readonly (readonly Option[])[]
}

export type Explanation = {
  readonly cost: number
  /** No explanation costs less than this. Equal to the cost when the search was finished, as it is but for freak houses. */
  readonly bound: number
  /** Index of the option each finding takes. */
  readonly chosen: readonly number[]
  readonly nodes: number
}

/** Cost of a full choice, or null where a source in use lacks evidence of its own: the definition the search is held to. */
export function costOf(problem: ExplainProblem, chosen: readonly number[]): number | null {
  const anchors = new Map<number, Set<string>>()
  let cost = 0
  chosen.forEach((index, finding) => {
    const option = problem.findings[finding]![index]!
    cost += option.cost
    if (option.source === null) return
    const held = anchors.get(option.source) ?? new Set<string>()
    if (option.anchor !== null) held.add(option.anchor)
    anchors.set(option.source, held)
  })
  for (const [source, held] of anchors) {
    const { open, needs } = problem.sources[source]!
    if (held.size < needs) return null
    cost += open
  }
  return cost
}

/** Cheapest option without a source, by finding. */
export function cheapestNull(options: readonly Option[]): number {
  let best = -1
  options.forEach((option, index) => {
    if (option.source === null && (best < 0 || option.cost < options[best]!.cost)) best = index
  })
  if (best < 0) throw new Error('every finding needs an option without a source')
  return best
}

/** Findings and sources that hang together: no option leads from one part to another. */
export type Part = { readonly findings: readonly number[]; readonly sources: readonly number[] }

/**
 * Drops the sources that can never pay, whatever else is opened, and splits what is left into parts.
 *
 * A source pays at most what its findings gain over their cheapest option without a source. If that is no more than its own cost,
 * leaving it out of any explanation costs nothing.
 */
export function partsOf(problem: ExplainProblem): Part[] {
  const gain = problem.sources.map((source) => -source.open)
  const least = problem.sources.map(() => Infinity)
  const groups = problem.sources.map(() => new Set<string>())
  problem.findings.forEach((options) => {
    const base = options[cheapestNull(options)]!.cost
    for (const { source, cost, anchor } of options) {
      if (source === null) continue
      gain[source]! += Math.max(0, base - cost)
      if (anchor === null) continue
      groups[source]!.add(anchor)
      least[source] = Math.min(least[source]!, Math.max(0, cost - base))
    }
  })
  const pays = problem.sources.map(
    (source, index) => groups[index]!.size >= source.needs && gain[index]! - least[index]! > 1e-12,
  )
  const root = problem.findings.map((_, index) => index)
  const find = (at: number): number => {
    while (root[at] !== at) at = root[at] = root[root[at]!]!
    return at
  }
  const first = new Map<number, number>()
  problem.findings.forEach((options, finding) => {
    for (const { source } of options) {
      if (source === null || !pays[source]) continue
      const known = first.get(source)
      if (known === undefined) first.set(source, finding)
      else root[find(finding)] = find(known)
    }
  })
  const parts = new Map<number, { findings: number[]; sources: number[] }>()
  problem.findings.forEach((_, finding) => {
    const key = find(finding)
    const part = parts.get(key) ?? { findings: [], sources: [] }
    part.findings.push(finding)
    parts.set(key, part)
  })
  for (const [source, finding] of first) parts.get(find(finding))!.sources.push(source)
  return [...parts.values()]
}
