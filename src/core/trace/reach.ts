import { featureBox, type WallBox } from '../geometry'
import type { JobDocument } from '../job'
import { inches } from '../measure'
import { causeOf, type CauseId } from './knowledge/causes'
import type { Ring } from './ring'
import type { Seat } from './seats'
import type { Target } from './target'

/** Something that keeps what runs down off the wall below it, over its width. */
export type Shield = { readonly box: WallBox; readonly feature_id: string }

/** How close counts at the far end of a reach, against 1 at the source. Our judgement. */
const AT_THE_END = 0.35
const HOUSE_WIDE = 0.9
/** Water seldom turns a corner. Our judgement. */
const ROUND_THE_CORNER = 0.4

/** Roofs of their own, and heads found sound and flashed, turn out what runs down to them. */
export function shieldsOf(job: JobDocument, flashedHeads: ReadonlySet<string>): Shield[] {
  return job.features.flatMap((feature): Shield[] => {
    const roof = feature.kind === 'small-roof' || feature.kind === 'porch'
    if (!roof && !flashedHeads.has(feature.id)) return []
    return [{ box: featureBox(feature, job), feature_id: feature.id }]
  })
}

function isShielded(seat: Seat, target: Target, shields: readonly Shield[], ring: Ring): boolean {
  const { box } = seat
  if (!box || !target.stretch) return false
  return shields.some((shield) => {
    if (shield.feature_id === seat.feature_id || shield.box.side_id !== target.side_id) return false
    const top = shield.box.top
    if (top > box.top || target.top > top) return false
    const from = ring.at(shield.box.side_id, shield.box.left)
    if (from === null) return false
    const to = from + (shield.box.right - shield.box.left)
    return target.stretch!.from >= from && target.stretch!.to <= to
  })
}

/**
 * How well a source of a cause at a seat can reach a finding: 0 out of its way or behind a shield, 1 at the source, less with the way
 * the water has to go. Down, to the sides, up and in from the wall, on the walls unrolled round the corners.
 */
export function closeness(of: {
  cause: CauseId
  seat: Seat
  target: Target
  ring: Ring
  shields: readonly Shield[]
}): number {
  const { seat, target, ring } = of
  const { reach, seat: kind, runsDown } = causeOf(of.cause)
  if (kind === 'crawl')
    return target.kind === 'wall' && target.finding.component !== 'mudsill' ? 0 : HOUSE_WIDE
  if (kind === 'attic' || kind === 'roof') return HOUSE_WIDE
  if (!seat.box || !target.stretch || target.side_id === null) return 0
  const from = ring.at(seat.box.side_id, seat.box.left)
  if (from === null) return 0
  const aside = ring.gap({ from, to: from + (seat.box.right - seat.box.left) }, target.stretch)
  const side = inches(reach.side)
  if (aside > side) return 0
  if (kind === 'fixture') {
    if (target.kind !== 'inside' && target.kind !== 'wall') return 0
    const across = Math.max(0, Math.abs(target.inside - seat.inside) - inches(24))
    if (target.kind === 'wall' ? seat.inside > inches(24) : across > side) return 0
    return faded(Math.max(aside, across) / Math.max(1, side))
  }
  const inside = inches(reach.inside)
  if (target.kind === 'inside' && target.inside > inside) return 0
  const below = Math.max(0, seat.box.bottom - target.top)
  const above = Math.max(0, target.bottom - seat.box.top)
  if (below > inches(reach.down) || above > inches(reach.up)) return 0
  if (runsDown && target.kind === 'wall' && isShielded(seat, target, of.shields, ring)) return 0
  const far = Math.max(
    aside / Math.max(1, side),
    below / Math.max(1, inches(reach.down)),
    above / Math.max(1, inches(reach.up)),
    target.inside / Math.max(1, inside),
  )
  return faded(Math.min(1, far)) * (seat.box.side_id === target.side_id ? 1 : ROUND_THE_CORNER)
}

/** Closeness by the share of a reach that is used up: 1 at the source, 0 past the end. */
export function faded(far: number): number {
  return far > 1 ? 0 : 1 - (1 - AT_THE_END) * far
}
