import { featureBox, type WallBox } from '../geometry'
import type { JobDocument } from '../job'
import { inches } from '../measure'
import { CAUSE_IDS, causeOf, type CauseId, type SeatKind } from '../catalogue/causes'
import type { Ring, Stretch } from './ring'
import type { Seat } from './seat'
import type { Target } from './target'

/** Something that keeps what runs down off the wall below it, over its width. */
export type Shield = { readonly box: WallBox; readonly feature_id: string }

/** How close counts at the far end of a reach, against 1 at the source. Our judgement. */
const AT_THE_END = 0.6
const HOUSE_WIDE = 0.9
/** Water seldom turns a corner. Our judgement. */
const ROUND_THE_CORNER = 0.4

/** Roofs of their own, and heads found sound and flashed, turn out what runs down to them. */
export function shieldsOf(job: JobDocument, flashedHeads: ReadonlySet<string>): Shield[] {
  return job.features.flatMap((feature): Shield[] => {
    const roof = feature.kind === 'small-roof' || feature.kind === 'porch' || feature.kind === 'bay'
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

/** A seat with its stretch of the walls unrolled; null: on no wall. */
export type Laid = { readonly seat: Seat; readonly stretch: Stretch | null }

export function layOut(seats: readonly Seat[], ring: Ring): Laid[] {
  return seats.map((seat) => {
    const from = seat.box ? ring.at(seat.box.side_id, seat.box.left) : null
    return {
      seat,
      stretch: seat.box && from !== null ? { from, to: from + (seat.box.right - seat.box.left) } : null,
    }
  })
}

/** Reach of a cause in 64ths of an inch, worked out once: it is asked for every cause, place and finding of a house. */
export type ReachIn64 = {
  readonly kind: SeatKind
  readonly runsDown: boolean
  readonly down: number
  readonly side: number
  readonly up: number
  readonly inside: number
}
const REACHES: ReadonlyMap<CauseId, ReachIn64> = new Map(
  CAUSE_IDS.map((cause) => {
    const { reach, seat, runsDown } = causeOf(cause)
    return [
      cause,
      {
        kind: seat,
        runsDown,
        down: inches(reach.down),
        side: inches(reach.side),
        up: inches(reach.up),
        inside: inches(reach.inside),
      },
    ]
  }),
)
export const reachOf = (cause: CauseId): ReachIn64 => REACHES.get(cause)!

/**
 * How a finding lies to a seat: how far along the walls, and how far in from that of the seat. Inside, the plan tells, from whichever
 * wall somebody measured; without a plan, and outside, the walls unrolled.
 */
function lieOf(
  { seat, stretch }: Laid,
  box: WallBox,
  target: Target,
  ring: Ring,
): { aside: number; across: number } | null {
  if (target.kind === 'inside' && target.views.size > 0) {
    const view = target.views.get(box.side_id)
    if (!view) return null
    return {
      aside: Math.max(0, box.left - view.to, view.from - box.right),
      across: Math.max(0, view.inFrom - seat.inTo, seat.inFrom - view.inTo),
    }
  }
  if (stretch === null || !target.stretch) return null
  return {
    aside: ring.gap(stretch, target.stretch),
    across: Math.max(0, target.inside - seat.inTo, seat.inFrom - target.inside),
  }
}

/** A tub further in than this wets no siding. Our judgement. */
const BEHIND_THE_WALL = inches(24)

/**
 * How well a source of a cause at a seat can reach a finding: 0 out of its way or behind a shield, 1 at the source, less with the way
 * the water has to go. Down, to the sides, up and in from the wall: outside on the walls unrolled round the corners, inside in plan,
 * below a roof along its slope.
 */
export function closeness(of: {
  reach: ReachIn64
  at: Laid
  target: Target
  ring: Ring
  shields: readonly Shield[]
}): number {
  const { target, ring } = of
  const { seat } = of.at
  const { box } = seat
  const { kind, runsDown, side, inside, down, up } = of.reach
  if (kind === 'crawl')
    return target.kind === 'wall' && target.finding.component !== 'mudsill' ? 0 : HOUSE_WIDE
  if (kind === 'attic') return HOUSE_WIDE
  if (!box || target.side_id === null) return 0
  if (target.unsaid && box.side_id !== target.side_id) return 0
  const lie = lieOf(of.at, box, target, ring)
  if (!lie) return 0
  if (lie.aside > side) return 0
  if (kind === 'fixture') {
    // Inside, how far it runs under the floor; its height hardly matters.
    if (target.kind === 'wall' ? seat.inFrom > BEHIND_THE_WALL : lie.across > side) return 0
    return faded(Math.max(lie.aside, target.kind === 'wall' ? 0 : lie.across) / Math.max(1, side))
  }
  if (lie.across > inside) return 0
  const below = Math.max(0, box.bottom - target.top)
  const above = Math.max(0, target.bottom - box.top)
  if (below > down || above > up) return 0
  if (runsDown && target.kind === 'wall' && isShielded(seat, target, of.shields, ring)) return 0
  const far = Math.max(
    lie.aside / Math.max(1, side),
    below / Math.max(1, down),
    above / Math.max(1, up),
    lie.across / Math.max(1, inside),
  )
  const turns = target.kind === 'wall' && box.side_id !== target.side_id
  return faded(Math.min(1, far)) * (turns ? ROUND_THE_CORNER : 1)
}

/** Closeness by the share of a reach that is used up: 1 at the source, 0 past the end. */
export function faded(far: number): number {
  return far > 1 ? 0 : 1 - (1 - AT_THE_END) * far
}
