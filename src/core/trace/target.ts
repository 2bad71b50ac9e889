import {
  drawnLength,
  featureBox,
  findingBox,
  insideViews,
  placeOf,
  resolveHeight,
  wallTop,
  type InsideView,
  type PlanWall,
} from '../geometry'
import { byId, type Finding, type JobDocument, type Place, type Side } from '../job'
import { inches } from '../measure'
import type { WallPlace } from '../catalogue/causes/priors'
import type { Ring, Stretch } from './ring'
import { hasEave, roofRise } from './roofSeats'
import { wallPlaceOf } from './wallPlace'

/** Where a finding is, as far as water is concerned. Heights above the house’s zero, 64ths of an inch. */
export type Target = {
  readonly finding: Finding
  /** `words`: a place only named; findings with the same words are at the same place. */
  readonly kind: 'wall' | 'inside' | 'words'
  readonly side_id: string | null
  readonly stretch: Stretch | null
  /** Stations on its side. */
  readonly left: number
  readonly right: number
  readonly bottom: number
  readonly top: number
  /** In from the wall; 0 outside. */
  readonly inside: number
  /** Nobody said where along its side it is: it may be anywhere there, and is round no corner. */
  readonly unsaid: boolean
  /** Inside: how it lies to every wall of the plan. Empty outside, and where the plan is not known. */
  readonly views: ReadonlyMap<string, InsideView>
  /** Inside, high up under the roof. */
  readonly aloft: boolean
  readonly feature_id: string | null
  /** What a stretch of wall is at; null: nothing, or no wall. */
  readonly at: WallPlace | null
  /** Same for findings that share a named place. */
  readonly key: string
}

const FLOOR_DEEP = inches(12)
const SPOT_WIDE = inches(24)

/** A spot named by its opening, as people write it: “under the back window C3”. */
function spotFromWords(
  words: string,
  job: JobDocument,
): { side_id: string; station: number; in_from_wall: number } | null {
  const named = /\b([A-Z]{1,2})(\d{1,3})\b/.exec(words)
  if (!named) return null
  const side = job.sides.find((each) => each.letter === named[1])
  const feature = job.features.find((each) => each.side_id === side?.id && each.number === Number(named[2]))
  if (!side || !feature) return null
  return { side_id: side.id, station: feature.station + feature.width / 2 - SPOT_WIDE / 2, in_from_wall: 0 }
}

const ALOFT: ReadonlySet<string> = new Set(['roof-deck', 'rafter', 'ceiling'])

function wordsOf(place: Place): string {
  switch (place.kind) {
    case 'words':
    case 'roof':
    case 'deck':
    case 'crawl':
      return place.words
    case 'room':
      return place.room
    case 'none':
    case 'side':
    case 'photo':
      return ''
  }
}

function underFloor(job: JobDocument): { bottom: number; top: number } {
  const floor = resolveHeight({ value: inches(0), from: 'floor-1' }, job.house)
  return { bottom: floor - FLOOR_DEEP, top: floor }
}

/**
 * Roof boards and rafters lie under the lowest of the slopes above them; a ceiling lies at the height of the eave.
 *
 * Ends: without a plan, the slope of the side somebody measured from, when it has an eave.
 */
function underRoof(
  side: Side,
  inwards: number,
  views: ReadonlyMap<string, InsideView>,
  finding: Finding,
  job: JobDocument,
): { bottom: number; top: number } {
  const eave = wallTop(side, job.house)
  const slopes = job.sides.flatMap((each) => {
    const far = views.get(each.id)?.inFrom ?? (each.id === side.id ? inwards : null)
    return hasEave(each) && far !== null ? [wallTop(each, job.house) + roofRise(each, far)] : []
  })
  const foot = finding.component === 'ceiling' || slopes.length === 0 ? eave : Math.min(...slopes)
  return { bottom: foot - FLOOR_DEEP, top: foot }
}

/** Finds the place of a finding; `plan` are the walls as measured, none where they are not. */
export function targetOf(
  finding: Finding,
  job: JobDocument,
  ring: Ring,
  plan: readonly PlanWall[] = [],
): Target {
  const place = placeOf(finding, job)
  const words = wordsOf(place).trim().toLowerCase()
  const key = words === '' ? `finding:${finding.id}` : `${place.kind}:${words}`
  const named: Target = {
    finding,
    kind: 'words',
    side_id: null,
    stretch: null,
    left: 0,
    right: 0,
    bottom: 0,
    top: 0,
    inside: 0,
    unsaid: false,
    views: new Map(),
    aloft: finding.component !== null && ALOFT.has(finding.component),
    feature_id: place.kind === 'deck' ? place.feature_id : null,
    at: null,
    key,
  }
  const box = findingBox(finding, job)
  if (box && place.kind === 'side') {
    const side = byId(job.sides, box.side_id)
    // Nobody said where along it: it may be anywhere on its side, and is at nothing in particular.
    const unsaid = place.station_unsaid === true && side !== undefined
    const [left, right] = unsaid ? [0, Math.max(box.right, drawnLength(side, job))] : [box.left, box.right]
    const from = ring.at(box.side_id, left)
    if (from === null) return named
    const { side_id, bottom, top } = box
    return {
      ...named,
      kind: 'wall',
      unsaid,
      side_id,
      stretch: { from, to: from + (right - left) },
      left,
      right,
      bottom,
      top,
      feature_id: place.feature_id,
      at: unsaid ? null : wallPlaceOf(box, place.feature_id, job),
    }
  }
  if (place.kind === 'deck' && place.feature_id !== null) {
    const deck = byId(job.features, place.feature_id)
    const from = deck ? ring.at(deck.side_id, deck.station) : null
    if (deck && from !== null) {
      const at = featureBox(deck, job)
      return {
        ...named,
        kind: 'wall',
        side_id: deck.side_id,
        stretch: { from, to: from + deck.width },
        left: at.left,
        right: at.right,
        bottom: at.bottom,
        top: at.top,
      }
    }
  }
  const spot =
    finding.spot ??
    (place.kind === 'crawl' || place.kind === 'room' ? spotFromWords(wordsOf(place), job) : null)
  if (spot) {
    const from = ring.at(spot.side_id, spot.station)
    if (from === null) return named
    const side = byId(job.sides, spot.side_id)
    const long = Math.max(finding.extent?.value ?? 0, SPOT_WIDE)
    const views = insideViews(
      {
        side_id: spot.side_id,
        from: spot.station,
        to: spot.station + long,
        inFrom: spot.in_from_wall,
        inTo: spot.in_from_wall,
      },
      plan,
    )
    const { bottom, top } =
      named.aloft && side ? underRoof(side, spot.in_from_wall, views, finding, job) : underFloor(job)
    return {
      ...named,
      kind: 'inside',
      side_id: spot.side_id,
      stretch: { from, to: from + long },
      left: spot.station,
      right: spot.station + long,
      bottom,
      top,
      inside: spot.in_from_wall,
      views,
    }
  }
  return named
}
