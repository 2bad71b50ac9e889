import { planAt, type PlanWall } from './plan'

/** Something inside as one wall sees it: stretch along that wall, and how far in from it. 64ths of an inch. */
export type InsideView = {
  readonly from: number
  readonly to: number
  readonly inFrom: number
  readonly inTo: number
}

/** A run inside, along the wall it was measured from. */
export type InsideRun = {
  readonly side_id: string
  readonly from: number
  readonly to: number
  readonly inFrom: number
  readonly inTo: number
}

const longOf = (wall: PlanWall): number => Math.hypot(wall.right.x - wall.left.x, wall.right.y - wall.left.y)

/**
 * How a run inside, measured from one wall, lies to every wall of the plan: the same tub is two feet in from the left wall and
 * twenty in from the front.
 *
 * Ends: a wall whose inner face does not see it (it lies wholly outside that wall) is absent; so is everything without a plan.
 */
export function insideViews(run: InsideRun, walls: readonly PlanWall[]): ReadonlyMap<string, InsideView> {
  const own = walls.find((each) => each.side_id === run.side_id)
  if (!own) return new Map()
  const corners = [run.from, run.to].flatMap((along) =>
    [run.inFrom, run.inTo].map((inwards) => planAt(own, along, longOf(own), -inwards)),
  )
  return new Map(
    walls.flatMap((wall): [string, InsideView][] => {
      const long = longOf(wall)
      if (long === 0) return []
      const unit = { x: (wall.right.x - wall.left.x) / long, y: (wall.right.y - wall.left.y) / long }
      const seen = corners.map((point) => {
        const from = { x: point.x - wall.left.x, y: point.y - wall.left.y }
        return {
          along: from.x * unit.x + from.y * unit.y,
          inwards: -(from.x * wall.out.x + from.y * wall.out.y),
        }
      })
      const inTo = Math.max(...seen.map((each) => each.inwards))
      if (inTo < 0) return []
      return [
        [
          wall.side_id,
          {
            from: Math.min(...seen.map((each) => each.along)),
            to: Math.max(...seen.map((each) => each.along)),
            inFrom: Math.max(0, Math.min(...seen.map((each) => each.inwards))),
            inTo,
          },
        ],
      ]
    }),
  )
}

/** Gap in plan between two runs inside, both as seen from one wall. */
export function gapInside(a: InsideView, b: InsideView): number {
  return Math.hypot(
    Math.max(0, a.from - b.to, b.from - a.to),
    Math.max(0, a.inFrom - b.inTo, b.inFrom - a.inTo),
  )
}
