import { byId, type Feature, type Finding, type JobDocument, type Side } from '../job'
import { inches, type Length } from '../measure'
import { resolveHeight } from './heights'
import { snapHeight, snapStation, type Caught, type Snap } from './snap'
import { drawnLength, featureBox, findingBox, isVertical, placeOf } from './walls'

/** Which part of a mark is dragged: the whole, or one of its edges. */
export type Grip = 'whole' | 'left' | 'right' | 'top' | 'bottom'
/** How far it was dragged, 64ths: to the right along the wall, and up. */
export type Drag = { readonly grip: Grip; readonly along: number; readonly up: number }

export type Moved<Fields> = {
  readonly fields: Fields
  /** What it caught on, to be shown while dragging. */
  readonly caught: readonly Snap[]
}

type Context = { readonly job: JobDocument; readonly side: Side; readonly within: number }

const NARROWEST = inches(1)
/** Of two edges that catch on something the stronger one holds; the left one when they are equal. */
const STRENGTH: Readonly<Record<Caught, number>> = {
  corner: 0,
  line: 0,
  opening: 1,
  stud: 2,
  course: 2,
  inch: 3,
}

/** Edges along the wall after a drag, snapped; moving the whole keeps its width and stays on the side. */
function alongWall(
  box: { left: number; right: number },
  drag: Drag,
  context: Context & { except: string | null },
): { left: Length; right: Length; caught: Snap[] } {
  const { job, side, within, except } = context
  const limit = side.length ?? Number.POSITIVE_INFINITY
  const snap = (value: number): Snap => snapStation(value, side, job, { within, except })
  const width = box.right - box.left
  if (drag.grip === 'left') {
    const found = snap(Math.min(box.left + drag.along, box.right - NARROWEST))
    return {
      left: Math.min(found.value, box.right - NARROWEST) as Length,
      right: box.right as Length,
      caught: [found],
    }
  }
  if (drag.grip === 'right') {
    const found = snap(Math.max(box.right + drag.along, box.left + NARROWEST))
    return {
      left: box.left as Length,
      right: Math.max(found.value, box.left + NARROWEST) as Length,
      caught: [found],
    }
  }
  if (drag.grip !== 'whole') return { left: box.left as Length, right: box.right as Length, caught: [] }
  const byLeft = snap(box.left + drag.along)
  const byRight = snap(box.right + drag.along)
  const found = STRENGTH[byRight.caught] < STRENGTH[byLeft.caught] ? byRight : byLeft
  const left = found === byLeft ? found.value : found.value - width
  const held = Math.max(0, Math.min(left, limit - width)) as Length
  return { left: held, right: (held + width) as Length, caught: held === left ? [found] : [] }
}

function baseOf(
  height: { from: Parameters<typeof resolveHeight>[0]['from'] },
  context: Context,
  station: Length,
): number {
  return resolveHeight({ value: inches(0), from: height.from }, context.job.house, {
    side: context.side,
    station,
  })
}

/**
 * A feature after a drag: only the fields that change, whole 64ths.
 *
 * Ends: a width or height never falls under an inch; a kind without the dragged edge stays as it is; a free outline moves along
 * with all its points.
 */
export function movedFeature(feature: Feature, drag: Drag, context: Context): Moved<Partial<Feature>> {
  const box = featureBox(feature, context.job)
  const { left, right, caught } = alongWall(box, drag, { ...context, except: feature.id })
  const fields: Record<string, unknown> = {}
  if (left !== feature.station) fields.station = left
  if (right - left !== feature.width) fields.width = right - left
  const snaps = [...caught]
  if (feature.kind === 'outline' && drag.grip === 'whole' && left !== box.left) {
    fields.points = feature.points.map((point) => ({ ...point, station: point.station + left - box.left }))
  }
  const { side, job, within } = context
  const high = (value: number): Snap => snapHeight(value, side, job, { within, except: feature.id })
  if ('sill' in feature) {
    const base = baseOf(feature.sill, context, left)
    const foot = base + feature.sill.value
    if (drag.grip === 'whole' && drag.up !== 0) {
      const found = high(foot + drag.up)
      fields.sill = { ...feature.sill, value: found.value - base }
      snaps.push(found)
    } else if (drag.grip === 'bottom') {
      const found = high(Math.min(foot + drag.up, foot + feature.height - NARROWEST))
      const held = Math.min(found.value, foot + feature.height - NARROWEST)
      fields.sill = { ...feature.sill, value: held - base }
      fields.height = foot + feature.height - held
      snaps.push(found)
    } else if (drag.grip === 'top') {
      const found = high(foot + feature.height + drag.up)
      fields.height = Math.max(NARROWEST, found.value - foot)
      snaps.push(found)
    }
  }
  // A size that was drawn is no longer the taped one; a place alone is corrected without that.
  if (('width' in fields || 'height' in fields) && feature.size_how !== 'guessed') fields.size_how = 'scaled'
  return { fields, caught: snaps.filter((snap) => snap.caught !== 'inch') }
}

