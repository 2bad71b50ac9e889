import type { Family } from '../causes'
import type { Row } from '../row'

/** How wet wood stays, and what that does to it in a year if nothing is done. */
export type WaitingRow = Row & {
  /** As an owner reads why it grows. */
  readonly plain: string
  /** Growth of how far it reaches in a year, as shares. */
  readonly growth: readonly [low: number, typical: number, high: number]
  /** Chance in a year that it reaches the framing, where it had not. */
  readonly reaches: number
  /** What is no more than worn at its surface loses nothing so until it is painted next. */
  readonly keepsShallow: boolean
  /** Rain feeds it, so that a wet climate hastens it and a dry one slows it. */
  readonly rainFed: boolean
  /** Causes that keep wood so; before families. */
  readonly causes: readonly string[]
  readonly families: readonly Family[]
  /** Wettest reading at the place, in percent, from and below which it is so; null: readings do not say. */
  readonly percent: readonly [from: number, below: number] | null
}

const waits = (
  id: string,
  name: string,
  plain: string,
  of: Pick<WaitingRow, 'growth' | 'reaches'> &
    Partial<Pick<WaitingRow, 'keepsShallow' | 'rainFed' | 'causes' | 'families' | 'percent'>>,
): WaitingRow => ({
  id,
  name,
  source: 'our judgement',
  plain,
  keepsShallow: false,
  rainFed: false,
  causes: [],
  families: [],
  percent: null,
  ...of,
})

/** By how a place is kept wet. A cause that stands in none of them, of a family in none, says nothing of waiting. */
export const WAITING: readonly WaitingRow[] = [
  waits('dry', 'dry now, source gone', 'It is dry and what wetted it is gone.', {
    growth: [0, 0, 0.01],
    reaches: 0,
    keepsShallow: true,
    causes: ['old-inactive', 'as-built', 'drying-hairline', 'coating-fault', 'dirt-streak'],
  }),
  waits('exposed', 'exposed, finish overdue', 'Its paint no longer keeps the weather off.', {
    growth: [0.02, 0.06, 0.12],
    reaches: 0.01,
    keepsShallow: true,
    rainFed: true,
    causes: ['ordinary-exposure', 'finish-overdue', 'never-sealed', 'back-never-primed', 'nails-overdriven'],
    percent: [0, 20],
  }),
  waits('storms', 'wet in storms', 'It gets wet in storms.', {
    growth: [0.06, 0.12, 0.22],
    reaches: 0.04,
    rainFed: true,
    families: ['roof-water', 'wall-water', 'earlier-work'],
    percent: [20, 28],
  }),
  waits('season', 'wet through the season', 'It stays wet for months.', {
    growth: [0.15, 0.25, 0.45],
    reaches: 0.12,
    rainFed: true,
    causes: [
      'kick-out-missing',
      'gutter-end-in-wall',
      'ledger-unflashed',
      'exterior-leak-in',
      'chase-cover',
      'sprinkler',
      'splash-back',
      'barrier-faulty',
      'clearance-too-small',
    ],
    percent: [28, 101],
  }),
  waits('always', 'always wet, warm and closed in', 'It is wet all the time.', {
    growth: [0.3, 0.45, 0.7],
    reaches: 0.25,
    causes: ['plumbing-leak', 'pan-or-tub-joint', 'water-along-subfloor', 'sweating-line'],
  }),
  waits('soil', 'untreated wood in the soil', 'It stands in the soil.', {
    growth: [0.15, 0.3, 0.5],
    reaches: 0.15,
    causes: ['soil-on-wood', 'no-capillary-break'],
  }),
  waits('vapour', 'damp of the crawl space', 'The air below it is damp for months.', {
    growth: [0.05, 0.12, 0.25],
    reaches: 0.06,
    causes: ['crawl-vapour', 'water-table', 'vent-into-cavity', 'attic-air-leak'],
  }),
  waits('insects', 'insects at work', 'Insects are at work in it.', {
    growth: [0.1, 0.3, 0.8],
    reaches: 0.2,
    causes: ['subterranean-termites', 'drywood-termites', 'dampwood-termites', 'carpenter-ants'],
  }),
]

/** What hastens what rain feeds, by the decay index of the place. */
export const CLIMATE_TIMES = { below: 35, slow: 0.6, above: 65, fast: 1.4 } as const

/** What a place costs once its framing is reached: so many times of today. */
export const FRAMING_TIMES = { low: 2.5, high: 4 } as const

/** What labour and material may rise in a year. */
export const DEARER_A_YEAR = { low: 0.03, high: 0.05 } as const

/** How long an owner may wait, in years. */
export const WAITS_YEARS = [1, 2, 5] as const
