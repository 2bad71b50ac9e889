import { beaten, type Local, type LocalProblem } from './localProblem'

type Status = 'free' | 'open' | 'closed'
export type Choice = { readonly cost: number; readonly taken: readonly (Local | null)[] }

const LEAST = 1e-9
/**
 * The search of a part stops after so many nodes, or after so many looks at an option in all, whichever comes first, and says how far
 * off the best could be. Houses of up to 300 findings are searched to the end; the rest keeps the answer within a second.
 */
export const LIMITS: Limits = { nodes: 4_000, looks: 1_500_000, near_from: 150, near_nodes: 24 }
export type Limits = {
  readonly nodes: number
  readonly looks: number
  /** In a part of more findings than this, the second best is sought near the source alone. */
  readonly near_from: number
  /** It is about odds, not about what stands: so many nodes are enough for it. */
  readonly near_nodes: number
}

/** What is settled at a node of the search. */
type Node = {
  readonly status: readonly Status[]
  /** The way a finding must take. */
  readonly forced: readonly (Local | null)[]
  /** Ways a finding may not take any more, as `finding × sources + source`. */
  readonly barred: ReadonlySet<number>
}

/** The ways of all findings one after the other: those of a finding stand from `from[finding]` up to `from[finding + 1]`. */
type Flat = { readonly from: Int32Array; readonly cost: Float64Array; readonly sourceOf: Int32Array }

function flatten(local: LocalProblem, options: number): Flat {
  const flat = {
    from: new Int32Array(local.options.length + 1),
    cost: new Float64Array(options),
    sourceOf: new Int32Array(options),
  }
  let at = 0
  local.options.forEach((mine, finding) => {
    for (const each of mine) {
      flat.cost[at] = each.cost
      flat.sourceOf[at++] = each.source
    }
    flat.from[finding + 1] = at
  })
  return flat
}

