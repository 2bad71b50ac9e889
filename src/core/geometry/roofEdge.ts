import type { JobDocument, Side } from '../job'
import type { Length } from '../measure'
import { drawnLength, stripOrder } from './walls'

/** The corner at one end of a side: whether the house turns away there, and the side that it turns to. */
export type Corner = { readonly outside: boolean; readonly neighbour: Side }

/** The corners at the left and the right end of a side as seen from outside; null where no other side is known. */
export function cornersOf(side: Side, job: JobDocument): { left: Corner | null; right: Corner | null } {
  const strip = stripOrder(job)
  const at = strip.findIndex((each) => each.id === side.id)
  if (strip.length < 3 || at < 0) return { left: null, right: null }
  const before = strip[(at + strip.length - 1) % strip.length]!
  const after = strip[(at + 1) % strip.length]!
  // A side's turn is at the end where its walk ends: its right end with the house on the left hand, else its left one.
  const leftHand = job.job.house_on === 'left'
  const outside = (turn_deg: number): boolean => (leftHand ? turn_deg > 0 : turn_deg < 0)
  return {
    left: { neighbour: before, outside: outside((leftHand ? before : side).turn_deg) },
    right: { neighbour: after, outside: outside((leftHand ? side : after).turn_deg) },
  }
}

/**
 * The roof edge along a side: how far it runs past the wall's left and right ends (inwards negative).
 *
 * At an outside corner it runs on under the neighbour's overhang, on a hip as on a gable; at an inside corner it stops short by it.
 * Ends: without a neighbour the side's own overhang stands in.
 */
export function eaveRun(side: Side, job: JobDocument): { from: Length; to: Length; length: Length } {
  const { left, right } = cornersOf(side, job)
  const past = (corner: Corner | null): number => {
    if (corner === null) return side.overhang
    const over = corner.neighbour.roof_edge === 'none' ? 0 : corner.neighbour.overhang
    return corner.outside ? over : 0 - over
  }
  const from = -past(left) as Length
  const to = (drawnLength(side, job) + past(right)) as Length
  return { from, to, length: Math.max(0, to - from) as Length }
}
