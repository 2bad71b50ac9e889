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
const NODES_AT_MOST = 4_000

function localOf(problem: ExplainProblem, part: Part, sources: readonly number[]): LocalProblem {
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

/**
 * Sources that another one beats everywhere: it costs no more to open, reaches all the same findings as cheaply, with their anchors.
 * One that gains by being opened is never beaten: both may be.
 */
function beaten(local: LocalProblem): boolean[] {
  const by = local.open.map(() => new Map<number, Local>())
  local.options.forEach((options, finding) => options.forEach((each) => by[each.source]!.set(finding, each)))
  const out = local.open.map(() => false)
  for (let b = 0; b < local.open.length; b += 1) {
    if (local.open[b]! < 0) continue
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

/** What is settled at a node of the search. */
type Node = {
  readonly status: readonly Status[]
  /** The way a finding must take. */
  readonly forced: readonly (Local | null)[]
  /** Ways a finding may not take any more, as `finding × sources + source`. */
  readonly barred: ReadonlySet<number>
}

class Search {
  nodes = 0
  best: Choice
  /** Lowest bound among what was left unsearched; infinite when nothing was. */
  left = Infinity
  private readonly many: number
  private warm = false
  constructor(private readonly local: LocalProblem) {
    this.many = local.open.length
    this.best = { cost: local.base.reduce((sum, each) => sum + each, 0), taken: local.base.map(() => null) }
  }

  /**
   * Searches from scratch (`known` null), dropping first what is beaten; or from the sources of an explanation known to be good, which
   * saves both the comparison of all sources and the first guess.
   */
  run(known: ReadonlySet<number> | null): void {
    const drop = known ? this.local.open.map(() => false) : beaten(this.local)
    const root: Node = {
      status: drop.map((each) => (each ? 'closed' : 'free')),
      forced: this.local.options.map(() => null),
      barred: new Set(),
    }
    this.warm = known !== null
    if (known)
      this.keep(
        this.settle(
          root,
          this.local.open.map((_, source) => known.has(source)),
        ),
      )
    this.visit(root)
  }

  private isBarred(node: Node, finding: number, source: number): boolean {
    return node.barred.size > 0 && node.barred.has(finding * this.many + source)
  }

  /**
   * A bound on every explanation of a node by dual ascent: each finding offers as much as its cheapest way costs, and raises its
   * offer while the sources it could take still have cost to cover.
   * Source: Erlenkotter, “A Dual-Based Procedure for Uncapacitated Facility Location”, Operations Research 26, 1978.
   */
  private bound(node: Node): { bound: number; slack: number[] } {
    const { open, base, options } = this.local
    const { status, forced } = node
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
      let sure = base[finding]!
      const free: Local[] = []
      for (const each of mine) {
        if (status[each.source] === 'closed' || this.isBarred(node, finding, each.source)) continue
        if (status[each.source] === 'open') sure = Math.min(sure, each.cost)
        else free.push(each)
      }
      free.sort((a, b) => a.cost - b.cost)
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

  /** Each finding takes its cheapest way among some sources. */
  private assign(node: Node, may: readonly boolean[]): (Local | null)[] {
    const { base, options } = this.local
    return options.map((mine, finding): Local | null => {
      const held = node.forced[finding]
      if (held) return held
      let best: Local | null = null
      for (const each of mine) {
        if (!may[each.source] || this.isBarred(node, finding, each.source)) continue
        if (each.cost < (best?.cost ?? base[finding]!)) best = each
      }
      return best
    })
  }

  private anchorsOf(taken: readonly (Local | null)[]): Map<number, Set<string>> {
    const anchors = new Map<number, Set<string>>()
    for (const each of taken) {
      if (!each) continue
      const held = anchors.get(each.source) ?? new Set<string>()
      if (each.anchor !== null) held.add(each.anchor)
      anchors.set(each.source, held)
    }
    return anchors
  }

  private costOf(taken: readonly (Local | null)[]): number {
    let cost = 0
    const used = new Set<number>()
    taken.forEach((each, finding) => {
      cost += each?.cost ?? this.local.base[finding]!
      if (each) used.add(each.source)
    })
    for (const source of used) cost += this.local.open[source]!
    return cost
  }

  /** The cheapest assignment among some sources that gives up, in turn, those left without evidence of their own. */
  private settle(node: Node, allowed: readonly boolean[]): Choice | null {
    const may = [...allowed]
    for (;;) {
      const taken = this.assign(node, may)
      const weak = [...this.anchorsOf(taken)].find(([source, held]) => held.size < this.local.needs[source]!)
      if (!weak) return { cost: this.costOf(taken), taken }
      if (!may[weak[0]]) return null
      may[weak[0]] = false
    }
  }

  private keep(choice: Choice | null): void {
    if (choice && choice.cost < this.best.cost - LEAST) this.best = choice
  }

  /** Drops from an explanation each source that does not earn its keep. */
  private thin(
    node: Node,
    allowed: readonly boolean[],
    settle: (may: readonly boolean[]) => Choice | null,
  ): Choice | null {
    let may = allowed
    let choice = settle(may)
    for (let better = true; better && choice;) {
      better = false
      for (const source of new Set(choice.taken.flatMap((each) => (each ? [each.source] : [])))) {
        if (node.status[source] === 'open') continue
        const fewer = may.map((each, at) => each && at !== source)
        const tried = settle(fewer)
        if (tried && tried.cost < choice.cost - LEAST) {
          choice = tried
          may = fewer
          better = true
          break
        }
      }
    }
    return choice
  }

  private visit(node: Node): void {
    this.nodes += 1
    const { bound, slack } = this.bound(node)
    if (bound >= this.best.cost - LEAST) return
    if (this.nodes > NODES_AT_MOST) {
      this.left = Math.min(this.left, bound)
      return
    }
    const covered = node.status.map(
      (each, source) => each === 'open' || (each === 'free' && slack[source]! <= LEAST),
    )
    const relaxed = this.thin(node, covered, (may) => {
      const taken = this.assign(node, may)
      return { cost: this.costOf(taken), taken }
    })!
    const strict = this.settle(node, covered)
    this.keep(
      this.nodes === 1 && !this.warm ? this.thin(node, covered, (may) => this.settle(node, may)) : strict,
    )
    if (bound >= this.best.cost - LEAST) return
    const used = this.anchorsOf(relaxed.taken)
    const lacking = [...used].find(([source, held]) => held.size < this.local.needs[source]!)?.[0]
    if (lacking !== undefined) return this.giveEvidence(node, lacking, used.get(lacking)!)
    this.keep(relaxed)
    const next = this.choose(node, slack)
    if (next !== null) {
      const with_ = (as: Status): Node => ({
        ...node,
        status: node.status.map((each, at) => (at === next ? as : each)),
      })
      this.visit(with_('open'))
      this.visit(with_('closed'))
      return
    }
    // All sources are settled. One that is open and unused costs its opening all the same: its closed twin is searched elsewhere.
    const idle = node.status.findIndex((each, source) => each === 'open' && !used.has(source))
    if (idle >= 0) this.giveEvidence(node, idle, new Set())
  }

  /** A source in use without evidence of its own: either it is not there, or one of the findings that speak for it is its. */
  private giveEvidence(node: Node, source: number, has: ReadonlySet<string>): void {
    const open = node.status.map((each, at): Status => (at === source ? 'open' : each))
    const barred = new Set(node.barred)
    this.local.options.forEach((mine, finding) => {
      if (node.forced[finding]) return
      const own = mine.find((each) => each.source === source && each.anchor !== null && !has.has(each.anchor))
      if (!own || this.isBarred(node, finding, source)) return
      const forced = node.forced.map((each, at) => (at === finding ? own : each))
      this.visit({ status: open, forced, barred: new Set(barred) })
      // What was tried with this finding is not tried again without it.
      barred.add(finding * this.many + source)
    })
    if (node.status[source] === 'free') {
      this.visit({ ...node, status: node.status.map((each, at) => (at === source ? 'closed' : each)) })
    }
  }

  /** The free source that most depends on: covered, and wanted by most findings. */
  private choose(node: Node, slack: readonly number[]): number | null {
    const wanted = this.local.open.map(() => 0)
    this.local.options.forEach((mine, finding) => {
      for (const each of mine) wanted[each.source]! += Math.max(0, this.local.base[finding]! - each.cost)
    })
    let best: number | null = null
    const worth = (source: number): number => wanted[source]! + (slack[source]! <= LEAST ? 1e6 : 0)
    node.status.forEach((each, source) => {
      if (each === 'free' && (best === null || worth(source) > worth(best))) best = source
    })
    return best
  }
}

type Solved = { cost: number; bound: number; nodes: number; chosen: number[]; used: ReadonlySet<number> }

function solve(
  problem: ExplainProblem,
  part: Part,
  again: { readonly without: number; readonly used: ReadonlySet<number> } | null,
): Solved {
  const sources = part.sources.filter((source) => source !== again?.without)
  const local = localOf(problem, part, sources)
  const search = new Search(local)
  search.run(again && new Set(sources.flatMap((source, index) => (again.used.has(source) ? [index] : []))))
  return {
    cost: search.best.cost,
    bound: Math.min(search.best.cost, search.left),
    nodes: search.nodes,
    chosen: search.best.taken.map((each, at) => each?.index ?? local.baseIndex[at]!),
    used: new Set(search.best.taken.flatMap((each) => (each ? [sources[each.source]!] : []))),
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
      const other = solve(problem, part, { without: source, used: solved[at]!.used })
      return {
        more: other.cost - solved[at]!.cost,
        chosen: new Map(part.findings.map((finding, k) => [finding, other.chosen[k]!])),
      }
    },
  }
}
