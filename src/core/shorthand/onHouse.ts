import { partOf } from '../catalogue'
import { casingOf, drawnLength, featureBox, foundationTop, wallTop } from '../geometry'
import type { ComponentId, Feature, JobDocument, Place, Side } from '../job'
import { feet, type Length } from '../measure'
import type { Near } from './findOpening'
import type { Shorthand } from './said'

/** The house a line is placed on, and what is in view there. */
export type On = { readonly job: JobDocument; readonly near: Near }
export type SidePlace = Extract<Place, { kind: 'side' }>

/** Height of a part on a wall that nobody gave one for. Where it usually is; the person sees and moves it. */
function usualHeight(part: ComponentId | null, side: Side, job: JobDocument): Length {
  switch (partOf(part)?.usualHeight) {
    case 'roof-edge':
      return wallTop(side, job.house)
    case 'foot':
      return foundationTop(job.house, side)
    case 'breast':
    case undefined:
      return feet(4)
  }
}

/** A place on a wall; without a station somewhere along it, and it says so. */
export function onSide(
  said: Pick<Shorthand, 'part' | 'height'>,
  side: Side,
  station: Length | null,
  { job }: On,
): SidePlace {
  return {
    kind: 'side',
    side_id: side.id,
    // Unsaid, it is drawn in the middle: the place that is least far from wherever it is.
    station: station ?? (Math.round(drawnLength(side, job) / 2) as Length),
    height: { value: said.height ?? usualHeight(said.part, side, job), from: 'grade' },
    feature_id: null,
    ...(station === null ? { station_unsaid: true as const } : {}),
  }
}

/** A place on an opening, or on what else stands on a wall. */
export function onFeature(said: Shorthand, feature: Feature, { job }: On): SidePlace {
  const box = featureBox(feature, job)
  const casing = casingOf(feature)
  const overCasing = said.part === 'head-casing' || said.part === 'window-sill' || said.part === 'sill-nose'
  return {
    kind: 'side',
    side_id: feature.side_id,
    station: said.station ?? (Math.max(0, box.left - (overCasing ? casing : 0)) as Length),
    height: { value: said.height ?? (said.part === 'head-casing' ? box.top : box.bottom), from: 'grade' },
    feature_id: feature.id,
  }
}

/** Where a finding is put of which nothing was said: the wall one stands before, somewhere along it. */
export function placeInView(on: On): Place {
  return on.near.side ? onSide({ part: null, height: null }, on.near.side, null, on) : { kind: 'none' }
}