/** Branch and bound over the sources of one part. */
export class Search {
  nodes = 0
  best: Choice
  /** Lowest bound among what was left unsearched; infinite when nothing was. */
  left = Infinity
  private readonly many: number
  private readonly most: number
  private warm = false
  private readonly flat: Flat
  /** Room the bound of a node is reckoned in, the same for all. */
  private readonly scratch: {
    readonly top: Float64Array
    readonly offers: Float64Array
    readonly free: Int32Array
    readonly first: Int32Array
    readonly last: Int32Array
  }
  constructor(
    private readonly local: LocalProblem,
    limits: Limits,
  ) {
    this.many = local.open.length
    const options = local.options.reduce((sum, each) => sum + each.length, 0)
    this.flat = flatten(local, options)
    this.scratch = {
      top: new Float64Array(local.base.length),
      offers: new Float64Array(local.base.length),
      free: new Int32Array(options),
      first: new Int32Array(local.base.length),
      last: new Int32Array(local.base.length),
    }
    this.most = Math.max(1, Math.min(limits.nodes, Math.floor(limits.looks / Math.max(1, options))))
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
    this.visit(root, -Infinity)
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
    const { open, base } = this.local
    const { status, forced } = node
    let fixed = 0
    const slack = open.map((cost, source) => {
      if (status[source] === 'open') fixed += cost
      else if (status[source] === 'free') fixed += Math.min(0, cost)
      return status[source] === 'free' ? Math.max(0, cost) : 0
    })
    const { from, cost, sourceOf } = this.flat
    const { top, offers, free, first, last } = this.scratch
    let active: number[] = []
    let filled = 0
    for (let finding = 0; finding < base.length; finding += 1) {
      first[finding] = filled
      const held = forced[finding]
      let sure = held ? held.cost : base[finding]!
      for (let at = from[finding]!; !held && at < from[finding + 1]!; at += 1) {
        const source = sourceOf[at]!
        if (status[source] === 'closed' || this.isBarred(node, finding, source)) continue
        if (status[source] === 'open') sure = Math.min(sure, cost[at]!)
        else free[filled++] = at
      }
      last[finding] = filled
      top[finding] = sure
      const begins = first[finding]!
      const offer = filled > begins ? Math.min(sure, cost[free[begins]!]!) : sure
      offers[finding] = offer
      if (offer < sure - LEAST) active.push(finding)
    }
    // Slack only shrinks: who cannot raise his offer once never can again.
    while (active.length > 0) {
      const still: number[] = []
      for (const finding of active) {
        const offer = offers[finding]!
        let step = top[finding]! - offer
        for (let k = first[finding]!; k < last[finding]!; k += 1) {
          const at = free[k]!
          if (cost[at]! > offer + LEAST) {
            step = Math.min(step, cost[at]! - offer)
            break
          }
          step = Math.min(step, slack[sourceOf[at]!]!)
        }
        if (step <= LEAST) continue
        for (let k = first[finding]!; k < last[finding]!; k += 1) {
          const at = free[k]!
          if (cost[at]! > offer + LEAST) break
          slack[sourceOf[at]!]! -= step
        }
        offers[finding] = offer + step
        if (offers[finding] < top[finding]! - LEAST) still.push(finding)
      }
      active = still
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

  /** The cheapest way of a finding among some sources, but for one of them. */
  private bestWithout(node: Node, finding: number, may: readonly boolean[], not: number): Local | null {
    let best: Local | null = null
    for (const each of this.local.options[finding]!) {
      if (each.source === not || !may[each.source] || this.isBarred(node, finding, each.source)) continue
      if (each.cost < (best?.cost ?? this.local.base[finding]!)) best = each
    }
    return best
  }

  /**
   * What dropping a source changes where no evidence is asked: only the findings that took it move, each to its next cheapest way,
   * which may open another source.
   */
  private dropping(
    node: Node,
    source: number,
    mine: readonly number[],
    of: { may: readonly boolean[]; uses: readonly number[]; taken: readonly (Local | null)[] },
  ): { delta: number; moves: readonly (readonly [finding: number, to: Local | null])[] } {
    const { base, open } = this.local
    const moving = mine.filter((finding) => !node.forced[finding])
    let delta = moving.length === mine.length ? -open[source]! : 0
    const opened = new Set<number>()
    const moves = moving.map((finding) => {
      const next = this.bestWithout(node, finding, of.may, source)
      delta += (next?.cost ?? base[finding]!) - of.taken[finding]!.cost
      if (next && of.uses[next.source] === 0 && !opened.has(next.source)) {
        opened.add(next.source)
        delta += open[next.source]!
      }
      return [finding, next] as const
    })
    return { delta, moves }
  }

  /**
   * As `thin`, where no evidence is asked: the same choice, reckoned by what each dropping changes instead of all over again, so that
   * it grows with the findings and not with their cube.
   */
  private thinRelaxed(node: Node, allowed: readonly boolean[]): { choice: Choice; may: boolean[] } {
    const may = [...allowed]
    const taken = [...this.assign(node, may)]
    const uses = this.local.open.map(() => 0)
    for (const each of taken) if (each) uses[each.source]! += 1
    const by = this.local.open.map((): number[] => [])
    taken.forEach((each, finding) => {
      if (each) by[each.source]!.push(finding)
    })
    for (let better = true; better;) {
      better = false
      for (let source = 0; source < by.length; source += 1) {
        if (by[source]!.length === 0 || node.status[source] === 'open' || !may[source]) continue
        const { delta, moves } = this.dropping(node, source, by[source]!, { may, uses, taken })
        if (delta >= -LEAST) continue
        may[source] = false
        by[source] = by[source]!.filter((finding) => node.forced[finding])
        for (const [finding, to] of moves) {
          uses[source]! -= 1
          if (to) {
            uses[to.source]! += 1
            by[to.source]!.push(finding)
          }
          taken[finding] = to
        }
        better = true
      }
    }
    return { choice: { cost: this.costOf(taken), taken }, may }
  }

  /** @param above bound of the node it comes from: all that is known of one that is not looked at any more */
  private visit(node: Node, above: number): void {
    if (this.nodes >= this.most) {
      this.left = Math.min(this.left, above)
      return
    }
    this.nodes += 1
    const { bound, slack } = this.bound(node)
    if (bound >= this.best.cost - LEAST) return
    const covered = node.status.map(
      (each, source) => each === 'open' || (each === 'free' && slack[source]! <= LEAST),
    )
    const { choice: relaxed, may: thinned } = this.thinRelaxed(node, covered)
    this.keep(
      this.nodes === 1 && !this.warm
        ? this.thin(node, thinned, (may) => this.settle(node, may))
        : this.settle(node, covered),
    )
    if (bound >= this.best.cost - LEAST) return
    const used = this.anchorsOf(relaxed.taken)
    const lacking = [...used].find(([source, held]) => held.size < this.local.needs[source]!)?.[0]
    if (lacking !== undefined) return this.giveEvidence(node, lacking, used.get(lacking)!, bound)
    this.keep(relaxed)
    const next = this.choose(node, slack)
    if (next !== null) {
      const with_ = (as: Status): Node => ({
        ...node,
        status: node.status.map((each, at) => (at === next ? as : each)),
      })
      this.visit(with_('open'), bound)
      this.visit(with_('closed'), bound)
      return
    }
    // All sources are settled. One that is open and unused costs its opening all the same: its closed twin is searched elsewhere.
    const idle = node.status.findIndex((each, source) => each === 'open' && !used.has(source))
    if (idle >= 0) this.giveEvidence(node, idle, new Set(), bound)
  }

  /** A source in use without evidence of its own: either it is not there, or one of the findings that speak for it is its. */
  private giveEvidence(node: Node, source: number, has: ReadonlySet<string>, bound: number): void {
    const open = node.status.map((each, at): Status => (at === source ? 'open' : each))
    const barred = new Set(node.barred)
    this.local.options.forEach((mine, finding) => {
      if (node.forced[finding]) return
      const own = mine.find((each) => each.source === source && each.anchor !== null && !has.has(each.anchor))
      if (!own || this.isBarred(node, finding, source)) return
      const forced = node.forced.map((each, at) => (at === finding ? own : each))
      this.visit({ status: open, forced, barred: new Set(barred) }, bound)
      // What was tried with this finding is not tried again without it.
      barred.add(finding * this.many + source)
    })
    if (node.status[source] === 'free') {
      this.visit({ ...node, status: node.status.map((each, at) => (at === source ? 'closed' : each)) }, bound)
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
