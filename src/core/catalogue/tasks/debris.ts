import { rowsById, type Row } from '../row'

/** What is hauled away, by what a loose cubic yard of it weighs. */
export type DebrisRow = Row & { readonly lb_a_yd3: number }

const debris = (id: string, name: string, lb_a_yd3: number): DebrisRow => ({
  id,
  name,
  source: 'our judgement',
  lb_a_yd3,
})

/** Middles of what the trade reckons with. */
export const DEBRIS = [
  debris('wood', 'siding and trim, tossed', 215),
  debris('mixed', 'mixed repair debris', 375),
  debris('shingles', 'roof shingles', 800),
  debris('stucco', 'stucco, block and concrete', 1800),
  debris('soil', 'soil and stone', 2200),
] as const satisfies readonly DebrisRow[]
export type DebrisId = 'wood' | 'mixed' | 'shingles' | 'stucco' | 'soil'

const BY_ID = rowsById<DebrisRow>(DEBRIS)
export const debrisOf = (id: DebrisId): DebrisRow => BY_ID.get(id)!

/** What a load takes: whichever is reached first. */
export const LOAD = { yd3: 2.5, lb: 1500 } as const
