import {
  byId,
  type ComponentId,
  type DoorFeature,
  type Feature,
  type JobDocument,
  type Place,
  type WindowFeature,
} from '../job'
import { inches, type Length } from '../measure'
import { groundAt } from './heights'
import { featureBox, type WallBox } from './walls'

/** One board of a window or door as it can be tapped: the two legs are two parts. */
export type OpeningPart = {
  readonly key: string
  readonly component: ComponentId
  /** As one calls it at this opening: left leg, head casing. */
  readonly name: string
  readonly box: WallBox
  /** Length of the whole board; its damage may be shorter. */
  readonly length: Length
}

/** Thickness a sill and a nose are drawn with, and how high a jamb foot is looked at. Our judgement. */
const SILL = inches(3)
const FOOT = inches(12)

/** The parts of an opening that carry a finding, from the head down. Other features have none. */
export function openingParts(feature: Feature, job: JobDocument): OpeningPart[] {
  if (feature.kind !== 'window' && feature.kind !== 'door') return []
  return partsOf(feature, job)
}

function partsOf(feature: WindowFeature | DoorFeature, job: JobDocument): OpeningPart[] {
  const at = featureBox(feature, job)
  const casing = feature.casing_width
  const has = (part: string): boolean => (feature.parts as readonly string[]).includes(part)
  const part = (
    key: string,
    component: ComponentId,
    name: string,
    [left, bottom, right, top]: readonly [number, number, number, number],
    length: number,
  ): OpeningPart => ({
    key,
    component,
    name,
    box: {
      side_id: feature.side_id,
      left: Math.max(0, left) as Length,
      right: right as Length,
      bottom: bottom as Length,
      top: top as Length,
    },
    length: length as Length,
  })
  const [outerLeft, outerRight] = [at.left - casing, at.right + casing]
  const wide = outerRight - outerLeft
  const tall = at.top - at.bottom
  return [
    ...(has('head-casing')
      ? [part('head', 'head-casing', 'head casing', [outerLeft, at.top, outerRight, at.top + casing], wide)]
      : []),
    ...(has('side-casing')
      ? [
          part('leg-left', 'side-casing', 'left leg', [outerLeft, at.bottom, at.left, at.top], tall),
          part('leg-right', 'side-casing', 'right leg', [at.right, at.bottom, outerRight, at.top], tall),
        ]
      : []),
    ...(has('jamb-foot')
      ? [
          part(
            'foot-left',
            'jamb-foot',
            'left jamb foot',
            [at.left, at.bottom, at.left + casing, at.bottom + FOOT],
            FOOT,
          ),
          part(
            'foot-right',
            'jamb-foot',
            'right jamb foot',
            [at.right - casing, at.bottom, at.right, at.bottom + FOOT],
            FOOT,
          ),
        ]
      : []),
    ...(has('window-sill')
      ? [part('sill', 'window-sill', 'sill', [outerLeft, at.bottom - SILL / 2, outerRight, at.bottom], wide)]
      : []),
    ...(has('sill-nose')
      ? [
          part(
            'nose',
            'sill-nose',
            'sill nose',
            [outerLeft, at.bottom - SILL, outerRight, at.bottom - SILL / 2],
            wide,
          ),
        ]
      : []),
    ...(has('threshold')
      ? [
          part(
            'threshold',
            'threshold',
            'threshold',
            [at.left, at.bottom - SILL, at.right, at.bottom],
            at.right - at.left,
          ),
        ]
      : []),
  ]
}

/** The place of a finding on a part of an opening, measured from the ground. */
export function placeOnPart(
  feature: Feature,
  part: OpeningPart,
  job: JobDocument,
): Extract<Place, { kind: 'side' }> {
  const side = byId(job.sides, feature.side_id)
  const ground = side ? groundAt(side, part.box.left) : 0
  return {
    kind: 'side',
    side_id: feature.side_id,
    station: part.box.left,
    height: { value: (part.box.bottom - ground) as Length, from: 'grade' },
    feature_id: feature.id,
  }
}

/** The findings that lie on a part: of its component at this opening, for legs and feet on its own half. */
export function findingsOnPart(
  feature: Feature,
  part: OpeningPart,
  job: JobDocument,
): JobDocument['findings'] {
  const middle = feature.station + feature.width / 2
  const paired = part.key.endsWith('-left') || part.key.endsWith('-right')
  return job.findings.filter((finding) => {
    const { place } = finding
    if (finding.component !== part.component || place.kind !== 'side' || place.feature_id !== feature.id)
      return false
    return !paired || place.station < middle === part.key.endsWith('-left')
  })
}
