import type { ComponentId, MethodId } from '../../job'
import type { SignId } from '../signs'

export const FAMILIES = {
  null: 'Nothing to fix',
  'roof-water': 'Water from the roof',
  'wall-water': 'Water through the wall',
  'ground-water': 'Water from the ground',
  inside: 'Inside and below',
  life: 'What lives there',
  structure: 'Structure',
  'earlier-work': 'Earlier work',
} as const
export type Family = keyof typeof FAMILIES

/** Where the source of a cause can sit. `trace/seats` makes the places of each kind from the house. */
export type SeatKind =
  /** Nowhere: there is no source to fix. */
  | 'none'
  | 'opening-head'
  | 'opening-foot'
  | 'opening'
  | 'gutter-run'
  | 'eave'
  | 'gutter-end'
  | 'leader'
  | 'roof-end'
  | 'roof-wall-line'
  | 'metal-edge'
  | 'chase-top'
  | 'chimney'
  | 'roof-plane'
  | 'roof-pipe'
  | 'skylight'
  | 'valley'
  | 'penetration'
  | 'ledger'
  | 'ground'
  | 'face'
  | 'fixture'
  | 'crawl'
  | 'attic'
  /** At the damaged part itself. */
  | 'in-place'

/**
 * How far from its seat damage can lie, inches: below, to each side, above; and how far in from the wall, 0 where it stays outside.
 * Source: our judgement (ways of water).
 */
export type Reach = {
  readonly down: number
  readonly side: number
  readonly up: number
  readonly inside: number
}

/** Facts of a house that make a cause more or less usual there. */
export type HouseFact =
  | 'built-before-1940'
  | 'built-before-1960'
  | 'built-after-1985'
  | 'built-lately'
  | 'no-overhang'
  | 'wide-overhang'
  | 'storm-side'
  | 'sheltered-side'
  | 'two-storeys'
  | 'shaded-side'
  | 'windswept'
  | 'clay'
  | 'sand-or-gravel'
  | 'fill'
  | 'irrigation'
  | 'no-irrigation'
  | 'crawl-space'
  | 'slab'
  | 'piers'
  | 'manufactured'
  | 'stucco'
  | 'shingle'
  | 'hardboard'
  | 'brick'
  | 'cold-winters'
  | 'mild-winters'
  | 'decay-climate-high'
  | 'decay-climate-low'

/** How usual: share of the houses a repair contractor is called to that have it somewhere. Our judgement. */
export const USUAL = { VC: 0.5, C: 0.25, U: 0.09, R: 0.03 } as const
export type Usual = keyof typeof USUAL

export type Weighed = {
  readonly sign: SignId
  /** How much commoner the sign is with this cause than with the other causes of a finding at the same place. */
  readonly ratio: number
  /** Signs of one mechanism are weighed once. */
  readonly mechanism: string
}

/**
 * What a cause is, where its source can sit, how far it reaches, and what speaks for and against it.
 *
 * Every ratio, share and life is our judgement, a starting value; a firm may change any of them in its settings.
 */
export type Cause = {
  readonly name: string
  readonly family: Family
  /** One sentence: what happens. */
  readonly mechanism: string
  readonly seat: SeatKind
  readonly reach: Reach
  readonly damages: readonly ComponentId[]
  readonly usual: Usual
  readonly odds: readonly { readonly when: HouseFact; readonly times: number }[]
  readonly supports: readonly Weighed[]
  readonly refutes: readonly Weighed[]
  /** Only its own signs bring it up: a streak, a wave, long settled. Weather and overdue paint are there without. */
  readonly onlyShown: boolean
  /** It works within the parts it damages and nowhere else, whatever a sign says: no lath rusts in a slab. */
  readonly withinItsParts: boolean
  /** What lies within its reach is wet by it, though no table of a member names it: a drip at one spot. */
  readonly wetsItsReach: boolean
  /** A habit of whoever built it: one fault repeated over a class of features counts once. */
  readonly repeats: boolean
  /** Falls through the air or runs down outside, so that a roof or a sound flashing between is a shield. */
  readonly runsDown: boolean
  /** Causes that this one brings about; the first link is the fix. */
  readonly leadsTo: readonly string[]
  /** The source fix in words, the method of ours that does it (null: no recipe yet), and hours low to high. */
  readonly fix: {
    readonly words: string
    readonly method: MethodId | null
    readonly hours: readonly [number, number]
  } | null
  /** What happens if only the effect is repaired. */
  readonly ifOnlyEffect: string
  /** Where the entry comes from; *judgement* unless the trade or print says it. */
  readonly basis: 'judgement' | 'common practice' | 'published'
}

type Ratio = number | readonly [ratio: number, mechanism: string]
type Ratios = Partial<Record<SignId, Ratio>>

/** Terse form in which causes are written. */
export type Written = {
  readonly name: string
  readonly how: string
  readonly seat: SeatKind
  /** Down, side, up, inside. */
  readonly reach: readonly [number, number, number, number]
  readonly damages: readonly ComponentId[]
  readonly usual: Usual
  readonly for: Ratios
  readonly against: Ratios
  readonly odds?: Partial<Record<HouseFact, number>>
  readonly onlyShown?: true
  readonly withinItsParts?: true
  readonly wetsItsReach?: true
  readonly repeats?: true
  readonly runsDown?: true
  readonly leadsTo?: readonly string[]
  readonly fix: readonly [words: string, method: MethodId | null, low_h: number, high_h: number] | null
  readonly only: string
  readonly basis?: Cause['basis']
}

function weighed(ratios: Ratios, mechanismOf: (sign: SignId) => string): Weighed[] {
  return (Object.entries(ratios) as [SignId, Ratio][]).map(([sign, ratio]) =>
    typeof ratio === 'number'
      ? { sign, ratio, mechanism: mechanismOf(sign) }
      : { sign, ratio: ratio[0], mechanism: ratio[1] },
  )
}

/** Unless tagged, all supports of a cause share one mechanism; each refuter stands alone. */
export function cause(family: Family, of: Written): Cause {
  const [down, side, up, inside] = of.reach
  return {
    name: of.name,
    family,
    mechanism: of.how,
    seat: of.seat,
    reach: { down, side, up, inside },
    damages: of.damages,
    usual: of.usual,
    odds: (Object.entries(of.odds ?? {}) as [HouseFact, number][]).map(([when, times]) => ({ when, times })),
    supports: weighed(of.for, () => 'supports'),
    refutes: weighed(of.against, (sign) => `refutes ${sign}`),
    onlyShown: of.onlyShown ?? false,
    withinItsParts: of.withinItsParts ?? false,
    wetsItsReach: of.wetsItsReach ?? false,
    repeats: of.repeats ?? false,
    runsDown: of.runsDown ?? false,
    leadsTo: of.leadsTo ?? [],
    fix: of.fix && { words: of.fix[0], method: of.fix[1], hours: [of.fix[2], of.fix[3]] },
    ifOnlyEffect: of.only,
    basis: of.basis ?? 'judgement',
  }
}
