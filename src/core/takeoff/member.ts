import type { PartRow } from '../catalogue'
import { drawnLength, eaveRun, foundationTop, groundAt, resolveHeight, wallTop } from '../geometry'
import { byId, type Feature, type JobDocument, type Side } from '../job'
import { addLengths, rakeLength, type Length } from '../measure'
import type { ItemSpot } from '../scope'

/** A member where it is: which one, how long it is as a whole, and where on it the damage begins. */
export type Member = {
  /** One board of the house: two findings with one key lie on the same board. */
  readonly key: string
  readonly length: Length
  /** Start of what was seen, from the member's own start; null where only its length is known. */
  readonly start: Length | null
}

export function openingAt(
  spot: ItemSpot,
  job: JobDocument,
): Extract<Feature, { kind: 'window' | 'door' }> | null {
  if (spot.at.kind !== 'side' || spot.at.feature_id === null) return null
  const id = spot.at.feature_id
  const feature = byId(job.features, id)
  return feature?.kind === 'window' || feature?.kind === 'door' ? feature : null
}

/** Width over both casings of an opening. */
export function overCasings(opening: Extract<Feature, { kind: 'window' | 'door' }>): Length {
  return addLengths(opening.width, opening.casing_width, opening.casing_width)
}

type SidePlace = Extract<ItemSpot['at'], { kind: 'side' }>

function alongWall(part: PartRow, at: SidePlace, side: Side, job: JobDocument): Member | null {
  switch (part.span) {
    case 'eave-run': {
      if (side.roof_edge !== 'eave' && side.roof_edge !== 'hip') return null
      const { from, length } = eaveRun(side, job)
      return { key: `${part.id}/${side.id}`, length, start: (at.station - from) as Length }
    }
    case 'rake': {
      if (side.roof_edge !== 'gable') return null
      const wide = drawnLength(side, job)
      const half = at.station < wide / 2 ? 'left' : 'right'
      const run = (wide / 2) as Length
      const length = Math.round(
        rakeLength({ run, pitch_in_12: side.pitch_in_12, overhang: side.overhang }),
      ) as Length
      return { key: `${part.id}/${side.id}/${half}`, length, start: null }
    }
    case 'wall-run':
      return { key: `${part.id}/${side.id}`, length: drawnLength(side, job), start: at.station }
    case 'corner': {
      const end = at.station < drawnLength(side, job) / 2 ? 'left' : 'right'
      const station = end === 'left' ? (0 as Length) : drawnLength(side, job)
      const foot = Math.max(foundationTop(job.house, side), groundAt(side, station))
      const bottom = resolveHeight(at.height, job.house, { side, station: at.station })
      return {
        key: `${part.id}/${side.id}/${end}`,
        length: Math.max(0, wallTop(side, job.house) - foot) as Length,
        start: Math.max(0, bottom - foot) as Length,
      }
    }
    // Of an opening, or no run that the house gives: only a tape knows.
    case 'over-casings':
    case 'clear-width':
    case 'leg':
    case null:
      return null
  }
}

function ofOpening(
  part: PartRow,
  at: SidePlace,
  opening: NonNullable<ReturnType<typeof openingAt>>,
  job: JobDocument,
): Member | null {
  const key = `${part.id}/${opening.id}`
  switch (part.span) {
    case 'over-casings':
      return {
        key,
        length: overCasings(opening),
        start: Math.max(0, at.station - (opening.station - opening.casing_width)) as Length,
      }
    case 'clear-width':
      return { key, length: opening.width, start: Math.max(0, at.station - opening.station) as Length }
    case 'leg': {
      const half = at.station < opening.station + opening.width / 2 ? 'left' : 'right'
      const side = byId(job.sides, opening.side_id)
      const foot = resolveHeight(opening.sill, job.house, side ? { side, station: opening.station } : null)
      const bottom = resolveHeight(at.height, job.house, side ? { side, station: at.station } : null)
      return {
        key: `${key}/${half}`,
        length: addLengths(opening.height, opening.casing_width),
        start: Math.max(0, bottom - foot) as Length,
      }
    }
    case 'eave-run':
    case 'rake':
    case 'wall-run':
    case 'corner':
    case null:
      return null
  }
}

/** The member that a part is at a place, by the house; null where only a tape knows. */
export function memberAt(part: PartRow | null, spot: ItemSpot, job: JobDocument): Member | null {
  if (part === null || spot.at.kind !== 'side') return null
  const { side_id } = spot.at
  const opening = openingAt(spot, job)
  if (opening && part.ofOpening) return ofOpening(part, spot.at, opening, job)
  const side = byId(job.sides, side_id)
  // A run of a side that nobody measured ends nowhere known.
  if (!side || (side.length === null && part.span !== 'corner')) return null
  return alongWall(part, spot.at, side, job)
}
