import { cheapestNull, partsOf, type ExplainProblem, type Explanation, type Part } from './problem'

type Local = {
  readonly source: number
  readonly cost: number
  readonly anchor: string | null
  readonly index: number
}
/** One part of the problem with sources numbered from nought. */
type LocalProblem = {
  readonly open: readonly number[]
  readonly needs: readonly number[]
  /** Cheapest option without a source. */
  readonly base: readonly number[]
  readonly baseIndex: readonly number[]
  readonly options: readonly (readonly Local[])[]
}
type Status = 'free' | 'open' | 'closed'
type Choice = { readonly cost: number; readonly taken: readonly (Local | null)[] }

const LEAST = 1e-9
/** A part that needs more than this is left with its bound: seen on no house, real or simulated. */
const NODES_AT_MOST = 20_000

function localOf(problem: ExplainProblem, part: Part, without: number | null): LocalProblem {
  const sources = part.sources.filter((source) => source !== without)
  const number = new Map(sources.map((source, index) => [source, index]))
  const bases = part.findings.map((finding) => cheapestNull(problem.findings[finding]!))
  return {
    open: sources.map((source) => problem.sources[source]!.open),
    needs: sources.map((source) => problem.sources[source]!.needs),
    base: part.findings.map((finding, at) => problem.findings[finding]![bases[at]!]!.cost),
    baseIndex: bases,
    options: part.findings.map((finding) =>
      problem.findings[finding]!.flatMap(({ source, cost, anchor }, index): Local[] => {
        const local = source === null ? undefined : number.get(source)
        return local === undefined ? [] : [{ source: local, cost, anchor, index }]
      }),
    ),
  }
}

