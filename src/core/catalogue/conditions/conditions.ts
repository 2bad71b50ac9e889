import { rowsById, type Row, type Source } from '../row'

/** Where a task is done, as far as it decides how hard it goes. */
export const WORK_ZONES = {
  outside: 'outside on a wall, a deck or the ground',
  roof: 'on a roof',
  crawl: 'below the floor',
  inside: 'inside',
  anywhere: 'anywhere',
} as const
export type WorkZone = keyof typeof WORK_ZONES

/** What makes work go slower at one side, or at the whole house, and on which tasks. */
export type ConditionRow = Row & {
  readonly at: 'side' | 'house'
  readonly on: readonly WorkZone[]
  /** On the hours, never on set-ups. */
  readonly times: number
  /** Two that are of one group do not stand together: the harder one counts. */
  readonly group: string
}

const condition = (
  id: string,
  name: string,
  at: ConditionRow['at'],
  times: number,
  of: { readonly on: readonly WorkZone[]; readonly group?: string; readonly source?: Source },
): ConditionRow => ({
  id,
  name,
  source: of.source ?? 'our judgement',
  at,
  on: of.on,
  times,
  group: of.group ?? id,
})

const OUT: readonly WorkZone[] = ['outside', 'roof']
const ALL: readonly WorkZone[] = ['outside', 'roof', 'crawl', 'inside']

export const CONDITIONS: readonly ConditionRow[] = [
  condition('footing-sloped', 'foot of the wall sloped or planted', 'side', 1.15, {
    on: ['outside'],
    group: 'footing',
  }),
  condition('footing-tight', 'stairwell, roof below or a yard under 4 ft', 'side', 1.3, {
    on: ['outside'],
    group: 'footing',
  }),
  condition('layers', 'layer on layer, paint-locked, fasteners not known', 'side', 1.25, { on: OUT }),
  condition('old-work', 'old work out of plumb, true-size lumber', 'house', 1.2, {
    on: ['outside', 'crawl', 'inside'],
  }),
  condition('long-carry', 'carried over 75 ft, no parking, or stairs', 'house', 1.1, { on: ALL }),
  condition('quiet-hours', 'shared building, quiet hours', 'house', 1.1, { on: ALL }),
  condition('short-days', 'short or wet days', 'house', 1.15, { on: OUT }),
]
const BY_ID = rowsById(CONDITIONS)
export const conditionOf = (id: string): ConditionRow | null => BY_ID.get(id) ?? null

/** A factor that holds up to a measure; `times` null: no rate, and why. */
export type BandRow = Row & { readonly upTo: number; readonly times: number | null; readonly why: string }

const band = (id: string, upTo: number, times: number | null, name: string, why = ''): BandRow => ({
  id,
  name,
  source: 'our judgement',
  upTo,
  times,
  why,
})

/** Rise of a roof in 12. Ends: each slope belongs to the lower row. */
export const SLOPES: readonly BandRow[] = [
  band('slope-6', 6, 1, 'roof up to 6 in 12'),
  band('slope-9', 9, 1.25, 'roof of 7 to 9 in 12'),
  band('slope-12', 12, 1.6, 'roof of 10 to 12 in 12'),
  band(
    'slope-steep',
    Number.POSITIVE_INFINITY,
    null,
    'roof steeper than 12 in 12',
    'The roof is steeper than 12 in 12: no hours are known for it. Take a roofer with his gear, or type the price.',
  ),
]

/** Inches from the ground to the joists. Ends: each clearance belongs to the higher row. */
export const CLEARANCES: readonly BandRow[] = [
  band(
    'crawl-under-18',
    18,
    null,
    'crawl space under 18 in',
    'Under 18 in nobody works below the floor: dig first, or open from above. No hours are known for it.',
  ),
  band('crawl-24', 24, 1.7, 'crawl space of 18 to 24 in'),
  band('crawl-30', 30, 1.35, 'crawl space of 24 to 30 in'),
  band('crawl-36', 36, 1.15, 'crawl space of 30 to 36 in'),
  band('crawl-high', Number.POSITIVE_INFINITY, 1, 'crawl space over 36 in'),
]
