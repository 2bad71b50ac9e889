import type { Length } from './length'
import type { Leg } from './walkOrder'

/**
 * Spreads the closing error of a walk over its sides, so that they come back to where they began.
 *
 * Each side is corrected along the front and square to it, in proportion to how far it runs that way; so sides square to each
 * other stay square, and long sides take most of the error. Turns are recomputed for slanted sides only.
 * Units: lengths to the nearest 64th; what rounding leaves open is a few 64ths.
 * Source: the transit rule of traverse adjustment, as in surveying textbooks.
 */
export function spreadClosing(legs: readonly Leg[]): Leg[] {
  let heading = 0
  const runs = legs.map((leg) => {
    const radians = (heading * Math.PI) / 180
    heading += leg.turn_deg
    return { x: leg.length * Math.cos(radians), y: leg.length * Math.sin(radians) }
  })
  const sum = (of: (run: { x: number; y: number }) => number): number =>
    runs.reduce((total, run) => total + of(run), 0)
  const error = { x: sum((run) => run.x), y: sum((run) => run.y) }
  const along = { x: sum((run) => Math.abs(run.x)), y: sum((run) => Math.abs(run.y)) }
  const share = (part: number, off: number, whole: number): number =>
    whole === 0 ? part : part - (off * Math.abs(part)) / whole
  const spread = runs.map((run) => ({ x: share(run.x, error.x, along.x), y: share(run.y, error.y, along.y) }))
  const headings = spread.map((run) => (Math.atan2(run.y, run.x) * 180) / Math.PI)
  return spread.map((run, index) => {
    const next = headings[(index + 1) % headings.length]!
    const turn = ((next - headings[index]! + 540) % 360) - 180
    const asked = legs[index]!.turn_deg
    return {
      length: Math.round(Math.hypot(run.x, run.y)) as Length,
      // A corner that did not move keeps the very figure that was typed.
      turn_deg: Math.abs(turn - asked) < 1e-6 ? asked : Math.round(turn * 1e4) / 1e4,
    }
  })
}
