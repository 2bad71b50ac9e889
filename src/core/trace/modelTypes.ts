import type { Finding, Settings } from '../job'
import type { ExplainProblem } from './explain/problem'
import type { CauseId, HouseFact } from '../catalogue/causes'
import type { Seat } from './seat'
import type { Target } from './target'
import type { Share } from '../catalogue/causes/priors'
import type { Evidence, WeighedReason } from './weigh'

/** Weights of the search. Our judgement; `docs/trace.md` says what was changed after looking at simulated houses. */
export const SEARCH = {
  /**
   * Naming a source costs this much: needless work is sold on an invented one. A fault that somebody saw at its own place is named at
   * no cost, one that is only read off the shape of the damage is not.
   */
  naming: { seen: 0, inferred: 0.9 },
  /** A fault counts as seen from a sign of this ratio on, looked at by somebody, or where its signs together come to it. */
  seenFrom: 3.5,
  /** A place where the detail was seen right, to this ratio and below, is no part of a habit of doing it wrong. */
  notInHabit: 0.4,
  /** A habit costs this much more than one fault of its kind: it pays from about the third place on. */
  habit: 1,
  /** Places with evidence of their own that make a habit, unless somebody noted that it repeats: then two. */
  habitFrom: 3,
  /** A finding that a person joined to others as one detail belongs with them. */
  sameDetail: 0.5,
  /** A source that reaches a finding damages it with at most this chance. */
  mostLikely: 0.95,
  /** A place not on the drawing: the part itself shows that it is there; nobody drew any of its kind, or the finding has no place; its like were drawn. */
  notDrawn: { shownByPart: 0.9, noneDrawn: 0.6, othersDrawn: 0.15 },
  /** The shape of damage that another source explains already says so much of its logarithm for a second one. */
  shared: 0.5,
  /** A second source is named from this chance on. */
  secondFrom: 0.6,
  /** From this ratio on a sign speaks for a cause. */
  speaks: 1.3,
} as const

/** One source that may be: a cause at a seat, or a habit at many. */
export type Candidate = {
  readonly cause: CauseId
  readonly seats: readonly Seat[]
  readonly repeated: boolean
  readonly members: ReadonlyMap<string, Member>
  readonly detail: readonly WeighedReason[]
  /** What its own place shows, as logarithm of a ratio. */
  readonly detailLog: number
  readonly shown: boolean
}
export type Member = {
  readonly seat: Seat
  readonly cost: number
  readonly speaks: boolean
  /** How likely this source is here, whatever else may be: logarithm of its odds, without what its own place shows. */
  readonly alone: number
}

/** What a finding may be explained by without a source. */
export type Sourceless = {
  readonly cause: CauseId | 'other'
  readonly cost: number
  readonly reasons: readonly WeighedReason[]
}

export type Weighing = {
  readonly finding: Finding
  readonly target: Target
  readonly evidence: readonly Evidence[]
  readonly stated: { readonly cause: CauseId; readonly by: string; readonly reason: string } | null
  readonly sourceless: readonly Sourceless[]
  /** What competes here, and with how much. */
  readonly shares: readonly Share[]
  /** All reasons of a cause at this finding. */
  readonly reasons: ReadonlyMap<CauseId | 'other', readonly WeighedReason[]>
}

export type Model = {
  readonly weighings: readonly Weighing[]
  readonly candidates: readonly Candidate[]
  readonly problem: ExplainProblem
  /** Behind each option of the problem. */
  readonly behind: readonly (readonly Behind[])[]
}

/** A candidate by index, or, for the one option without a source, the likeliest of what needs none. */
export type Behind = { readonly candidate: number | null; readonly cause: CauseId | 'other' }

export type Overrides = Settings['likelihood_overrides']
export type Facts = ReadonlySet<HouseFact>
