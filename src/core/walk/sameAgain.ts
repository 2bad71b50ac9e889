import { featureBox, findingBox, openingParts, placeOnPart } from '../geometry'
import { byId, type EntityOf, type Feature, type Finding, type JobDocument, type Place } from '../job'
import { inches, type Length } from '../measure'

/** Where a fault of one feature would be on another: on the same part of it, else at the same offset from its left end and foot. */
export function sameSpot(finding: Finding, from: Feature | null, to: Feature, job: JobDocument): Place {
  const parts = openingParts(to, job).filter((part) => part.component === finding.component)
  const own = findingBox(finding, job)
  const source = from ? featureBox(from, job) : null
  // Of two legs the one on the same half.
  const rightHalf = own !== null && source !== null && own.left >= (source.left + source.right) / 2
  const part = parts.length > 1 ? parts.find((each) => each.key.endsWith('-right') === rightHalf) : parts[0]
  if (part) return placeOnPart(to, part, job)
  const box = featureBox(to, job)
  const side = byId(job.sides, to.side_id)
  const along = own && source ? own.left - source.left : 0
  const up = own && source ? own.bottom - source.bottom : 0
  const station = Math.max(0, Math.min(box.left + along, (side?.length ?? box.right) - inches(1)))
  return {
    kind: 'side',
    side_id: to.side_id,
    station: station as Length,
    height: { value: (box.bottom + up) as Length, from: 'grade' },
    feature_id: to.id,
  }
}

/**
 * One fault on other features: a finding each, of its own place and number, bound together by one detail.
 *
 * Signs, part, material, size and grade go along; pictures, clips and what was metered stay with the finding they belong to. What
 * was not touched there is *suspected* and carries no grade.
 */
export function sameAgain(
  finding: Finding,
  features: readonly Feature[],
  job: JobDocument,
  of: { readonly detailId: string; readonly touched: boolean; readonly newId: () => string },
): EntityOf['finding'][] {
  const { place } = finding
  const from = place.kind === 'side' ? (byId(job.features, place.feature_id) ?? null) : null
  return features.map((feature) => ({
    ...finding,
    id: of.newId(),
    number: null,
    place: sameSpot(finding, from, feature, job),
    photo_ids: [],
    clip_ids: [],
    detail_id: of.detailId,
    suspected: !of.touched,
    stated_grade: of.touched ? finding.stated_grade : null,
    observations: of.touched ? finding.observations : null,
    how_known: of.touched ? finding.how_known : 'from-ground',
    signs: finding.signs.map((sign) => (of.touched ? sign : { ...sign, how: 'from-ground' as const })),
  }))
}
