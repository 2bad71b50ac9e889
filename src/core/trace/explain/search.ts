import { beaten, type LocalProblem } from './localProblem'
import { flatWays, NONE, type FlatWays } from './flatWays'

/** What a source is at a node of the search. */
const FREE = 0
const OPEN = 1
const CLOSED = 2
const LEAST = 1e-9

/** Which way each finding takes, as its index among all ways (`NONE`: without a source), and what it costs in all. */
type Choice = { readonly cost: number; readonly taken: Int32Array }

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
  readonly status: Uint8Array
  /** The way a finding must take, or `NONE`. */
  readonly forced: Int32Array
  /** 1 at each way that may not be taken any more. */
  readonly barred: Uint8Array
}

/** The sources a choice uses, in the order of their first finding, and from how many places each has evidence of its own. */
type Uses = { readonly order: readonly number[]; readonly held: Int32Array }

/** Branch and bound over the sources of one part. */
export class Search {
  nodes = 0
  /** Lowest bound among what was left unsearched; infinite when nothing was. */
  left = Infinity
  private best: Choice
  private readonly many: number
  private readonly most: number
  private warm = false
  private readonly ways: FlatWays
  /** What a source could save over all findings: the same at every node. */
  private readonly wanted: Float64Array
  /** Room the bound of a node is reckoned in, the same for all. */
  private readonly scratch: {
    readonly top: Float64Array
    readonly offers: Float64Array
    readonly free: Int32Array
    readonly first: Int32Array
    readonly last: Int32Array
    /** By source with its place of evidence: the look at which it was last counted. */
    readonly counted: Int32Array
  }
  private look = 0

  constructor(
    private readonly local: LocalProblem,
    limits: Limits,
  ) {
    const { base, open } = local
    this.many = open.length
    this.ways = flatWays(local)
    const { cost, sourceOf, findingOf, pairs } = this.ways
    const options = cost.length
    this.scratch = {
      top: new Float64Array(base.length),
      offers: new Float64Array(base.length),
      free: new Int32Array(options),
      first: new Int32Array(base.length),
      last: new Int32Array(base.length),
      counted: new Int32Array(pairs),
    }
    this.wanted = new Float64Array(this.many)
    for (let way = 0; way < options; way += 1)
      this.wanted[sourceOf[way]!]! += Math.max(0, base[findingOf[way]!]! - cost[way]!)
    this.most = Math.max(1, Math.min(limits.nodes, Math.floor(limits.looks / Math.max(1, options))))
    this.best = {
      cost: base.reduce((sum, each) => sum + each, 0),
      taken: new Int32Array(base.length).fill(NONE),
    }
  }

  /** The cheapest explanation so far: by finding the source it takes and by which of its options; null: without a source. */
  found(): {
    readonly cost: number
    readonly taken: readonly ({ readonly source: number; readonly index: number } | null)[]
  } {
    const { indexOf, sourceOf } = this.ways
    const taken = Array.from(this.best.taken, (way) =>
      way === NONE ? null : { source: sourceOf[way]!, index: indexOf[way]! },
    )
    return { cost: this.best.cost, taken }
  }

  /**
   * Searches from scratch (`known` null), dropping first what is beaten; or from the sources of an explanation known to be good, which
   * saves both the comparison of all sources and the first guess.
   */
  run(known: ReadonlySet<number> | null): void {
    const drop = known ? [] : beaten(this.local)
    const root: Node = {
      status: Uint8Array.from(this.local.open, (_, source) => (drop[source] ? CLOSED : FREE)),
      forced: new Int32Array(this.local.base.length).fill(NONE),
      barred: new Uint8Array(this.ways.cost.length),
    }
    this.warm = known !== null
    if (known)
      this.keep(
        this.settle(
          root,
          Uint8Array.from(this.local.open, (_, source) => Number(known.has(source))),
        ),
      )
    this.visit(root, -Infinity)
  }

