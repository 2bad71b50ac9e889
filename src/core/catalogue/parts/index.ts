import { rowsById } from '../row'
import { CLADDING } from './cladding'
import { DECK } from './deck'
import { FRAME, GROUND, INSIDE, OTHER } from './frame'
import { OPENING_PARTS } from './openings'
import type { PartRow } from './part'
import { PORCH, ROOF, ROOF_EDGE } from './roofEdge'
import { FLOOR_LAYERS, GUTTERS, ON_ROOF_PARTS, SERVICES, YARD } from './things'

/** Every part of a house that a finding or an item can be about, in the order a list shows them. */
export const PARTS: readonly PartRow[] = [
  ...ROOF_EDGE,
  ...GUTTERS,
  ...CLADDING,
  ...OPENING_PARTS,
  ...PORCH,
  ...DECK,
  ...FRAME,
  ...ROOF,
  ...ON_ROOF_PARTS,
  ...GROUND,
  ...INSIDE,
  ...FLOOR_LAYERS,
  ...SERVICES,
  ...YARD,
  ...OTHER,
]

const ROWS = rowsById(PARTS)

/** The row of a part; null for an id this catalogue does not know. */
export function partOf(id: string | null): PartRow | null {
  return id === null ? null : (ROWS.get(id) ?? null)
}

/** The part whose harm a part shares; itself, where it has causes of its own. */
export function damagedAs(id: string | null): string | null {
  return partOf(id)?.damagedAs ?? id
}

/** A part's name. An id that is not known is shown as it stands, never guessed at. */
export function partName(id: string): string {
  return ROWS.get(id)?.name ?? `unknown part (${id})`
}

/** What its owner calls a part. An id that is not known is shown as it stands. */
export function plainPart(id: string): string {
  return ROWS.get(id)?.plain ?? `unknown part (${id})`
}
