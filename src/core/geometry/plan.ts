import type { JobDocument, Side } from '../job'
import { feet, type Length } from '../measure'
import { drawnLength } from './walls'

/** A point of the plan, in 64ths of an inch: x to the right along the front, y away from the street. */
export type PlanPoint = { readonly x: number; readonly y: number }

/** One wall in plan, from its left end to its right end as seen from outside, and the direction that points out of the house. */
export type PlanWall = {
  readonly side_id: string
  readonly left: PlanPoint
  readonly right: PlanPoint
  readonly out: PlanPoint
}

/**
 * The walls from above, on the same stations as the strip.
 *
 * The walk runs with the house on the left hand (or on the right: its mirror), so the left end of a wall as seen from outside is
 * where a left-handed walk begins it.
 *
 * Ends: sides of unknown length are drawn as on the strip; the polygon then need not close.
 */
export function planWalls(job: JobDocument): PlanWall[] {
  const leftHand = job.job.house_on === 'left'
  let at: PlanPoint = { x: 0, y: 0 }
  let heading = 0
  return job.sides.map((side) => {
    const length = drawnLength(side, job)
    const radians = (heading * Math.PI) / 180
    const along = { x: Math.cos(radians), y: Math.sin(radians) }
    const end = { x: at.x + along.x * length, y: at.y + along.y * length }
    const wall: PlanWall = leftHand
      ? { side_id: side.id, left: at, right: end, out: { x: along.y, y: -along.x } }
      : { side_id: side.id, left: end, right: at, out: { x: -along.y, y: along.x } }
    at = end
    heading += side.turn_deg
    return wall
  })
}

/** A station of a wall in plan, so far out from it (inwards negative). */
export function planAt(wall: PlanWall, station: number, length: number, out = 0): PlanPoint {
  const share = length === 0 ? 0 : station / length
  return {
    x: wall.left.x + (wall.right.x - wall.left.x) * share + wall.out.x * out,
    y: wall.left.y + (wall.right.y - wall.left.y) * share + wall.out.y * out,
  }
}

/**
 * Area inside a closed plan, ft²: the shoelace formula over its corners.
 *
 * Ends: null with fewer than three walls or a side not measured.
 * Source: Gauss's area formula.
 */
export function planArea_ft2(job: JobDocument): number | null {
  if (job.sides.length < 3 || job.sides.some((side: Side) => side.length === null)) return null
  const corners = planWalls(job).map((wall) => (job.job.house_on === 'left' ? wall.left : wall.right))
  const twice = corners.reduce((sum, a, index) => {
    const b = corners[(index + 1) % corners.length]!
    return sum + a.x * b.y - b.x * a.y
  }, 0)
  return Math.abs(twice) / 2 / feet(1) ** 2
}

/** Middle of the plan, for names and the compass. */
export function planMiddle(walls: readonly PlanWall[]): PlanPoint {
  const many = Math.max(1, walls.length)
  return {
    x: walls.reduce((sum, wall) => sum + wall.left.x + wall.right.x, 0) / (2 * many),
    y: walls.reduce((sum, wall) => sum + wall.left.y + wall.right.y, 0) / (2 * many),
  }
}

/** Length a wall is drawn with in plan. */
export function planLength(wall: PlanWall): Length {
  return Math.round(Math.hypot(wall.right.x - wall.left.x, wall.right.y - wall.left.y)) as Length
}
