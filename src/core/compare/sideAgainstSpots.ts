import { partOf } from '../catalogue'
import { WORK_SAYS } from '../catalogue/sentences/work'
import { drawnLength, paintedArea } from '../geometry'
import { isDamage, newWorkItem, type JobDocument, type WorkItem } from '../job'
import { feet, formatCents, toFeet, type Cents } from '../measure'
import { derive } from '../pipeline'
import type { Trace } from '../trace'

/** Spots of siding on a side against the side re-clad. */
export type SideChoice = {
  readonly side_id: string
  readonly spots: number
  readonly spot_ft2: number
  readonly share_percent: number
  readonly spots_cents: Cents | null
  readonly side_cents: Cents | null
  /** Share of the side from which re-cladding costs no more than spots at their present price. */
  readonly even_percent: number | null
  readonly says: string
}

/** Courses of siding stand so far over one another. */
const COURSE_FT = 0.5

function priceOf(job: JobDocument, items: readonly WorkItem[], trace: Trace, today: string): Cents | null {
  const { price } = derive({ ...job, work_items: [...items] }, today, { trace })
  if (price.kind !== 'priced' || price.lines.some((line) => line.lacks.length > 0)) return null
  return price.total_cents
}

/**
 * Whether a side is better re-clad than mended in spots: both priced by themselves, and the share of the side at which they cost the
 * same. The trade compares the side over about a third of it, or where the backing is soft.
 *
 * Ends: null where no siding of the side was found damaged, or the side was not measured.
 */
export function sideAgainstSpots(
  job: JobDocument,
  trace: Trace,
  side_id: string,
  today: string,
): SideChoice | null {
  const side = job.sides.find((each) => each.id === side_id)
  const spots = job.findings.filter(
    (each) =>
      isDamage(each) &&
      each.place.kind === 'side' &&
      each.place.side_id === side_id &&
      (partOf(each.component)?.piece?.courses ?? false),
  )
  if (!side || side.length === null || spots.length === 0) return null
  const { wall_net_ft2 } = paintedArea(side, job, { from: feet(0), to: drawnLength(side, job) })
  if (wall_net_ft2 <= 0) return null
  const spot_ft2 = spots.reduce(
    (sum, each) => sum + toFeet(each.extent?.value ?? feet(2)) * (each.count ?? 1) * COURSE_FT,
    0,
  )
  const mended = spots.map((each) =>
    newWorkItem({
      id: `spot-${each.id}`,
      finding_ids: [each.id],
      method: 'replace-course',
      component: each.component,
      material: each.material,
    }),
  )
  const clad = newWorkItem({
    id: 'side',
    method: 're-clad-side',
    component: null,
    places: [{ at: { kind: 'whole-side', side_id }, size: null, height: null }],
  })
  const spots_cents = priceOf(job, mended, trace, today)
  const side_cents = priceOf(job, [clad], trace, today)
  const share = Math.min(100, (100 * spot_ft2) / wall_net_ft2)
  const even =
    spots_cents === null || side_cents === null || spots_cents <= 0
      ? null
      : Math.round((share * side_cents) / spots_cents)
  const words =
    spots_cents === null || side_cents === null || even === null
      ? ''
      : WORK_SAYS.sideAgainstSpots({
          letter: side.letter,
          share: Math.max(1, Math.round(share)),
          spots: formatCents(spots_cents),
          side: formatCents(side_cents),
          even,
        })
  return {
    side_id,
    spots: spots.length,
    spot_ft2,
    share_percent: share,
    spots_cents,
    side_cents,
    even_percent: even,
    says: words,
  }
}
