import { partOf } from '../catalogue'
import { feet, inches, longest, type Length } from '../measure'
import { byId, type Feature, type Finding, type JobDocument, type Place, type Side } from '../job'
import { groundAt, resolveHeight, wallTop } from './heights'

/** A rectangle on one side: stations from its left end as seen from outside, heights above the ground. */
export type WallBox = {
  readonly side_id: string
  readonly left: Length
  readonly right: Length
  readonly bottom: Length
  readonly top: Length
}

/** What geometry reads of a job: its house and its sides. */
export type Walls = Pick<JobDocument, 'house' | 'sides'>

/** Width of the casing round an opening; nothing round what has none. */
export function casingOf(feature: Feature): Length {
  return feature.kind === 'window' || feature.kind === 'door' ? feature.casing_width : inches(0)
}

/** A feature that is taken off the cladding: there is no siding behind it. */
export function isOpening(
  feature: Feature,
): feature is Extract<Feature, { kind: 'window' | 'door' | 'bay' }> {
  return feature.kind === 'window' || feature.kind === 'door' || feature.kind === 'bay'
}

/** Rise of a small roof's top over its outer edge. */
function fallOf(depth: Length, pitch_in_12: number): number {
  return depth * (pitch_in_12 / 12)
}

/** A feature as it lies on its side: an opening without its casing, the platform of a deck, the face of a chase. */
export function featureBox(feature: Feature, walls: Walls): WallBox {
  const { side_id } = feature
  const side = byId(walls.sides, side_id) ?? null
  const left = feature.station
  const right = (left + feature.width) as Length
  const at = side ? { side, station: left } : null
  const above = (value: Length): number => (side ? groundAt(side, left) : 0) + value
  const within = (bottom: number, top: number): WallBox => ({
    side_id,
    left,
    right,
    bottom: Math.round(bottom) as Length,
    top: Math.round(top) as Length,
  })
  switch (feature.kind) {
    case 'window':
    case 'door':
    case 'bay':
    case 'crawl-opening':
    case 'penetration': {
      const bottom = resolveHeight(feature.sill, walls.house, at)
      return within(bottom, bottom + feature.height)
    }
    case 'deck': {
      const top = above(feature.deck_height)
      return within(Math.max(above(inches(0)), top - inches(11)), top)
    }
    case 'porch':
      return within(above(inches(0)), above(feature.eave_height))
    case 'chimney-chase':
      return within(above(inches(0)), feature.top)
    case 'small-roof': {
      const top = resolveHeight(feature.top, walls.house, at)
      return within(top - fallOf(feature.depth, feature.pitch_in_12), top)
    }
    case 'dormer': {
      const foot = (side ? wallTop(side, walls.house) : 0) + feature.above_eave
      return within(foot, foot + feature.height)
    }
    case 'gutter': {
      const eave = side ? wallTop(side, walls.house) : 0
      return within(eave - inches(5), eave)
    }
    case 'leader':
      return within(above(inches(0)), side ? wallTop(side, walls.house) : above(feet(8)))
    case 'fixture': {
      // Inside: it stands on its floor, behind the wall.
      const floor = `floor-${Math.min(3, feature.floor)}` as 'floor-1'
      const foot = resolveHeight({ value: inches(0), from: floor }, walls.house, at)
      return within(foot, foot + inches(30))
    }
    case 'on-roof': {
      const up = fallOf(feature.in_from_wall, side?.pitch_in_12 ?? 0)
      const foot = (side ? wallTop(side, walls.house) : 0) + up
      return within(foot, foot + inches(12))
    }
    case 'at-ground': {
      const [low, high] = [above(inches(0)), above(feature.surface)]
      return within(Math.min(low, high), Math.max(low + inches(3), high))
    }
    case 'outline': {
      const heights = feature.points.map((point) => point.height)
      return within(Math.min(...heights), Math.max(...heights))
    }
  }
}

/** Whether the part stands upright, so that its length runs up the wall. */
export function isVertical(finding: Pick<Finding, 'component'>): boolean {
  return partOf(finding.component)?.upright ?? false
}

