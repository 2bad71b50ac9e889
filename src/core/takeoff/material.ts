import { materialName, materialOf, type PartRow } from '../catalogue'
import { byId, type JobDocument } from '../job'
import type { ItemSpot, ScopeItem } from '../scope'

/** What is bought where the walk could not tell what the old one is made of, and that it was not known. */
export function boughtMaterial(
  item: ScopeItem,
  part: PartRow,
  spot: ItemSpot,
  job: JobDocument,
): { material: string; note: string | null } {
  const said = materialOf(item.item.material)
  if (said?.known) return { material: said.id, note: null }
  const side_id = spot.at.kind === 'side' ? spot.at.side_id : null
  const cladding = byId(job.sides, side_id)?.cladding ?? null
  const byWall = cladding === null ? undefined : part.boughtAs?.byCladding[cladding]
  if (byWall) return { material: byWall, note: null }
  const usual = part.boughtAs?.usual ?? item.item.material
  return { material: usual, note: `Material not known: priced as ${materialName(usual)}.` }
}