  /**
   * A bound on every explanation of a node by dual ascent: each finding offers as much as its cheapest way costs, and raises its
   * offer while the sources it could take still have cost to cover.
   * Source: Erlenkotter, “A Dual-Based Procedure for Uncapacitated Facility Location”, Operations Research 26, 1978.
   */
  private bound({ status, forced, barred }: Node): { bound: number; slack: Float64Array } {
    const { open, base } = this.local
    let fixed = 0
    const slack = new Float64Array(this.many)
    for (let source = 0; source < this.many; source += 1) {
      if (status[source] === OPEN) fixed += open[source]!
      else if (status[source] === FREE) {
        fixed += Math.min(0, open[source]!)
        slack[source] = Math.max(0, open[source]!)
      }
    }
    const { from, cost, sourceOf } = this.ways
    const { top, offers, free, first, last } = this.scratch
    let active: number[] = []
    let filled = 0
    for (let finding = 0; finding < base.length; finding += 1) {
      first[finding] = filled
      const held = forced[finding]!
      let sure = held === NONE ? base[finding]! : cost[held]!
      for (let at = from[finding]!; held === NONE && at < from[finding + 1]!; at += 1) {
        const source = sourceOf[at]!
        if (status[source] === CLOSED || barred[at]) continue
        if (status[source] === OPEN) sure = Math.min(sure, cost[at]!)
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
    let bound = fixed
    for (const offer of offers) bound += offer
    return { bound, slack }
  }

  /** The cheapest way of a finding among some sources, but for one of them (`NONE`: but for none). */
  private cheapest(node: Node, finding: number, may: Uint8Array, not: number): number {
    const { from, cost, sourceOf } = this.ways
    let best = NONE
    let least = this.local.base[finding]!
    for (let way = from[finding]!; way < from[finding + 1]!; way += 1) {
      const source = sourceOf[way]!
      if (cost[way]! >= least || source === not || !may[source] || node.barred[way]) continue
      best = way
      least = cost[way]!
    }
    return best
  }

  /** Each finding takes its cheapest way among some sources. */
  private assign(node: Node, may: Uint8Array): Int32Array {
    const taken = new Int32Array(node.forced)
    for (let finding = 0; finding < taken.length; finding += 1)
      if (taken[finding] === NONE) taken[finding] = this.cheapest(node, finding, may, NONE)
    return taken
  }

  private usesOf(taken: Int32Array): Uses {
    const { sourceOf, pairOf } = this.ways
    const { counted } = this.scratch
    this.look += 1
    const held = new Int32Array(this.many).fill(NONE)
    const order: number[] = []
    for (const way of taken) {
      if (way === NONE) continue
      const source = sourceOf[way]!
      if (held[source] === NONE) {
        held[source] = 0
        order.push(source)
      }
      const pair = pairOf[way]!
      if (pair === NONE || counted[pair] === this.look) continue
      counted[pair] = this.look
      held[source]! += 1
    }
    return { order, held }
  }

  /** The first source in use that lacks evidence of its own. */
  private lacking({ order, held }: Uses): number | undefined {
    return order.find((source) => held[source]! < this.local.needs[source]!)
  }

  private costOf(taken: Int32Array, { order }: Uses): number {
    let cost = 0
    for (let finding = 0; finding < taken.length; finding += 1) {
      const way = taken[finding]!
      cost += way === NONE ? this.local.base[finding]! : this.ways.cost[way]!
    }
    for (const source of order) cost += this.local.open[source]!
    return cost
  }

  /** The cheapest assignment among some sources that gives up, in turn, those left without evidence of their own. */
  private settle(node: Node, allowed: Uint8Array): Choice | null {
    const may = new Uint8Array(allowed)
    const taken = this.assign(node, may)
    for (;;) {
      const uses = this.usesOf(taken)
      const weak = this.lacking(uses)
      if (weak === undefined) return { cost: this.costOf(taken, uses), taken }
      if (!may[weak]) return null
      may[weak] = 0
      for (let finding = 0; finding < taken.length; finding += 1) {
        const way = taken[finding]!
        if (way !== NONE && this.ways.sourceOf[way] === weak && node.forced[finding] === NONE)
          taken[finding] = this.cheapest(node, finding, may, NONE)
      }
    }
  }

  private keep(choice: Choice | null): void {
    if (choice && choice.cost < this.best.cost - LEAST) this.best = choice
  }

  /** Drops from an explanation each source that does not earn its keep. */
  private thin(node: Node, allowed: Uint8Array): Choice | null {
    let may = allowed
    let choice = this.settle(node, may)
    for (let better = true; better && choice;) {
      better = false
      for (const source of this.usesOf(choice.taken).order) {
        if (node.status[source] === OPEN) continue
        const fewer = new Uint8Array(may)
        fewer[source] = 0
        const tried = this.settle(node, fewer)
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

  /**
   * What dropping a source changes where no evidence is asked: only the findings that took it move, each to its next cheapest way,
   * which may open another source.
   */
  private dropping(
    node: Node,
    source: number,
    mine: readonly number[],
    of: { may: Uint8Array; uses: Int32Array; taken: Int32Array },
  ): { delta: number; moves: readonly (readonly [finding: number, to: number])[] } {
    const { base, open } = this.local
    const { cost, sourceOf } = this.ways
    const moving = mine.filter((finding) => node.forced[finding] === NONE)
    let delta = moving.length === mine.length ? -open[source]! : 0
    const opened = new Set<number>()
    const moves = moving.map((finding) => {
      const next = this.cheapest(node, finding, of.may, source)
      delta += (next === NONE ? base[finding]! : cost[next]!) - cost[of.taken[finding]!]!
      if (next !== NONE && of.uses[sourceOf[next]!] === 0 && !opened.has(sourceOf[next]!)) {
        opened.add(sourceOf[next]!)
        delta += open[sourceOf[next]!]!
      }
      return [finding, next] as const
    })
    return { delta, moves }
  }

  /**
   * As `thin`, where no evidence is asked: the same choice, reckoned by what each dropping changes instead of all over again, so that
   * it grows with the findings and not with their cube.
   */
  private thinRelaxed(node: Node, allowed: Uint8Array): { taken: Int32Array; may: Uint8Array } {
    const { sourceOf } = this.ways
    const may = new Uint8Array(allowed)
    const taken = this.assign(node, may)
    const uses = new Int32Array(this.many)
    const by = this.local.open.map((): number[] => [])
    taken.forEach((way, finding) => {
      if (way === NONE) return
      uses[sourceOf[way]!]! += 1
      by[sourceOf[way]!]!.push(finding)
    })
    for (let better = true; better;) {
      better = false
      for (let source = 0; source < by.length; source += 1) {
        if (by[source]!.length === 0 || node.status[source] === OPEN || !may[source]) continue
        const { delta, moves } = this.dropping(node, source, by[source]!, { may, uses, taken })
        if (delta >= -LEAST) continue
        may[source] = 0
        by[source] = by[source]!.filter((finding) => node.forced[finding] !== NONE)
        for (const [finding, to] of moves) {
          uses[source]! -= 1
          if (to !== NONE) {
            uses[sourceOf[to]!]! += 1
            by[sourceOf[to]!]!.push(finding)
          }
          taken[finding] = to
        }
        better = true
      }
    }
    return { taken, may }
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
    const covered = node.status.map((each, source) =>
      Number(each === OPEN || (each === FREE && slack[source]! <= LEAST)),
    )
    const { taken, may } = this.thinRelaxed(node, covered)
    this.keep(this.nodes === 1 && !this.warm ? this.thin(node, may) : this.settle(node, covered))
    if (bound >= this.best.cost - LEAST) return
    const uses = this.usesOf(taken)
    const lacking = this.lacking(uses)
    if (lacking !== undefined) return this.giveEvidence(node, lacking, this.pairsOf(taken, lacking), bound)
    this.keep({ cost: this.costOf(taken, uses), taken })
    const next = this.choose(node, slack)
    if (next !== null) {
      this.visit({ ...node, status: node.status.with(next, OPEN) }, bound)
      this.visit({ ...node, status: node.status.with(next, CLOSED) }, bound)
      return
    }
    // All sources are settled. One that is open and unused costs its opening all the same: its closed twin is searched elsewhere.
    const idle = node.status.findIndex((each, source) => each === OPEN && uses.held[source] === NONE)
    if (idle >= 0) this.giveEvidence(node, idle, new Set(), bound)
  }

  /** The places a source has evidence from in a choice. */
  private pairsOf(taken: Int32Array, source: number): ReadonlySet<number> {
    const { sourceOf, pairOf } = this.ways
    const mine = taken.filter((way) => way !== NONE && sourceOf[way] === source)
    return new Set(mine.map((way) => pairOf[way]!))
  }

  /** A source in use without evidence of its own: either it is not there, or one of the findings that speak for it is its. */
  private giveEvidence(node: Node, source: number, has: ReadonlySet<number>, bound: number): void {
    const { speakFor, findingOf, pairOf, sourceOf, from } = this.ways
    const status = node.status.with(source, OPEN)
    const barred = new Uint8Array(node.barred)
    let tried = NONE
    for (const way of speakFor[source]!) {
      const finding = findingOf[way]!
      if (finding === tried || node.forced[finding] !== NONE || barred[way] || has.has(pairOf[way]!)) continue
      tried = finding
      this.visit({ status, forced: node.forced.with(finding, way), barred: new Uint8Array(barred) }, bound)
      // What was tried with this finding is not tried again without it.
      for (let each = from[finding]!; each < from[finding + 1]!; each += 1)
        if (sourceOf[each] === source) barred[each] = 1
    }
    if (node.status[source] === FREE) {
      this.visit({ ...node, status: node.status.with(source, CLOSED) }, bound)
    }
  }

  /** The free source that most depends on: covered, and wanted by most findings. */
  private choose(node: Node, slack: Float64Array): number | null {
    let best: number | null = null
    const worth = (source: number): number => this.wanted[source]! + (slack[source]! <= LEAST ? 1e6 : 0)
    node.status.forEach((each, source) => {
      if (each === FREE && (best === null || worth(source) > worth(best))) best = source
    })
    return best
  }
}