/** Place of a finding, following its first photo until it has one of its own. */
export function placeOf(finding: Finding, job: JobDocument): Place {
  if (finding.place.kind !== 'none' && finding.place.kind !== 'photo') return finding.place
  const id = finding.place.kind === 'photo' ? finding.place.photo_id : finding.photo_ids[0]
  return byId(job.photos, id)?.place ?? finding.place
}

/** Where the wall ends for what runs round a deck: a guard of 44 ft goes along its three free sides, and not on past the house. */
function endAtDeck(station: Length, feature_id: string | null, job: JobDocument): number {
  const feature = byId(job.features, feature_id)
  if (feature?.kind !== 'deck' && feature?.kind !== 'porch') return Infinity
  const { right } = featureBox(feature, job)
  return right > station ? right : Infinity
}

/** True extent of a finding on its wall, at a deck no further than it; null when it has no place on a side. */
export function findingBox(finding: Finding, job: JobDocument): WallBox | null {
  const place = placeOf(finding, job)
  if (place.kind !== 'side') return null
  const side = byId(job.sides, place.side_id)
  const bottom = resolveHeight(place.height, job.house, side ? { side, station: place.station } : null)
  const long = finding.extent?.value ?? inches(12)
  const thick = inches(partOf(finding.component)?.face_in ?? 6)
  const vertical = isVertical(finding)
  const courses = inches(Math.max(1, finding.count ?? 1) * 6)
  const inCourses = partOf(finding.component)?.piece?.courses ?? false
  return {
    side_id: place.side_id,
    left: place.station,
    right: Math.min(
      place.station + (vertical ? thick : long),
      endAtDeck(place.station, place.feature_id, job),
    ) as Length,
    bottom,
    top: (bottom + (vertical ? long : inCourses ? courses : thick)) as Length,
  }
}

/** Where work at a deck stands on its side: in the middle of the deck, without a length. Null where there is no such deck. */
export function deckBox(feature_id: string | null, job: JobDocument): WallBox | null {
  const deck = byId(job.features, feature_id)
  if (!deck) return null
  const box = featureBox(deck, job)
  const middle = Math.round((box.left + box.right) / 2) as Length
  return { ...box, left: middle, right: middle }
}

/**
 * Where a finding is shown and to which side it counts: its extent on the wall; what was found at a deck stands in its middle, for
 * nobody said where on it. Null for what has neither.
 */
export function shownBox(finding: Finding, job: JobDocument): WallBox | null {
  const place = placeOf(finding, job)
  return place.kind === 'deck' ? deckBox(place.feature_id, job) : findingBox(finding, job)
}

/** Length a side is drawn with: measured, or just past its furthest mark. */
export function drawnLength(side: Side, job: JobDocument): Length {
  if (side.length !== null) return side.length
  const marks = [
    ...job.features.filter((each) => each.side_id === side.id).map((each) => featureBox(each, job).right),
    ...job.findings.flatMap((each) => {
      const box = findingBox(each, job)
      return box?.side_id === side.id ? [box.right] : []
    }),
  ]
  return (longest(feet(8), ...marks) + feet(4)) as Length
}

/**
 * Sides in the order of the strip: always front, right, back, left from left to right, whichever way one walks.
 * With the house on the right hand the walk runs the other way, so its reverse is drawn.
 */
export function stripOrder(job: JobDocument): Side[] {
  const walked = [...job.sides].sort((a, b) => a.order - b.order)
  return job.job.house_on === 'left' ? walked : walked.reverse()
}

/** Facing of each side from the turns before it, the first one being the front. */
export function facingsOf(turns_deg: readonly number[]): Side['facing'][] {
  const names: Side['facing'][] = ['front', 'right', 'back', 'left']
  let heading = 0
  return turns_deg.map((turn) => {
    const quarter = ((Math.round(heading / 90) % 4) + 4) % 4
    heading += turn
    return names[quarter]!
  })
}
