import { rowsById } from '../row'
import { CLADDING_KITS } from './cladding'
import { DECK_KITS } from './deck'
import { FINISH } from './finish'
import { FLOOR_KITS } from './floor'
import { FOUNDATION_KITS } from './foundation'
import { FRAME_KITS } from './frame'
import { HOLD_KITS } from './holds'
import type { Life, MethodRow } from './method'
import { NEW_WOOD } from './newWood'
import { WITHOUT_RECIPE } from './none'
import { OPENING_KITS } from './openings'
import { ROOF_EDGE_KITS } from './roofEdge'
import { GROUND_AND_INSIDE_FIXES } from './sources/groundAndInside'
import { ROOF_WATER_FIXES } from './sources/roofWater'
import { WALL_WATER_FIXES } from './sources/wallWater'

/** Every method, in the order a list shows them. */
export const METHODS: readonly MethodRow[] = [
  ...NEW_WOOD,
  ...FINISH,
  ...OPENING_KITS,
  ...CLADDING_KITS,
  ...ROOF_EDGE_KITS,
  ...DECK_KITS,
  ...FRAME_KITS,
  ...FLOOR_KITS,
  ...FOUNDATION_KITS,
  ...HOLD_KITS,
  ...ROOF_WATER_FIXES,
  ...WALL_WATER_FIXES,
  ...GROUND_AND_INSIDE_FIXES,
  ...WITHOUT_RECIPE,
]
const ROWS = rowsById(METHODS)

/** The row of a method; null for an id this catalogue does not know. */
export function methodOf(id: string): MethodRow | null {
  return ROWS.get(id) ?? null
}

/** A method's name. An id that is not known is shown as it stands. */
export function methodName(id: string): string {
  return ROWS.get(id)?.name ?? `Unknown method (${id})`
}

export function lifeOf(row: MethodRow, material: string, sourceStays: boolean): Life {
  return sourceStays ? row.lifeUncured : (row.lifeByMaterial[material] ?? row.life)
}