/** Sources that another one beats everywhere: it costs no more to open, reaches all the same findings as cheaply, with their anchors. */
function beaten(local: LocalProblem): boolean[] {
  const by = local.open.map(() => new Map<number, Local>())
  local.options.forEach((options, finding) => options.forEach((each) => by[each.source]!.set(finding, each)))
  const out = local.open.map(() => false)
  for (let b = 0; b < local.open.length; b += 1) {
    for (let a = 0; a < local.open.length && !out[b]; a += 1) {
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

class Search {
  nodes = 0
  best: Choice
  /** Lowest bound among what was left unsearched; infinite when nothing was. */
  left = Infinity
  constructor(private readonly local: LocalProblem) {
    this.best = { cost: local.base.reduce((sum, each) => sum + each, 0), taken: local.base.map(() => null) }
  }

  run(): void {
    const drop = beaten(this.local)
    this.visit(
      drop.map((each) => (each ? 'closed' : 'free')),
      this.local.options.map(() => null),
    )
  }

  /**
   * A bound on every explanation of a node by dual ascent: each finding offers as much as its cheapest way costs, and raises its
   * offer while the sources it could take still have cost to cover.
   * Source: Erlenkotter, “A Dual-Based Procedure for Uncapacitated Facility Location”, Operations Research 26, 1978.
   */
  private bound(
    status: readonly Status[],
    forced: readonly (Local | null)[],
  ): { bound: number; slack: number[] } {
    const { open, base, options } = this.local
    let fixed = 0
    const slack = open.map((cost, source) => {
      if (status[source] === 'open') fixed += cost
      else if (status[source] === 'free') fixed += Math.min(0, cost)
      return status[source] === 'free' ? Math.max(0, cost) : 0
    })
    const top: number[] = []
    const offers: number[] = []
    const levels = options.map((mine, finding) => {
      const held = forced[finding]
      if (held) {
        top.push(held.cost)
        offers.push(held.cost)
        return []
      }
      const free = mine.filter((each) => status[each.source] === 'free').sort((a, b) => a.cost - b.cost)
      const sure = mine.reduce(
        (least, each) => (status[each.source] === 'open' ? Math.min(least, each.cost) : least),
        base[finding]!,
      )
      top.push(sure)
      offers.push(Math.min(sure, free[0]?.cost ?? Infinity))
      return free
    })
    for (let moved = true; moved;) {
      moved = false
      for (let finding = 0; finding < levels.length; finding += 1) {
        const mine = levels[finding]!
        const offer = offers[finding]!
        if (offer >= top[finding]! - LEAST) continue
        let step = top[finding]! - offer
        for (const each of mine) {
          if (each.cost > offer + LEAST) {
            step = Math.min(step, each.cost - offer)
            break
          }
          step = Math.min(step, slack[each.source]!)
        }
        if (step <= LEAST) continue
        for (const each of mine) {
          if (each.cost > offer + LEAST) break
          slack[each.source]! -= step
        }
        offers[finding] = offer + step
        moved = true
      }
    }
    return { bound: fixed + offers.reduce((sum, each) => sum + each, 0), slack }
  }

  /** Each finding takes its cheapest way among some sources; sources that then lack evidence of their own are given up in turn. */
  private settle(allowed: readonly boolean[], forced: readonly (Local | null)[]): Choice | null {
    const { base, options, open, needs } = this.local
    const may = [...allowed]
    for (;;) {
      const taken = options.map((mine, finding): Local | null => {
        const held = forced[finding]
        if (held) return held
        let best: Local | null = null
        for (const each of mine) {
          if (may[each.source] && each.cost < (best?.cost ?? base[finding]!)) best = each
        }
        return best
      })
      const anchors = new Map<number, Set<string>>()
      for (const each of taken) {
        if (!each) continue
        const held = anchors.get(each.source) ?? new Set<string>()
        if (each.anchor !== null) held.add(each.anchor)
        anchors.set(each.source, held)
      }
      const weak = [...anchors].find(([source, held]) => held.size < needs[source]!)
      if (weak) {
        if (!may[weak[0]]) return null
        may[weak[0]] = false
        continue
      }
      let cost = 0
      taken.forEach((each, finding) => (cost += each?.cost ?? base[finding]!))
      for (const source of anchors.keys()) cost += open[source]!
      return { cost, taken }
    }
  }

  private keep(choice: Choice | null): void {
    if (choice && choice.cost < this.best.cost - LEAST) this.best = choice
  }

  /** A good explanation near a node: sources whose cost is covered, then without each that does not earn its keep. */
  private guess(
    status: readonly Status[],
    slack: readonly number[],
    forced: readonly (Local | null)[],
  ): void {
    let allowed = status.map(
      (each, source) => each === 'open' || (each === 'free' && slack[source]! <= LEAST),
    )
    let choice = this.settle(allowed, forced)
    this.keep(choice)
    for (let better = true; better && choice;) {
      better = false
      for (const source of new Set(choice.taken.flatMap((each) => (each ? [each.source] : [])))) {
        const fewer = allowed.map((each, at) => each && at !== source)
        const tried = this.settle(fewer, forced)
        if (tried && tried.cost < choice.cost - LEAST) {
          choice = tried
          allowed = fewer
          better = true
          break
        }
      }
    }
    this.keep(choice)
  }

  private visit(status: readonly Status[], forced: readonly (Local | null)[]): void {
    this.nodes += 1
    const { bound, slack } = this.bound(status, forced)
    if (bound >= this.best.cost - LEAST) return
    if (this.nodes > NODES_AT_MOST) {
      this.left = Math.min(this.left, bound)
      return
    }
    this.guess(status, slack, forced)
    if (bound >= this.best.cost - LEAST) return
    const next = this.choose(status, slack)
    if (next === null) return this.finish(status, forced)
    const with_ = (as: Status): Status[] => status.map((each, source) => (source === next ? as : each))
    this.visit(with_('open'), forced)
    this.visit(with_('closed'), forced)
  }

  /** The free source that most depends on: covered, and wanted by most findings. */
  private choose(status: readonly Status[], slack: readonly number[]): number | null {
    const wanted = this.local.open.map(() => 0)
    this.local.options.forEach((mine, finding) => {
      for (const each of mine) wanted[each.source]! += Math.max(0, this.local.base[finding]! - each.cost)
    })
    let best: number | null = null
    const worth = (source: number): number => wanted[source]! + (slack[source]! <= LEAST ? 1e6 : 0)
    status.forEach((each, source) => {
      if (each === 'free' && (best === null || worth(source) > worth(best))) best = source
    })
    return best
  }

  /** All sources are settled: every open one must be used, and have its evidence. Where it has not, each finding that could give it is tried. */
  private finish(status: readonly Status[], forced: readonly (Local | null)[]): void {
    const { base, options, open, needs } = this.local
    const taken = options.map((mine, finding): Local | null => {
      const held = forced[finding]
      if (held) return held
      let best: Local | null = null
      for (const each of mine) {
        if (status[each.source] === 'open' && each.cost < (best?.cost ?? base[finding]!)) best = each
      }
      return best
    })
    const lacking = status.findIndex((each, source) => {
      if (each !== 'open') return false
      const anchors = new Set(
        taken.flatMap((one) => (one?.source === source && one.anchor !== null ? [one.anchor] : [])),
      )
      return anchors.size < needs[source]!
    })
    if (lacking < 0) {
      let cost = 0
      taken.forEach((each, finding) => (cost += each?.cost ?? base[finding]!))
      status.forEach((each, source) => (cost += each === 'open' ? open[source]! : 0))
      return this.keep({ cost, taken })
    }
    const has = new Set(
      taken.flatMap((one) => (one?.source === lacking && one.anchor !== null ? [one.anchor] : [])),
    )
    options.forEach((mine, finding) => {
      if (forced[finding]) return
      const own = mine.find(
        (each) => each.source === lacking && each.anchor !== null && !has.has(each.anchor),
      )
      if (own)
        this.visit(
          status,
          forced.map((each, at) => (at === finding ? own : each)),
        )
    })
  }
}

function solve(
  problem: ExplainProblem,
  part: Part,
  without: number | null,
): { cost: number; bound: number; nodes: number; chosen: number[] } {
  const local = localOf(problem, part, without)
  const search = new Search(local)
  search.run()
  return {
    cost: search.best.cost,
    bound: Math.min(search.best.cost, search.left),
    nodes: search.nodes,
    chosen: search.best.taken.map((each, at) => each?.index ?? local.baseIndex[at]!),
  }
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
 * Ends: where a part exceeds its nodes, `bound` lies below `cost`, and says how far off the best could be.
 * Cost: exponential in the worst case; houses split into small parts, see `bench/`.
 */
export function explain(problem: ExplainProblem): Explained {
  const parts = partsOf(problem)
  const solved = parts.map((part) => solve(problem, part, null))
  const chosen = new Array<number>(problem.findings.length).fill(0)
  parts.forEach((part, at) =>
    part.findings.forEach((finding, k) => (chosen[finding] = solved[at]!.chosen[k]!)),
  )
  const partOf = new Map(parts.flatMap((part, at) => part.sources.map((source) => [source, at] as const)))
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
      const other = solve(problem, part, source)
      return {
        more: other.cost - solved[at]!.cost,
        chosen: new Map(part.findings.map((finding, k) => [finding, other.chosen[k]!])),
      }
    },
  }
}
