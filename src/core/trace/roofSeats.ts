import { planWalls, wallTop, type PlanWall } from '../geometry'
import { byId, type Feature, type JobDocument, type Side } from '../job'
import { feet, inches, type Length } from '../measure'
import type { Seat } from './seat'

/** How far a roof is taken to run up from the wall where the plan is not known. Our judgement. */
const ASSUMED_RUN = feet(12)

export const hasEave = (side: Side): boolean => side.roof_edge === 'eave' || side.roof_edge === 'hip'

/** Walls in plan, or none where a side was not measured: half a plan misleads. */
export function measuredPlan(job: JobDocument): readonly PlanWall[] {
  return job.sides.length >= 3 && job.sides.every((side) => side.length !== null) ? planWalls(job) : []
}

/**
 * Level run of the roof plane over a side, from its wall to the ridge: half of what lies behind the wall.
 *
 * Ends: 12 ft where the plan is not known. A shed roof runs further; nothing notes one yet.
 */
export function roofRun(side: Side, plan: readonly PlanWall[]): Length {
  const wall = plan.find((each) => each.side_id === side.id)
  if (!wall) return ASSUMED_RUN
  const behind = plan
    .flatMap((each) => [each.left, each.right])
    .map((point) => -((point.x - wall.left.x) * wall.out.x + (point.y - wall.left.y) * wall.out.y))
  return Math.round(Math.max(feet(2), ...behind) / 2) as Length
}

/** Rise of a roof over so much level run. */
export function roofRise(side: Side, level: number): number {
  return (level * side.pitch_in_12) / 12
}

/** Roof that drains to so much of the eave of a side, ft² along its slope. */
export function roofArea_ft2(side: Side, eave: number, plan: readonly PlanWall[]): number {
  const slope = Math.hypot(12, side.pitch_in_12) / 12
  return (eave / feet(1)) * ((roofRun(side, plan) + side.overhang) / feet(1)) * slope
}

/** One small downspout is reckoned to drain about this much roof. Source: common practice. */
const DRAINED_BY_ONE_FT2 = 600

/** How much likelier a gutter runs over, as odds, by the roof that each of its outlets has to drain. Our judgement. */
export function overflowOdds(area_ft2: number, outlets: number): number {
  const each = area_ft2 / Math.max(1, outlets)
  if (each > 1.5 * DRAINED_BY_ONE_FT2) return 1.8
  return each > DRAINED_BY_ONE_FT2 ? 1.4 : each < DRAINED_BY_ONE_FT2 / 3 ? 0.8 : 1
}

/** A place on the slope over a side: so wide along the eave, from so far in up a level run. */
function onSlope(of: {
  key: string
  words: string
  side: Side
  job: JobDocument
  left: number
  right: number
  inFrom: number
  run: number
  feature_id?: string
}): Seat {
  const { key, words, side, inFrom, run } = of
  const foot = wallTop(side, of.job.house) + roofRise(side, inFrom)
  return {
    key,
    words,
    box: {
      side_id: side.id,
      left: Math.round(of.left) as Length,
      right: Math.round(of.right) as Length,
      bottom: Math.round(foot) as Length,
      top: Math.round(foot + roofRise(side, run)) as Length,
    },
    inFrom,
    inTo: inFrom + run,
    feature_id: of.feature_id ?? null,
    odds: 1,
  }
}

/** Each slope of the roof above an eave. None where no eave was noted. */
export function roofPlanes(job: JobDocument): Seat[] {
  const plan = measuredPlan(job)
  return job.sides.filter(hasEave).map((side) =>
    onSlope({
      key: `roof-plane:${side.id}`,
      words: `roof over the ${side.facing}`,
      side,
      job,
      left: 0,
      right: side.length ?? 0,
      inFrom: 0,
      run: roofRun(side, plan),
    }),
  )
}

type OnRoof = Extract<Feature, { kind: 'on-roof' }>

/** What was drawn on the roof, of the kinds asked for. A valley runs from its foot up to the ridge. */
export function onRoofSeats(job: JobDocument, what: readonly OnRoof['what'][], kind: string): Seat[] {
  const plan = measuredPlan(job)
  return job.features.flatMap((feature): Seat[] => {
    if (feature.kind !== 'on-roof' || !what.includes(feature.what)) return []
    const side = byId(job.sides, feature.side_id)
    if (!side) return []
    return [
      onSlope({
        key: `${kind}:${feature.id}`,
        words: `${feature.what === 'other' ? 'fitting on the roof' : feature.what} ${side.letter}${feature.number}`,
        side,
        job,
        left: feature.station,
        right: feature.station + feature.width,
        inFrom: feature.in_from_wall,
        run: feature.what === 'valley' ? roofRun(side, plan) : feature.width,
        feature_id: feature.id,
      }),
    ]
  })
}

const VALLEY_WIDE = inches(18)

/** Valleys: those drawn, and one over each inside corner between two eaves, where two slopes must meet. */
export function valleySeats(job: JobDocument): Seat[] {
  const plan = measuredPlan(job)
  const outwards = job.job.house_on === 'left' ? 1 : -1
  const drawn = onRoofSeats(job, ['valley'], 'valley')
  const corners = job.sides.flatMap((side, index): Seat[] => {
    const next = job.sides[(index + 1) % job.sides.length]!
    const isInside = side.turn_deg * outwards < 0 && (index + 1 < job.sides.length || plan.length > 0)
    if (!isInside || !hasEave(side) || !hasEave(next) || side.length === null) return []
    // Walked with the house on the left hand, a side ends at its right as seen from outside.
    const left = job.job.house_on === 'left' ? Math.max(0, side.length - VALLEY_WIDE) : 0
    return [
      onSlope({
        key: `valley:${side.id}`,
        words: `valley between ${side.facing} and ${next.facing}`,
        side,
        job,
        left,
        right: left + VALLEY_WIDE,
        inFrom: 0,
        run: roofRun(side, plan),
      }),
    ]
  })
  return [...drawn, ...corners]
}
