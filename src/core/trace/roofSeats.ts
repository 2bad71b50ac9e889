import { planWalls, wallTop, type PlanWall } from '../geometry'
import type { Feature, JobDocument, Side } from '../job'
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

function plane(side: Side, job: JobDocument, plan: readonly PlanWall[]): Seat {
  const eave = wallTop(side, job.house)
  const run = roofRun(side, plan)
  return {
    key: `roof-plane:${side.id}`,
    words: `roof over the ${side.facing}`,
    box: {
      side_id: side.id,
      left: inches(0),
      right: side.length ?? inches(0),
      bottom: eave,
      top: Math.round(eave + roofRise(side, run)) as Length,
    },
    inFrom: 0,
    inTo: run,
    feature_id: null,
    odds: 1,
  }
}

/** Each slope of the roof above an eave. None where no eave was noted. */
export function roofPlanes(job: JobDocument): Seat[] {
  const plan = measuredPlan(job)
  return job.sides.filter(hasEave).map((side) => plane(side, job, plan))
}

type OnRoof = Extract<Feature, { kind: 'on-roof' }>

/** What was drawn on the roof, of the kinds asked for. A valley runs from its foot up to the ridge. */
export function onRoofSeats(job: JobDocument, what: readonly OnRoof['what'][], kind: string): Seat[] {
  const plan = measuredPlan(job)
  return job.features.flatMap((feature): Seat[] => {
    if (feature.kind !== 'on-roof' || !what.includes(feature.what)) return []
    const side = job.sides.find((each) => each.id === feature.side_id)
    if (!side) return []
    const foot = Math.round(wallTop(side, job.house) + roofRise(side, feature.in_from_wall)) as Length
    const up = feature.what === 'valley' ? roofRun(side, plan) : feature.width
    return [
      {
        key: `${kind}:${feature.id}`,
        words: `${feature.what === 'other' ? 'fitting on the roof' : feature.what} ${side.letter}${feature.number}`,
        box: {
          side_id: side.id,
          left: feature.station,
          right: (feature.station + feature.width) as Length,
          bottom: foot,
          top: Math.round(foot + roofRise(side, up)) as Length,
        },
        inFrom: feature.in_from_wall,
        inTo: feature.in_from_wall + up,
        feature_id: feature.id,
        odds: 1,
      },
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
    const eave = wallTop(side, job.house)
    // Walked with the house on the left hand, a side ends at its right as seen from outside.
    const left = job.job.house_on === 'left' ? side.length - VALLEY_WIDE : 0
    const run = roofRun(side, plan)
    return [
      {
        key: `valley:${side.id}`,
        words: `valley between ${side.facing} and ${next.facing}`,
        box: {
          side_id: side.id,
          left: Math.max(0, left) as Length,
          right: Math.round(Math.max(0, left) + VALLEY_WIDE) as Length,
          bottom: eave,
          top: Math.round(eave + roofRise(side, run)) as Length,
        },
        inFrom: 0,
        inTo: run,
        feature_id: null,
        odds: 1,
      },
    ]
  })
  return [...drawn, ...corners]
}
