import { drawnLength, stripOrder } from '../geometry'
import type { JobDocument } from '../job'

/**
 * The walls unrolled into a ring: how far apart two places are along the outside, round corners too.
 *
 * Units: 64ths of an inch.
 */
export type Ring = {
  /** Distance along a side from the start of the ring, or null for a side that is not there. */
  readonly at: (side_id: string, station: number) => number | null
  /** Gap between two stretches, 0 where they overlap. */
  readonly gap: (a: Stretch, b: Stretch) => number
}
export type Stretch = { readonly from: number; readonly to: number }

/** Ends: with fewer than three sides, or a side not measured, the ring is open and nothing wraps round. */
export function ringOf(job: JobDocument): Ring {
  const starts = new Map<string, number>()
  let around = 0
  for (const side of stripOrder(job)) {
    starts.set(side.id, around)
    around += drawnLength(side, job)
  }
  const closed = job.sides.length >= 3 && job.sides.every((side) => side.length !== null)
  return {
    at: (side_id, station) => {
      const start = starts.get(side_id)
      return start === undefined ? null : start + station
    },
    gap: (a, b) => {
      // Worked out for every source and finding of a house: plain numbers, nothing made on the way.
      const straight = Math.max(0, a.from - b.to, b.from - a.to)
      if (!closed || straight === 0) return straight
      const forward = Math.max(0, a.from + around - b.to, b.from - a.to - around)
      const backward = Math.max(0, a.from - around - b.to, b.from - a.to + around)
      return Math.min(straight, forward, backward)
    },
  }
}
