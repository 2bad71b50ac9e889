import { feet, inches, longest, type Length } from '../measure'
import type { Feature, Finding, Height, House, JobDocument, Place, Side } from '../job'

/** Stand-ins for a house that was not measured yet. Our judgement; drawn, never priced. */
const ASSUMED = { foundation: inches(18), storey: feet(9), storeys: 1, floor: inches(12) } as const

/** Height above the ground at the wall. */
export function resolveHeight(height: Height, house: House | null): Length {
  const foundation = house?.foundation_height ?? ASSUMED.foundation
  const storey = house?.storey_height ?? ASSUMED.storey
  switch (height.from) {
    case 'grade':
      return height.value
    case 'foundation-top':
      return (foundation + height.value) as Length
    case 'floor-1':
    case 'floor-2':
    case 'floor-3': {
      const above = Number(height.from.at(-1)) - 1
      return (foundation + ASSUMED.floor + above * storey + height.value) as Length
    }
  }
}

/** Top of the wall above the ground: as measured, or from the storeys. */
export function wallTop(side: Side, house: House | null): Length {
  if (side.wall_height !== null) return side.wall_height
  const storeys = house?.storeys ?? ASSUMED.storeys
  const storey = house?.storey_height ?? ASSUMED.storey
  return ((house?.foundation_height ?? ASSUMED.foundation) + ASSUMED.floor + storeys * storey) as Length
}

export function foundationTop(house: House | null): Length {
  return house?.foundation_height ?? ASSUMED.foundation
}

/** A rectangle on one side: stations from its left end as seen from outside, heights above the ground. */
export type WallBox = {
  readonly side_id: string
  readonly left: Length
  readonly right: Length
  readonly bottom: Length
  readonly top: Length
}

/** The opening of a window or door, or the platform of a deck, as it lies on its side. */
export function featureBox(feature: Feature, house: House | null): WallBox {
  const left = feature.station
  const right = (left + feature.width) as Length
  if (feature.kind === 'deck') {
    const top = feature.deck_height
    return { side_id: feature.side_id, left, right, top, bottom: Math.max(0, top - inches(11)) as Length }
  }
  const bottom = resolveHeight(feature.sill, house)
  return { side_id: feature.side_id, left, right, bottom, top: (bottom + feature.height) as Length }
}

/** How thick a mark is drawn and how far it counts, by component. Our judgement. */
const THICK_IN: Partial<Record<NonNullable<Finding['component']>, number>> = {
  fascia: 8,
  soffit: 6,
  'head-casing': 5,
  'window-sill': 4,
  'sill-nose': 4,
  ledger: 10,
}
const VERTICAL: ReadonlySet<string> = new Set(['side-casing', 'corner-board', 'jamb-foot', 'deck-post'])

/** Place of a finding, following its first photo until it has one of its own. */
export function placeOf(finding: Finding, job: JobDocument): Place {
  if (finding.place.kind !== 'none' && finding.place.kind !== 'photo') return finding.place
  const id = finding.place.kind === 'photo' ? finding.place.photo_id : finding.photo_ids[0]
  return job.photos.find((photo) => photo.id === id)?.place ?? finding.place
}

/** True extent of a finding on its wall, or null when it has no place on a side. */
export function findingBox(finding: Finding, job: JobDocument): WallBox | null {
  const place = placeOf(finding, job)
  if (place.kind !== 'side') return null
  const bottom = resolveHeight(place.height, job.house)
  const long = finding.extent?.value ?? inches(12)
  const thick = inches(finding.component ? (THICK_IN[finding.component] ?? 6) : 6)
  const vertical = finding.component !== null && VERTICAL.has(finding.component)
  const courses = inches(Math.max(1, finding.count ?? 1) * 6)
  const isSiding = finding.component === 'lap-siding' || finding.component === 'base-course'
  return {
    side_id: place.side_id,
    left: place.station,
    right: (place.station + (vertical ? thick : long)) as Length,
    bottom,
    top: (bottom + (vertical ? long : isSiding ? courses : thick)) as Length,
  }
}

/** Length a side is drawn with: measured, or just past its furthest mark. */
export function drawnLength(side: Side, job: JobDocument): Length {
  if (side.length !== null) return side.length
  const marks = [
    ...job.features
      .filter((each) => each.side_id === side.id)
      .map((each) => featureBox(each, job.house).right),
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