type FindingFields = Partial<Pick<Finding, 'place' | 'extent'>>

/**
 * A finding after a drag. Moving gives it a place of its own; dragging an end changes its length, which is then *scaled* unless it
 * was guessed: a drawn length is no taped one.
 *
 * Ends: a finding without a place on a wall does not move.
 */
export function movedFinding(finding: Finding, drag: Drag, context: Context): Moved<FindingFields> {
  const box = findingBox(finding, context.job)
  const place = placeOf(finding, context.job)
  if (!box || place.kind !== 'side') return { fields: {}, caught: [] }
  const { side, job, within } = context
  const { left, right, caught } = alongWall(box, drag, { ...context, except: null })
  const snaps = [...caught]
  const resize = (length: number): Finding['extent'] => {
    const guessed = finding.extent?.how === 'guessed'
    const value = Math.max(NARROWEST, length) as Length
    return guessed
      ? { value, how: 'guessed', low: value, high: value }
      : { value, how: 'scaled', low: null, high: null }
  }
  const base = baseOf(place.height, context, left)
  const high = (value: number): Snap => snapHeight(value, side, job, { within, except: null })
  const vertical = isVertical(finding)
  // Put somewhere by hand, its station is said.
  const { station_unsaid, ...known } = place
  const moved = (bottom: number): FindingFields['place'] => ({
    ...(drag.along === 0 && station_unsaid ? place : known),
    station: left,
    height: { ...place.height, value: (bottom - base) as Length },
  })
  switch (drag.grip) {
    case 'whole': {
      const found = drag.up === 0 ? null : high(box.bottom + drag.up)
      if (found) snaps.push(found)
      const bottom = found?.value ?? base + place.height.value
      return { fields: { place: moved(bottom) }, caught: snaps.filter((snap) => snap.caught !== 'inch') }
    }
    case 'left':
    case 'right':
      if (vertical) return { fields: {}, caught: [] }
      return {
        fields: {
          ...(drag.grip === 'left' ? { place: moved(box.bottom) } : {}),
          extent: resize(right - left),
        },
        caught: snaps.filter((snap) => snap.caught !== 'inch'),
      }
    case 'top':
    case 'bottom': {
      if (!vertical) return { fields: {}, caught: [] }
      const isTop = drag.grip === 'top'
      const found = high((isTop ? box.top : box.bottom) + drag.up)
      const bottom = isTop ? box.bottom : Math.min(found.value, box.top - NARROWEST)
      const top = isTop ? Math.max(found.value, box.bottom + NARROWEST) : box.top
      return {
        fields: { ...(isTop ? {} : { place: moved(bottom) }), extent: resize(top - bottom) },
        caught: [found].filter((snap) => snap.caught !== 'inch'),
      }
    }
  }
}

/** Grips a mark has: openings on all edges, a horizontal finding at its ends, an upright one at its top and foot. */
export function gripsOf(thing: { feature: Feature } | { finding: Finding }): Exclude<Grip, 'whole'>[] {
  if ('finding' in thing) return isVertical(thing.finding) ? ['bottom', 'top'] : ['left', 'right']
  return 'sill' in thing.feature ? ['left', 'right', 'bottom', 'top'] : ['left', 'right']
}

/** A place just right of a feature for another like it, two feet off, still on its side; else left of it, else where it stands. */
export function placeForAnother(feature: Feature, job: JobDocument): Length {
  const side = byId(job.sides, feature.side_id)
  const gap = inches(24)
  const length = side ? (side.length ?? drawnLength(side, job) + feature.width) : feature.station
  const right = feature.station + feature.width + gap
  if (right + feature.width <= length) return right as Length
  const left = feature.station - feature.width - gap
  return Math.max(0, left) as Length
}
