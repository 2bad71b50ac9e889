import { WORK_SAYS } from '../catalogue/sentences/work'
import type { PartRow } from '../catalogue'
import { planArea_ft2 } from '../geometry'
import { byId, type JobDocument } from '../job'
import { feet, inches, longest, toFeet, type Length } from '../measure'
import type { ItemSpot } from '../scope'

/** Area of a place, and how it was come by where nobody said it. */
export type PlaceArea = {
  readonly ft2: number
  readonly note: string | null
  /** The patch itself, where its sides are known, and how many alike. */
  readonly patch: Patch | null
}
export type Patch = { readonly along: Length; readonly up: Length; readonly count: number }

const SHEET_FT2 = 32
/** What a length is taken for when nobody measured one, said wherever it is used. Ours. */
export const UNMEASURED = feet(2)

/** A patch along what was seen: past it by the cut-back, to the next bearing, as high as the face that was measured. */
function patchOf(part: PartRow, spot: ItemSpot): PlaceArea | null {
  const rule = part.patch
  if (rule === null) return null
  const seen = spot.seen ?? UNMEASURED
  const back = 2 * inches(rule.cut_back_in)
  const bearing = inches(rule.bearing_in)
  const along = Math.max(
    Math.ceil((seen + back) / bearing - 1e-9) * bearing,
    inches(rule.least_in[0]),
  ) as Length
  const up =
    spot.face_width === null
      ? inches(rule.least_in[1])
      : longest((spot.face_width + back) as Length, inches(rule.least_in[1]))
  const ft2 = toFeet(along) * toFeet(up) * spot.times
  const taken = WORK_SAYS.patchTaken(toFeet(along).toFixed(1), toFeet(up).toFixed(1))
  const patch = { along, up, count: spot.times }
  return { ft2, patch, note: spot.seen === null ? `${WORK_SAYS.unmeasured} ${taken}` : taken }
}

/**
 * The area that work at a place is on: as it was said; sheets that were counted; the deck as it was drawn; the plan of the house, below
 * it; else a patch by the rule of the part over the length that was seen.
 *
 * Ends: null where none of these is known.
 */
export function areaAt(spot: ItemSpot, part: PartRow | null, job: JobDocument): PlaceArea | null {
  if (spot.area_ft2 !== null) return { ft2: spot.area_ft2, note: null, patch: null }
  if (part?.countedIn === 'sheets' && spot.counted)
    return {
      ft2: spot.times * SHEET_FT2,
      note: WORK_SAYS.sheetsCounted(spot.times),
      patch: { along: feet(4), up: feet(8), count: spot.times },
    }
  if (part?.assembly === 'deck') {
    const id = spot.at.kind === 'side' || spot.at.kind === 'deck' ? spot.at.feature_id : null
    const feature = byId(job.features, id)
    if (feature?.kind !== 'deck') return null
    return { ft2: toFeet(feature.width) * toFeet(feature.depth), note: WORK_SAYS.deckAsDrawn, patch: null }
  }
  if (part?.underAll) {
    const ft2 = planArea_ft2(job)
    return ft2 === null ? null : { ft2, note: WORK_SAYS.planTaken, patch: null }
  }
  return part === null ? null : patchOf(part, spot)
}
